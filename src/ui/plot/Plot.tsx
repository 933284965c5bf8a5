import { View } from '@tamagui/core';
import { useCallback, useLayoutEffect, useMemo, useRef } from 'react';
import type { KeyboardEvent, ReactNode } from 'react';
import { Circle, Svg } from 'react-native-svg';
import type { Frame } from '@/core/curve/plane';
import type { Size, ViewRange } from '@/core/curve/view';
import { words } from '@/text/labels';
import { ringWithin } from '../theme/look';
import type { Palette } from '../theme/palette';
import { usePalette } from '../theme/use-palette';
import { AxisTitles, PlotSheet } from './Picture';
import type { Pictured } from './Picture';
import { seriesStyle } from './looks';
import { axisTitle } from './paper';
import { useGestures } from './use-gestures';
import type { Gestures } from './use-gestures';

type Props = Pictured &
  Readonly<{
    size: Size;
    view: ViewRange;
    name?: string;
    /** The point that is followed, in units of the axes. */
    point: Readonly<{ x: number; y: number; look: number }> | null;
    gestures: Gestures;
    /** What the whole of it shows, for those who do not see it. */
    describedBy: string;
    onKey: (event: KeyboardEvent) => void;
    children?: ReactNode;
  }>;

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
  const { size, view, drawing, point, gestures, describedBy, onKey, children } = props;
  const { frame } = drawing;
  const palette = usePalette();
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
      {...ringWithin}
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
        <PlotSheet
          drawing={drawing}
          x={props.x}
          y={props.y}
          decimalSign={props.decimalSign}
          seen={seen}
          numbered={props.numbered}
          shown={props.shown}
          large={props.large}
          palette={palette}
        />
      </View>
      {point === null ? null : (
        <View ref={dot as never} aria-hidden position="absolute" top={0} left={0} className="plot-sheet">
          <Svg width={44} height={44} style={{ marginLeft: -22, marginTop: -22 }}>
            <Circle cx={22} cy={22} r={13} fill="none" stroke={palette.accent} strokeWidth={2} />
            <Circle cx={22} cy={22} r={4} fill={palette[seriesStyle(point.look).colour]} />
          </Svg>
        </View>
      )}
      <View position="absolute" right={6} top={6} pointerEvents="none" aria-hidden>
        <Titles x={props.x} y={props.y} large={props.large} palette={palette} />
      </View>
      {children}
    </View>
  );
}

/** What the axes mean, where they carry more than their letters. */
function Titles({ x, y, large, palette }: Pick<Props, 'x' | 'y' | 'large'> & Readonly<{ palette: Palette }>) {
  if (axisTitle(x) === 'x' && axisTitle(y) === 'y') return null;
  return (
    <Svg width={180 * large} height={34 * large}>
      <AxisTitles x={x} y={y} large={large} right={180 * large - 2} top={0} palette={palette} />
    </Svg>
  );
}
