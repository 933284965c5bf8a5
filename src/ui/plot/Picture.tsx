import { memo, useMemo } from 'react';
import { G, Path, Rect, Svg, Text as SvgText } from 'react-native-svg';
import type { Frame } from '@/core/curve/plane';
import type { DecimalSign } from '@/core/language/numerals';
import type { Palette } from '../theme/palette';
import { seriesStyle } from './looks';
import { shapePaths, shapeTexts } from './marks';
import type { ShownMarks } from './marks';
import { axisTitle, ruled } from './paper';
import type { AxisLook } from './paper';

/*
 * What is drawn of a plot, layer by layer, in the pixels of a frame. The screen shows it on a sheet that is larger than
 * what is in sight; the file that is saved holds the same for what is in sight alone.
 */

/** A curve as it was drawn into a frame. */
export type PlotCurve = Readonly<{ id: string; path: string; look: number }>;
/** A point found: a numbered cross. */
export type NumberedPoint = Readonly<{ x: number; y: number; number: number; isChosen: boolean }>;

export type Drawing = Readonly<{ frame: Frame; curves: readonly PlotCurve[] }>;

/** The part of a frame that is in sight, in its pixels. */
export type Seen = Readonly<{ left: number; top: number; right: number; bottom: number }>;

export type Pictured = Readonly<{
  drawing: Drawing;
  x: AxisLook;
  y: AxisLook;
  decimalSign: DecimalSign;
  numbered: readonly NumberedPoint[];
  /** What a chart draws below the curves; null for none. */
  shown: ShownMarks | null;
  /** How large text is, beside its usual size. */
  large: number;
}>;

type Coloured = Readonly<{ palette: Palette }>;

const FACE = 'Atkinson, UlkavMath, system-ui, sans-serif';

type LabelProps = Coloured &
  Readonly<{
    at: Readonly<{ x: number; y: number }>;
    text: string;
    colour: keyof Palette;
    size: number;
    anchor?: 'start' | 'middle' | 'end';
    isBold?: boolean;
  }>;

/** Text that the paper shows around, so that lines do not run through it. */
function Label({ at, text, colour, size, anchor = 'start', isBold = false, palette }: LabelProps) {
  return (
    <SvgText
      transform={`translate(${at.x} ${at.y})`}
      fill={palette[colour]}
      stroke={palette.paper}
      strokeWidth={4}
      fontFamily={FACE}
      fontSize={size}
      textAnchor={anchor}
      {...(isBold ? { fontWeight: '700' } : {})}
      {...{ paintOrder: 'stroke' }}
    >
      {text}
    </SvgText>
  );
}

type PaperProps = Readonly<{ frame: Frame; seen: Seen }> &
  Pick<Pictured, 'x' | 'y' | 'decimalSign' | 'large'> &
  Coloured;

/** Squared paper with its axes. */
const Paper = memo(function Paper({ frame, x, y, decimalSign, seen, large, palette }: PaperProps) {
  const { fine, main, axes, labels } = useMemo(
    () => ruled(frame, x, y, decimalSign, seen, large),
    [frame, x, y, decimalSign, seen, large],
  );
  return (
    <G>
      <Path d={fine} stroke={palette.grid} strokeWidth={1} fill="none" />
      <Path d={main} stroke={palette.rule} strokeWidth={1} fill="none" />
      <Path d={axes} stroke={palette.ink} strokeWidth={1.4} fill="none" />
      {labels.map(({ text, axis, ...at }) => (
        <Label
          key={`${axis}${text}`}
          at={at}
          text={text}
          colour="muted"
          size={12 * large}
          anchor={axis === 'x' ? 'middle' : 'end'}
          palette={palette}
        />
      ))}
    </G>
  );
});

/** Points, bars and boxes of a chart. */
const Shapes = memo(function Shapes({
  frame,
  shown,
  large,
  palette,
}: Readonly<{ frame: Frame; shown: ShownMarks; large: number }> & Coloured) {
  const paths = useMemo(() => shapePaths(shown, frame), [shown, frame]);
  const texts = useMemo(() => shapeTexts(shown, frame), [shown, frame]);
  return (
    <G>
      {paths.map(({ id, d, fill, stroke, width, opacity }) => (
        <Path
          key={id}
          d={d}
          fill={fill === null ? 'none' : palette[fill]}
          fillOpacity={opacity}
          stroke={stroke === null ? 'none' : palette[stroke]}
          strokeWidth={width}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
      {texts.map(({ text, x, y }, i) => (
        <Label key={i} at={{ x, y }} text={text} colour="ink" size={13 * large} palette={palette} />
      ))}
    </G>
  );
});

const Curves = memo(function Curves({ curves, palette }: Pick<Drawing, 'curves'> & Coloured) {
  return (
    <G>
      {curves.map(({ id, path, look }) => {
        const { colour, dash, width } = seriesStyle(look);
        return (
          <Path
            key={id}
            d={path}
            stroke={palette[colour]}
            strokeWidth={width}
            fill="none"
            {...(dash === '' ? {} : { strokeDasharray: dash })}
          />
        );
      })}
    </G>
  );
});

type NumberedProps = Readonly<{ frame: Frame }> & Pick<Pictured, 'numbered' | 'large'> & Coloured;

const Numbered = memo(function Numbered({ frame, numbered, large, palette }: NumberedProps) {
  const { xFrom, xTo, yFrom, yTo, width, height } = frame;
  return (
    <G>
      {numbered.map(({ x, y, number, isChosen }) => {
        const [left, top] = [((x - xFrom) / (xTo - xFrom)) * width, ((yTo - y) / (yTo - yFrom)) * height];
        const arm = isChosen ? 8 : 5;
        const colour = isChosen ? 'accent' : 'ink';
        const strokes = `M${left - arm} ${top - arm}l${2 * arm} ${2 * arm}m${-2 * arm} 0l${2 * arm} ${-2 * arm}`;
        return (
          <G key={number}>
            <Path d={strokes} stroke={palette[colour]} strokeWidth={isChosen ? 2.6 : 1.8} fill="none" />
            <Label
              at={{ x: left + arm + 3, y: top - arm + 2 }}
              text={String(number)}
              colour={colour}
              size={12 * large}
              isBold
              palette={palette}
            />
          </G>
        );
      })}
    </G>
  );
});

type TitlesProps = Pick<Pictured, 'x' | 'y' | 'large'> & Coloured & Readonly<{ right: number; top: number }>;

/** What the axes mean, at the upper right. */
export function AxisTitles({ x, y, large, right, top, palette }: TitlesProps) {
  const titles = [`→ ${axisTitle(x)}`, ...(y.ticks === 'none' ? [] : [`↑ ${axisTitle(y)}`])];
  return (
    <G>
      {titles.map((title, i) => (
        <Label
          key={title}
          at={{ x: right, y: top + (13 + i * 17) * large }}
          text={title}
          colour="ink"
          size={13 * large}
          anchor="end"
          palette={palette}
        />
      ))}
    </G>
  );
}

type SheetProps = Omit<Pictured, 'decimalSign'> & Pick<PaperProps, 'decimalSign' | 'seen'> & Coloured;

function Layers({ drawing, x, y, decimalSign, seen, numbered, shown, large, palette }: SheetProps) {
  const { frame, curves } = drawing;
  return (
    <>
      <Paper frame={frame} x={x} y={y} decimalSign={decimalSign} seen={seen} large={large} palette={palette} />
      {shown === null ? null : <Shapes frame={frame} shown={shown} large={large} palette={palette} />}
      <Curves curves={curves} palette={palette} />
      {numbered.length === 0 ? null : <Numbered frame={frame} numbered={numbered} large={large} palette={palette} />}
    </>
  );
}

const AT_ORIGIN = { position: 'absolute', left: 0, top: 0 } as const;

/** All of it on the sheet of the screen. */
export function PlotSheet(props: SheetProps) {
  const { width, height } = props.drawing.frame;
  return (
    <Svg width={width} height={height} style={AT_ORIGIN}>
      <Layers {...props} />
    </Svg>
  );
}

/** All of it as a drawing by itself, with its paper and the titles of its axes. */
export function PlotPicture(props: Pictured & Coloured) {
  const { drawing, x, y, large, palette } = props;
  const { width, height } = drawing.frame;
  const seen = { left: 0, top: 0, right: width, bottom: height };
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`}>
      <Rect width={width} height={height} fill={palette.paper} />
      <Layers {...props} seen={seen} />
      <AxisTitles x={x} y={y} large={large} right={width - 8} top={5} palette={palette} />
    </Svg>
  );
}
