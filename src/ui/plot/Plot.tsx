import { View, useTheme } from '@tamagui/core';
import { memo, useCallback, useLayoutEffect, useMemo, useRef } from 'react';
import type { KeyboardEvent, ReactNode } from 'react';
import { Circle, G, Path, Svg, Text as SvgText } from 'react-native-svg';
import type { Frame } from '@/core/curve/plane';
import type { Size, ViewRange } from '@/core/curve/view';
import type { DecimalSign } from '@/core/language/numerals';
import { words } from '@/text/labels';
import { Shapes } from './Shapes';
import { seriesStyle } from './looks';
import { axisTitle, ruled } from './paper';
import type { AxisLook } from './paper';
import type { PlotShapes } from './shapes';
import { useGestures } from './use-gestures';
import type { Gestures } from './use-gestures';

/** A curve as it was drawn into a frame. */
export type PlotCurve = Readonly<{ id: string; path: string; look: number }>;
/** A point found: a numbered cross. */
export type PlotMark = Readonly<{ x: number; y: number; number: number; isChosen: boolean }>;

export type Drawing = Readonly<{ frame: Frame; curves: readonly PlotCurve[] }>;

type Props = Readonly<{
  size: Size;
  view: ViewRange;
  drawing: Drawing;
  x: AxisLook;
  y: AxisLook;
  decimalSign: DecimalSign;
  marks: readonly PlotMark[];
  /** What a chart draws below the curves; null for none. */
  shapes: PlotShapes | null;
  name?: string;
  /** How large text is, beside its usual size. */
  large: number;
  /** The point that is followed, in units of the axes. */
  point: Readonly<{ x: number; y: number; look: number }> | null;
  gestures: Gestures;
  /** What the whole of it shows, for those who do not see it. */
  describedBy: string;
  onKey: (event: KeyboardEvent) => void;
  children?: ReactNode;
}>;

const FACE = 'Atkinson, UlkavMath, system-ui, sans-serif';

/** Squared paper with its axes. */
const Paper = memo(function Paper({
  frame,
  x,
  y,
  decimalSign,
  seen,
  large,
}: Readonly<{ frame: Frame; seen: Seen }> & Pick<Props, 'x' | 'y' | 'decimalSign' | 'large'>) {
  const theme = useTheme();
  const { fine, main, axes, labels } = useMemo(
    () => ruled(frame, x, y, decimalSign, seen, large),
    [frame, x, y, decimalSign, seen, large],
  );
  return (
    <Svg width={frame.width} height={frame.height} style={{ position: 'absolute', left: 0, top: 0 }}>
      <Path d={fine} stroke={theme.grid.get()} strokeWidth={1} fill="none" />
      <Path d={main} stroke={theme.rule.get()} strokeWidth={1} fill="none" />
      <Path d={axes} stroke={theme.ink.get()} strokeWidth={1.4} fill="none" />
      {labels.map(({ x: left, y: top, text, axis }) => (
        <SvgText
          key={`${axis}${text}`}
          transform={`translate(${left} ${top})`}
          fill={theme.muted.get()}
          stroke={theme.paper.get()}
          strokeWidth={4}
          fontFamily={FACE}
          fontSize={12 * large}
          textAnchor={axis === 'x' ? 'middle' : 'end'}
          // The paper shows around a label, so that lines do not run through it.
          {...{ paintOrder: 'stroke' }}
        >
          {text}
        </SvgText>
      ))}
    </Svg>
  );
});

const Curves = memo(function Curves({ frame, curves }: Pick<Drawing, 'frame' | 'curves'>) {
  const theme = useTheme();
  return (
    <Svg width={frame.width} height={frame.height} style={{ position: 'absolute', left: 0, top: 0 }}>
      {curves.map(({ id, path, look }) => {
        const { colour, dash, width } = seriesStyle(look);
        return (
          <Path
            key={id}
            d={path}
            stroke={theme[colour].get()}
            strokeWidth={width}
            fill="none"
            {...(dash === '' ? {} : { strokeDasharray: dash })}
          />
        );
      })}
    </Svg>
  );
});

const Marks = memo(function Marks({
  frame,
  marks,
  large,
}: Readonly<{ frame: Frame }> & Pick<Props, 'marks' | 'large'>) {
  const theme = useTheme();
  const { xFrom, xTo, yFrom, yTo, width, height } = frame;
  return (
    <Svg width={width} height={height} style={{ position: 'absolute', left: 0, top: 0 }}>
      {marks.map(({ x, y, number, isChosen }) => {
        const [left, top] = [((x - xFrom) / (xTo - xFrom)) * width, ((yTo - y) / (yTo - yFrom)) * height];
        const arm = isChosen ? 8 : 5;
        const colour = isChosen ? theme.accent.get() : theme.ink.get();
        return (
          <G key={number}>
            <Path
              d={`M${left - arm} ${top - arm}L${left + arm} ${top + arm}M${left - arm} ${top + arm}L${left + arm} ${top - arm}`}
              stroke={colour}
              strokeWidth={isChosen ? 2.6 : 1.8}
            />
            <SvgText
              transform={`translate(${left + arm + 3} ${top - arm + 2})`}
              fill={colour}
              stroke={theme.paper.get()}
              strokeWidth={4}
              {...{ paintOrder: 'stroke' }}
              fontFamily={FACE}
              fontSize={12 * large}
              fontWeight="700"
            >
              {number}
            </SvgText>
          </G>
        );
      })}
    </Svg>
  );
});

type Seen = Readonly<{ left: number; top: number; right: number; bottom: number }>;

/** How a sheet drawn for a frame is to lie so that a view is in sight. */
function lying({ xFrom, xTo, yFrom, yTo, width, height }: Frame, view: ViewRange, size: Size): string {
  const [perX, perY] = [size.width / (view.xTo - view.xFrom), size.height / (view.yTo - view.yFrom)];
  const [scaleX, scaleY] = [(perX * (xTo - xFrom)) / width, (perY * (yTo - yFrom)) / height];
  const [left, top] = [(xFrom - view.xFrom) * perX, (view.yTo - yTo) * perY];
  return `translate(${left}px, ${top}px) scale(${scaleX}, ${scaleY})`;
}

/**
 * The plot: squared paper and curves on a sheet that is larger than what is in sight. Dragging and pinching only move
 * that sheet; what it shows is drawn anew when there is need.
 */
export function Plot(props: Props) {
  const { size, view, drawing, marks, shapes, point, gestures, describedBy, onKey, children } = props;
  const { frame } = drawing;
  const theme = useTheme();
  const area = useRef<HTMLElement | null>(null);
  const sheet = useRef<HTMLElement | null>(null);
  const dot = useRef<HTMLElement | null>(null);
  const live = useRef(view);

  const lay = useCallback(() => {
    const now = live.current;
    if (sheet.current) sheet.current.style.transform = lying(frame, now, size);
    if (dot.current === null || point === null) return;
    const left = ((point.x - now.xFrom) / (now.xTo - now.xFrom)) * size.width;
    const top = ((now.yTo - point.y) / (now.yTo - now.yFrom)) * size.height;
    dot.current.style.transform = `translate(${left}px, ${Math.max(-30, Math.min(size.height + 30, top))}px)`;
  }, [frame, size, point]);

  useLayoutEffect(() => {
    live.current = view;
  }, [view]);
  useLayoutEffect(lay, [lay, view]);

  useGestures(area, view, size, {
    ...gestures,
    onLive: (next) => {
      live.current = next;
      lay();
      gestures.onLive(next);
    },
  });

  // Where the labels stand is settled by the view for which the sheet was drawn: the middle of its frame.
  const seen = useMemo(() => {
    const [left, top] = [(frame.width - size.width) / 2, (frame.height - size.height) / 2];
    return { left, top, right: left + size.width, bottom: top + size.height };
  }, [frame, size]);

  return (
    <View
      ref={area as never}
      position="absolute"
      top={0}
      left={0}
      width={size.width}
      height={size.height}
      overflow="hidden"
      className="plot"
      backgroundColor="$paper"
      role="application"
      aria-label={props.name ?? words.graph}
      aria-describedby={describedBy}
      tabIndex={0}
      onKeyDown={onKey}
      focusVisibleStyle={{ outlineWidth: 3, outlineStyle: 'solid', outlineColor: '$accent', outlineOffset: -3 }}
    >
      <View
        ref={sheet as never}
        aria-hidden
        position="absolute"
        top={0}
        left={0}
        width={frame.width}
        height={frame.height}
        className="plot-sheet"
      >
        <Paper frame={frame} x={props.x} y={props.y} decimalSign={props.decimalSign} seen={seen} large={props.large} />
        {shapes === null ? null : <Shapes frame={frame} shapes={shapes} />}
        <Curves frame={frame} curves={drawing.curves} />
        {marks.length === 0 ? null : <Marks frame={frame} marks={marks} large={props.large} />}
      </View>
      {point === null ? null : (
        <View ref={dot as never} aria-hidden position="absolute" top={0} left={0} className="plot-sheet">
          <Svg width={44} height={44} style={{ marginLeft: -22, marginTop: -22 }}>
            <Circle cx={22} cy={22} r={13} fill="none" stroke={theme.accent.get()} strokeWidth={2} />
            <Circle cx={22} cy={22} r={4} fill={theme[seriesStyle(point.look).colour].get()} />
          </Svg>
        </View>
      )}
      <View position="absolute" right={6} top={6} pointerEvents="none" aria-hidden>
        <AxisTitles x={props.x} y={props.y} large={props.large} />
      </View>
      {children}
    </View>
  );
}

/** What the axes mean, where they carry more than their letters. */
function AxisTitles({ x, y, large }: Pick<Props, 'x' | 'y' | 'large'>) {
  const theme = useTheme();
  const titles = [`→ ${axisTitle(x)}`, ...(y.labels === null ? [] : [`↑ ${axisTitle(y)}`])];
  const isPlain = axisTitle(x) === 'x' && axisTitle(y) === 'y';
  if (isPlain) return null;
  return (
    <Svg width={180 * large} height={34 * large}>
      {titles.map((title, i) => (
        <SvgText
          key={title}
          transform={`translate(${180 * large - 2} ${(13 + i * 17) * large})`}
          textAnchor="end"
          fill={theme.ink.get()}
          stroke={theme.paper.get()}
          strokeWidth={4}
          {...{ paintOrder: 'stroke' }}
          fontFamily={FACE}
          fontSize={13 * large}
        >
          {title}
        </SvgText>
      ))}
    </Svg>
  );
}
