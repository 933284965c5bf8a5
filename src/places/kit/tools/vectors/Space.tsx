import { View, useTheme } from '@tamagui/core';
import { useState } from 'react';
import { Line, Path, Svg, Text as SvgText } from 'react-native-svg';
import type { LayoutChangeEvent } from 'react-native';
import { vectorText, vectorWords } from '@/text/kit/vectors';
import { ringWithin } from '@/ui/theme/look';
import { Button } from '@/ui/control/Button';
import { seriesStyle } from '@/ui/plot/looks';
import { usePalette } from '@/ui/theme/use-palette';
import { Words } from '@/ui/theme/text';
import { arrowPath } from './arrow';
import type { Arrow, Place } from './arrow';

type Point = readonly number[];

type Turn = Readonly<{ around: number; over: number }>;

/** From the right and above, as axes are drawn on paper. */
const FIRST: Turn = { around: -0.6, over: 0.4 };
const HEIGHT = 300;
/** The least length of an axis, as a share of how far the drawing reaches; pixels left free at the edges. */
const SHORTEST = 0.4;
const EDGE = 24;
const ORIGIN: Point = [0, 0, 0];
const STEP = 0.12;
const PER_PIXEL = 0.01;

/** A point of space on the paper: turned around the z axis, then seen from above. */
function seen([x = 0, y = 0, z = 0]: Point, { around, over }: Turn): readonly [number, number] {
  const [a, b] = [x * Math.cos(around) - y * Math.sin(around), x * Math.sin(around) + y * Math.cos(around)];
  return [a, z * Math.cos(over) + b * Math.sin(over)];
}

const axes: readonly Readonly<{ name: string; to: Point }>[] = [
  { name: 'x', to: [1, 0, 0] },
  { name: 'y', to: [0, 1, 0] },
  { name: 'z', to: [0, 0, 1] },
];

/** Vectors in space, turned by a drag or by the arrow keys. */
export function Space({ arrows }: Readonly<{ arrows: readonly Arrow[] }>) {
  const [width, setWidth] = useState(340);
  const [turn, setTurn] = useState<Turn>(FIRST);
  const [held, setHeld] = useState<Readonly<{ x: number; y: number; turn: Turn }> | null>(null);
  const palette = usePalette();
  const theme = useTheme();
  // Turned about the middle of all that is drawn, so that nothing leaves the paper.
  const points = [ORIGIN, ...arrows.flatMap(({ from, to }) => [from, to])];
  const middle = ORIGIN.map((_, k) => {
    const parts = points.map((point) => point[k] ?? 0);
    return (Math.min(...parts) + Math.max(...parts)) / 2;
  });
  const apart = (point: Point): number => Math.hypot(...middle.map((m, k) => (point[k] ?? 0) - m));
  const reach = Math.max(...points.map(apart)) || 1;
  const scale = (Math.min(width, HEIGHT) / 2 - EDGE) / reach;
  const at = (point: Point): Place => {
    const [x, y] = seen(
      middle.map((m, k) => (point[k] ?? 0) - m),
      turn,
    );
    return [width / 2 + x * scale, HEIGHT / 2 - y * scale];
  };
  const ends = axes.map(({ name, to }) => {
    const k = to.indexOf(1);
    const length = Math.max(SHORTEST * reach, ...points.map((point) => point[k] ?? 0));
    return { name, to: to.map((part) => part * length), beyond: to.map((part) => part * (length + reach / 14)) };
  });
  const turned = (from: Turn, around: number, over: number): Turn => ({
    around: from.around + around,
    over: Math.max(-Math.PI / 2, Math.min(Math.PI / 2, from.over + over)),
  });
  const strokes: Readonly<Record<string, readonly [number, number]>> = {
    ArrowLeft: [-STEP, 0],
    ArrowRight: [STEP, 0],
    ArrowUp: [0, -STEP],
    ArrowDown: [0, STEP],
  };
  const onLayout = ({ nativeEvent: { layout } }: LayoutChangeEvent): void => {
    if (layout.width > 0) setWidth(Math.round(layout.width));
  };
  type Pointer = Readonly<{ clientX: number; clientY: number; pointerId: number; currentTarget: Element }>;
  const pointer = {
    onPointerDown: (event: Pointer) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      setHeld({ x: event.clientX, y: event.clientY, turn });
    },
    onPointerMove: ({ clientX, clientY }: Pointer) => {
      if (held !== null) setTurn(turned(held.turn, (clientX - held.x) * PER_PIXEL, (clientY - held.y) * PER_PIXEL));
    },
    onPointerUp: () => setHeld(null),
    onPointerCancel: () => setHeld(null),
  };
  const told = arrows.filter(({ hasHead }) => hasHead).map(({ id, to }) => vectorText(id, to));
  return (
    <View gap="$1">
      <View
        height={HEIGHT}
        borderWidth={1}
        borderColor="$rule"
        className="paper-grid plot"
        role="application"
        aria-label={`${vectorWords.picture}: ${told.join(', ')}`}
        tabIndex={0}
        {...ringWithin}
        onLayout={onLayout}
        {...pointer}
        onKeyDown={(event: { key: string; preventDefault: () => void }) => {
          const by = strokes[event.key];
          if (by === undefined) return;
          event.preventDefault();
          setTurn(turned(turn, ...by));
        }}
      >
        <Svg width={width} height={HEIGHT} aria-hidden>
          {ends.map(({ name, to }) => {
            const [[x, y], [a, b]] = [at(ORIGIN), at(to)];
            return <Line key={name} x1={x} y1={y} x2={a} y2={b} stroke={palette.muted} strokeWidth={1.2} />;
          })}
          {ends.map(({ name, beyond }) => {
            const [a, b] = at(beyond);
            return (
              <SvgText
                key={name}
                transform={`translate(${a} ${b + 4})`}
                fill={theme.muted.get()}
                fontSize={13}
                textAnchor="middle"
              >
                {name}
              </SvgText>
            );
          })}
          {arrows.map((arrow) => {
            const { colour, dash, width: stroke } = seriesStyle(arrow.look);
            return (
              <Path
                key={arrow.id}
                d={arrowPath(at(arrow.from), at(arrow.to), arrow.hasHead)}
                stroke={palette[colour]}
                strokeWidth={stroke}
                fill="none"
                {...(dash === '' ? {} : { strokeDasharray: dash })}
              />
            );
          })}
          {arrows
            .filter(({ hasHead }) => hasHead)
            .map((arrow) => {
              const [a, b] = at(arrow.to);
              return (
                <SvgText
                  key={arrow.id}
                  transform={`translate(${a + 7} ${b - 5})`}
                  fill={palette.ink}
                  stroke={palette.paper}
                  strokeWidth={3}
                  {...{ paintOrder: 'stroke' }}
                  fontSize={15}
                  fontWeight="700"
                >
                  {arrow.id}
                </SvgText>
              );
            })}
        </Svg>
      </View>
      <View flexDirection="row" alignItems="center" gap="$2">
        <Words size="medium" tone="muted" flex={1}>
          {vectorWords.spaceNote}
        </Words>
        <Button isTight onPress={() => setTurn(FIRST)}>
          {vectorWords.fit}
        </Button>
      </View>
    </View>
  );
}
