import { View } from '@tamagui/core';
import { useCallback, useMemo, useRef, useState } from 'react';
import type { LayoutChangeEvent } from 'react-native';
import type { Size, ViewRange } from '@/core/curve/view';
import { useStore } from '@/state/app-store';
import { vectorText, vectorWords } from '@/text/kit/vectors';
import { Plot } from '@/ui/plot/Plot';
import { Words } from '@/ui/theme/text';
import { arrowPath } from './arrow';
import type { Arrow, Place } from './arrow';

const DESCRIPTION = 'vectors-text';
/** How near to a tip a finger has to come, in pixels. */
const REACH = 30;
/** Room around what is drawn, as a share of it. */
const ROOM = 0.16;

const AXES = { x: { name: 'x', unit: '', ticks: 'decimal' }, y: { name: 'y', unit: '', ticks: 'decimal' } } as const;

/** The view that takes in all arrows and the origin, both axes to the same scale. */
function viewOf(arrows: readonly Arrow[], { width, height }: Size): ViewRange {
  const xs = [0, ...arrows.flatMap(({ from: [x = 0], to: [a = 0] }) => [x, a])];
  const ys = [0, ...arrows.flatMap(({ from: [, y = 0], to: [, b = 0] }) => [y, b])];
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [low, high] = [Math.min(...ys), Math.max(...ys)];
  const unit = Math.max((right - left) / width, (high - low) / height, 2 / Math.max(width, height)) * (1 + 2 * ROOM);
  const [x, y] = [(left + right) / 2, (low + high) / 2];
  return {
    xFrom: x - (unit * width) / 2,
    xTo: x + (unit * width) / 2,
    yFrom: y - (unit * height) / 2,
    yTo: y + (unit * height) / 2,
  };
}

/** A step of the paper to which a tip that is dragged is put: one of 1, 2, 5 times a power of ten, some pixels wide. */
function snapOf(view: ViewRange, { width }: Size): number {
  const least = ((view.xTo - view.xFrom) / width) * 6;
  const power = 10 ** Math.floor(Math.log10(least));
  return [1, 2, 5, 10].map((by) => by * power).find((step) => step >= least) ?? 10 * power;
}

type Props = Readonly<{
  arrows: readonly Arrow[];
  /** Puts the tip of a vector somewhere; null where tips cannot be dragged. */
  onDrag: ((id: string, x: string, y: string) => void) | null;
  canDrag: (id: string) => boolean;
}>;

/** Vectors of the plane on squared paper. */
export function Plane({ arrows, onDrag, canDrag }: Props) {
  const [size, setSize] = useState<Size>({ width: 340, height: 300 });
  const settings = useStore((s) => s.settings);
  const [held, setHeld] = useState<Readonly<{ id: string; view: ViewRange }> | null>(null);
  const holding = useRef<Readonly<{ id: string; view: ViewRange }> | null>(null);
  const fitted = useMemo(() => viewOf(arrows, size), [arrows, size]);
  // The paper stays where it is while a tip is dragged.
  const view = held?.view ?? fitted;
  const onLayout = ({ nativeEvent: { layout } }: LayoutChangeEvent): void => {
    const next = { width: Math.round(layout.width), height: Math.round(layout.height) };
    if (next.width > 0 && next.height > 0 && (next.width !== size.width || next.height !== size.height)) setSize(next);
  };
  const atX = useCallback((x: number) => ((x - view.xFrom) / (view.xTo - view.xFrom)) * size.width, [view, size]);
  const atY = useCallback((y: number) => ((view.yTo - y) / (view.yTo - view.yFrom)) * size.height, [view, size]);
  const placeOf = useCallback(([x = 0, y = 0]: readonly number[]): Place => [atX(x), atY(y)], [atX, atY]);
  const drawing = useMemo(
    () => ({
      frame: { ...view, ...size },
      curves: arrows.map(({ id, from, to, look, hasHead }) => ({
        id,
        path: arrowPath(placeOf(from), placeOf(to), hasHead),
        look,
      })),
    }),
    [arrows, view, size, placeOf],
  );

  const drag = (at: Readonly<{ x: number; y: number }>): void => {
    const nearest = (): string | null => {
      const tips = arrows
        .filter(({ id }) => canDrag(id))
        .map(({ id, to }) => {
          const [left, top] = placeOf(to);
          return { id, apart: Math.hypot(left - at.x, top - at.y) };
        })
        .sort((a, b) => a.apart - b.apart);
      const [first] = tips;
      return first !== undefined && first.apart <= REACH ? first.id : null;
    };
    if (holding.current === null) {
      const id = nearest();
      if (id === null) return;
      holding.current = { id, view };
      setHeld(holding.current);
    }
    const { id, view: paper } = holding.current;
    const step = snapOf(paper, size);
    const places = Math.max(0, -Math.floor(Math.log10(step)));
    const put = (v: number): string => {
      const text = (Math.round(v / step) * step).toFixed(places);
      return Number(text) === 0 ? '0' : text;
    };
    const x = paper.xFrom + (at.x / size.width) * (paper.xTo - paper.xFrom);
    const y = paper.yTo - (at.y / size.height) * (paper.yTo - paper.yFrom);
    onDrag?.(id, put(x), put(y));
  };
  const release = (): void => {
    holding.current = null;
    setHeld(null);
  };
  const told = arrows.filter(({ hasHead }) => hasHead).map(({ id, to }) => vectorText(id, to));
  const names = arrows
    .filter(({ hasHead }) => hasHead)
    .map(({ id, to }) => {
      const [left, top] = placeOf(to);
      return { id, left: left + 6, top: top - 22 };
    });
  return (
    <View gap="$1">
      <View
        height={300}
        borderWidth={1}
        borderColor="$rule"
        position="relative"
        onLayout={onLayout}
        {...{ onPointerUp: release, onPointerCancel: release }}
      >
        <Plot
          size={size}
          view={view}
          name={vectorWords.picture}
          drawing={drawing}
          {...AXES}
          decimalSign={settings.display.decimalSign}
          numbered={NONE}
          shown={null}
          large={settings.textSize / 100}
          point={null}
          gestures={{ onLive: nothing, onRest: nothing, onDraw: drag }}
          describedBy={DESCRIPTION}
          onKey={nothing}
        >
          {names.map(({ id, left, top }) => (
            <View
              key={id}
              aria-hidden
              pointerEvents="none"
              position="absolute"
              left={Math.max(2, Math.min(size.width - 40, left))}
              top={Math.max(2, Math.min(size.height - 22, top))}
            >
              <Words strong>{id}</Words>
            </View>
          ))}
        </Plot>
        <Words id={DESCRIPTION} className="only-spoken">
          {told.join(', ')}
        </Words>
      </View>
      {onDrag === null ? null : (
        <Words size="medium" tone="muted">
          {vectorWords.pictureNote}
        </Words>
      )}
    </View>
  );
}

const NONE: readonly never[] = [];
const nothing = (): void => undefined;
