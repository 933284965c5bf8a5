import { G, Rect, Svg, Text as SvgText } from 'react-native-svg';
import type { Palette } from '../theme/palette';
import type { GroupLook } from './group-look';

type Props = Readonly<{
  names: readonly string[];
  looks: readonly GroupLook[];
  width: number;
  large: number;
  palette: Palette;
  /** One below the other, else side by side. */
  isStacked?: boolean;
}>;

const FACE = 'Atkinson, UlkavMath, system-ui, sans-serif';
export const LEGEND_HEIGHT = 24;
const CHARACTER = 8;
const BESIDE = 36;

/** What the looks of groups stand for. */
export function Legend({ names, looks, width, large, palette, isStacked = false }: Props) {
  let x = 8;
  let row = 0;
  const items = names.map((name, i) => {
    const needs = (BESIDE + name.length * CHARACTER) * large;
    if (i > 0 && (isStacked || x + needs > width)) {
      row += 1;
      x = 8;
    }
    const at = { x, y: row * LEGEND_HEIGHT * large };
    x += needs;
    return { name, at, look: looks[i] };
  });
  return (
    <Svg width={width} height={(row + 1) * LEGEND_HEIGHT * large}>
      {items.map(({ name, at, look }, i) => (
        <G key={i}>
          <Rect
            transform={`translate(${at.x} ${at.y + 5 * large})`}
            width={14 * large}
            height={14 * large}
            fill={look?.fill ?? palette.ink}
            fillOpacity={look?.opacity ?? 1}
            stroke={look?.fill ?? palette.ink}
          />
          <SvgText
            transform={`translate(${at.x + 20 * large} ${at.y + 17 * large})`}
            fill={palette.ink}
            fontFamily={FACE}
            fontSize={13 * large}
          >
            {name}
          </SvgText>
        </G>
      ))}
    </Svg>
  );
}
