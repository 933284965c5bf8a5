import { View } from '@tamagui/core';
import { useCallback, useMemo, useRef, useState } from 'react';
import type { LayoutChangeEvent } from 'react-native';
import type { PointMarks, ShareMarks } from '@/core/chart/model';
import type { Size } from '@/core/curve/view';
import { useStore } from '@/state/app-store';
import type { ChanceView } from '@/state/slices/kit/requests';
import { chanceWords } from '@/text/kit/chance';
import { Plot } from '@/ui/plot/Plot';
import { Words } from '@/ui/theme/text';

const DESCRIPTION = 'chance-text';
const AXES = { x: { name: 'x', unit: '', ticks: 'decimal' }, y: { name: 'y', unit: '', ticks: 'decimal' } } as const;
const HEIGHT = 240;
/** A density is drawn over its shade, a second one beside it. */
const [OWN, SECOND] = [0, 1];
const NONE: readonly never[] = [];
const nothing = (): void => undefined;

type Props = Readonly<{
  view: Readonly<{ marks: ShareMarks | PointMarks | null }> &
    Pick<ChanceView, 'view'> &
    Partial<Pick<ChanceView, 'over' | 'scale'>>;
  /** What stands below it. */
  note: string;
  /** What the picture shows. */
  told: string;
  /** Puts one of the bounds somewhere, in typed text; null where they stay. */
  onDrag: ((bound: 'from' | 'to', text: string) => void) | null;
}>;

/** The distribution with its part shaded; a finger moves the nearer bound. */
export function SharePicture({ view: { marks, over = null, view, scale = null }, note, told, onDrag }: Props) {
  const settings = useStore((s) => s.settings);
  const [size, setSize] = useState<Size>({ width: 340, height: HEIGHT });
  const held = useRef<'from' | 'to' | null>(null);
  const onLayout = ({ nativeEvent: { layout } }: LayoutChangeEvent): void => {
    const width = Math.round(layout.width);
    if (width > 0 && width !== size.width) setSize({ width, height: HEIGHT });
  };
  const path = useCallback(
    (xs: readonly number[], ys: readonly number[]): string =>
      view === null
        ? ''
        : xs
            .map((x, i) => {
              const left = ((x - view.xFrom) / (view.xTo - view.xFrom)) * size.width;
              const top = ((view.yTo - (ys[i] ?? 0)) / (view.yTo - view.yFrom)) * size.height;
              return `${i === 0 ? 'M' : 'L'}${left.toFixed(1)} ${Math.max(-40, top).toFixed(1)}`;
            })
            .join(''),
    [view, size],
  );
  const drawing = useMemo(() => {
    if (view === null || marks === null) return null;
    const own =
      marks.kind === 'points' || marks.isOfCounts ? [] : [{ id: 'own', path: path(marks.xs, marks.ys), look: OWN }];
    const second = over === null ? [] : [{ id: 'second', path: path(over.xs, over.ys), look: SECOND }];
    return { frame: { ...view, ...size }, curves: [...own, ...second] };
  }, [view, size, marks, over, path]);
  if (view === null || marks === null || drawing === null) return null;

  const drag = ({ x }: Readonly<{ x: number }>): void => {
    if (marks.kind === 'points') return;
    const at = view.xFrom + (x / size.width) * (view.xTo - view.xFrom);
    const power = 10 ** Math.floor(Math.log10(((view.xTo - view.xFrom) / size.width) * 4));
    const step = marks.isOfCounts ? 1 : power;
    const places = Math.max(0, -Math.floor(Math.log10(step)));
    const { from, to } = marks;
    held.current ??= to === null || (from !== null && Math.abs(at - from) <= Math.abs(at - to)) ? 'from' : 'to';
    const put = Math.round(at / step) * step;
    const isCrossed = held.current === 'from' ? to !== null && put > to : from !== null && put < from;
    if (isCrossed) return;
    const text = put.toFixed(places);
    onDrag?.(held.current, Number(text) === 0 ? '0' : text);
  };
  const release = (): void => {
    held.current = null;
  };
  const zs =
    scale === null
      ? []
      : [-3, -2, -1, 0, 1, 2, 3].map((z) => ({
          z,
          left: ((scale.mean + z * scale.deviation - view.xFrom) / (view.xTo - view.xFrom)) * size.width,
        }));
  return (
    <View gap="$1">
      <View
        height={HEIGHT}
        borderWidth={1}
        borderColor="$rule"
        position="relative"
        onLayout={onLayout}
        {...{ onPointerUp: release, onPointerCancel: release }}
      >
        <Plot
          size={size}
          view={view}
          name={chanceWords.picture}
          drawing={drawing}
          {...AXES}
          decimalSign={settings.display.decimalSign}
          numbered={NONE}
          shown={{ marks, chosen: null }}
          large={settings.textSize / 100}
          point={null}
          gestures={{ onLive: nothing, onRest: nothing, onDraw: drag }}
          describedBy={DESCRIPTION}
          onKey={nothing}
        />
        <Words id={DESCRIPTION} className="only-spoken">
          {told}
        </Words>
      </View>
      {zs.length === 0 ? null : (
        <View height={22} position="relative" aria-hidden>
          <View position="absolute" left={2}>
            <Words size="small" strong>
              {chanceWords.zScale}
            </Words>
          </View>
          {zs
            .filter(({ left }) => left > 16 && left < size.width - 8)
            .map(({ z, left }) => (
              <View key={z} position="absolute" left={left - 10} width={20} alignItems="center">
                <Words size="small" tone="muted">
                  {`${z}`.replace('-', '−')}
                </Words>
              </View>
            ))}
        </View>
      )}
      <Words size="medium" tone="muted">
        {note}
      </Words>
    </View>
  );
}
