import { G, Path, Rect, Svg, Text as SvgText } from 'react-native-svg';
import type { StemMarks } from '@/core/chart/model';
import type { Size } from '@/core/curve/view';
import type { Palette } from '../theme/palette';

type Props = Readonly<{
  marks: StemMarks;
  /** The width there is; a row with many leaves makes it wider. */
  width: number;
  palette: Palette;
  large: number;
  chosen: number | null;
  onChoose: ((index: number) => void) | null;
}>;

const FACE = 'Atkinson, UlkavMath, system-ui, sans-serif';
/** Of a row and of a leaf, in pixels at the usual size of text. */
const ROW = 26;
const LEAF = 14;
const TOP = 8;
const STEM = 14;

const stemWidth = ({ rows }: StemMarks, large: number): number =>
  20 + Math.max(1, ...rows.map(({ stem }) => stem.length)) * STEM * large;

/** The room that all of it takes. */
export const stemSize = (marks: StemMarks, width: number, large: number): Size => ({
  width: Math.max(
    width,
    stemWidth(marks, large) + (2 + Math.max(0, ...marks.rows.map((r) => r.leaves.length))) * LEAF * large,
  ),
  height: TOP * 2 + marks.rows.length * ROW * large,
});

/** Stems beside a rule, and their leaves in order behind it. */
export function StemPicture({ marks, width, palette, large, chosen, onChoose }: Props) {
  const whole = stemSize(marks, width, large);
  const left = stemWidth(marks, large);
  const baseline = (row: number): number => TOP + (row + 0.7) * ROW * large;
  let first = 0;
  return (
    <Svg width={whole.width} height={whole.height}>
      <Path d={`M${left} ${TOP}V${whole.height - TOP}`} stroke={palette.ink} strokeWidth={1.4} fill="none" />
      {marks.rows.map(({ stem, leaves }, row) => {
        const from = first;
        first += leaves.length;
        const text = { fontFamily: FACE, fontSize: 17 * large };
        const placed = (x: number): string => `translate(${x} ${baseline(row)})`;
        return (
          <G key={stem}>
            <SvgText
              {...text}
              transform={placed(left - 10 * large)}
              fill={palette.ink}
              textAnchor="end"
              fontWeight="700"
            >
              {stem}
            </SvgText>
            {leaves.map((leaf, i) => {
              const isChosen = from + i === chosen;
              const x = left + (i + 1) * LEAF * large;
              return (
                <G key={i} {...(onChoose === null ? {} : { onPress: () => onChoose(from + i) })}>
                  <Rect
                    transform={`translate(${x - (LEAF / 2) * large} ${TOP + row * ROW * large})`}
                    width={LEAF * large}
                    height={ROW * large}
                    fill={isChosen ? palette.accent : palette.paper}
                    fillOpacity={isChosen ? 0.3 : 0}
                  />
                  <SvgText
                    {...text}
                    transform={placed(x)}
                    fill={isChosen ? palette.ink : palette.answer}
                    textAnchor="middle"
                  >
                    {leaf}
                  </SvgText>
                </G>
              );
            })}
          </G>
        );
      })}
    </Svg>
  );
}
