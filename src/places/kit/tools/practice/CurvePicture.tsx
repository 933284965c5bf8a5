import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import type { LayoutChangeEvent } from 'react-native';
import type { AngleUnit } from '@/core/base/angle';
import type { Size } from '@/core/curve/view';
import { useStore } from '@/state/app-store';
import { useRequest, useTask } from '@/state/use-task';
import { curvePictureText } from '@/text/kit/practice';
import { Plot } from '@/ui/plot/Plot';
import { Words } from '@/ui/theme/text';
import { AXES, REACH, graphDrawing, graphRequest, graphView } from './curve-graph';

const HEIGHT = 200;
const DESCRIPTION = 'practice-graph-text';

/** A graph that is to be read, on squared paper; the same squares in both directions. */
export function CurvePicture({ curve, angle }: Readonly<{ curve: string; angle: AngleUnit | null }>) {
  const [size, setSize] = useState<Size>({ width: 340, height: HEIGHT });
  const { display, textSize } = useStore((s) => s.settings);
  const request = useRequest((state) => graphRequest(state, curve, angle));
  const { value } = useTask('trace', request);
  const view = useMemo(() => graphView(size), [size]);
  const onLayout = ({ nativeEvent: { layout } }: LayoutChangeEvent): void => {
    const width = Math.round(layout.width);
    if (width > 0 && width !== size.width) setSize({ width, height: HEIGHT });
  };
  const drawing = useMemo(() => graphDrawing(value ?? [], size), [value, size]);
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

const NONE: readonly never[] = [];
const nothing = (): void => undefined;
