import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import type { LayoutChangeEvent } from 'react-native';
import type { Size } from '@/core/curve/view';
import { useStore } from '@/state/app-store';
import { kitRequest } from '@/state/slices/kit/requests';
import { useRequest, useTask } from '@/state/use-task';
import { curvePictureText } from '@/text/kit/practice';
import { Plot } from '@/ui/plot/Plot';
import { Words } from '@/ui/theme/text';

/** As far as the paper reaches on both sides; its squares are whole numbers. */
const REACH = 6;
const HEIGHT = 200;
const POINTS = 241;
const DESCRIPTION = 'practice-graph-text';
const AXES = { x: { name: 'x', unit: '', ticks: 'decimal' }, y: { name: 'y', unit: '', ticks: 'decimal' } } as const;

/** A graph that is to be read, on squared paper; the same squares in both directions. */
export function CurvePicture({ curve }: Readonly<{ curve: string }>) {
  const [size, setSize] = useState<Size>({ width: 340, height: HEIGHT });
  const { display, textSize } = useStore((s) => s.settings);
  const request = useRequest((state) => ({
    ...kitRequest(state, [curve], ['x']),
    curve,
    from: -REACH * 2,
    to: REACH * 2,
    count: POINTS,
  }));
  const { value } = useTask('trace', request);
  const half = (REACH * size.width) / size.height;
  const view = useMemo(() => ({ xFrom: -half, xTo: half, yFrom: -REACH, yTo: REACH }), [half]);
  const onLayout = ({ nativeEvent: { layout } }: LayoutChangeEvent): void => {
    const width = Math.round(layout.width);
    if (width > 0 && width !== size.width) setSize({ width, height: HEIGHT });
  };
  const drawing = useMemo(() => {
    const { width, height } = size;
    const places = (value ?? []).map(([x, y]) =>
      y === null || Math.abs(y) > 4 * REACH
        ? null
        : `${(((x + half) / (2 * half)) * width).toFixed(1)} ${(((REACH - y) / (2 * REACH)) * height).toFixed(1)}`,
    );
    const path = places
      .map((place, i) => (place === null ? '' : `${i === 0 || places[i - 1] === null ? 'M' : 'L'}${place}`))
      .join('');
    return { frame: { ...view, ...size }, curves: [{ id: 'graph', path, look: LOOK }] };
  }, [value, view, size, half]);
  const told = (value ?? []).filter(([x, y]) => y !== null && Number.isInteger(x) && Math.abs(x) <= REACH);
  return (
    <View height={HEIGHT} borderWidth={1} borderColor="$rule" position="relative" onLayout={onLayout}>
      <Plot
        size={size}
        view={view}
        name={curvePictureText.name}
        drawing={drawing}
        {...AXES}
        decimalSign={display.decimalSign}
        numbered={NONE}
        shown={null}
        large={textSize / 100}
        point={null}
        gestures={{ onLive: nothing, onRest: nothing, onDraw: nothing }}
        describedBy={DESCRIPTION}
        onKey={nothing}
      />
      <Words id={DESCRIPTION} className="only-spoken">
        {curvePictureText.points(told.map(([x, y]) => [x, y ?? 0]))}
      </Words>
    </View>
  );
}

const LOOK = 0;
const NONE: readonly never[] = [];
const nothing = (): void => undefined;
