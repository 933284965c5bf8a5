import { View } from '@tamagui/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import type { KeyboardEvent } from 'react';
import type { LayoutChangeEvent } from 'react-native';
import { partCount } from '@/core/chart/model';
import type { PlotMarks } from '@/core/chart/model';
import { moved } from '@/core/curve/view';
import type { Size, ViewRange } from '@/core/curve/view';
import type { DrawnFunction } from '@/core/notebook/curves';
import { handleStroke } from '@/keys/shortcuts';
import { useStore } from '@/state/app-store';
import { partUnder } from '@/ui/plot/marks';
import { stepped } from '@/ui/plot/use-gestures';
import { SpokenKeys, withKeys } from '@/ui/control/SpokenKeys';
import { Words } from '@/ui/theme/text';
import { Graph } from '@/places/curves/Graph';
import type { ChartDrawing } from './chart-drawing';

type Props = Readonly<{
  name: string;
  /** All of it in words. */
  told: string;
  drawing: ChartDrawing;
  marks: PlotMarks;
  functions: readonly DrawnFunction[];
  chosen: number | null;
  onChoose: (index: number | null) => void;
  /** Told what is in sight, to be taken along as a picture. */
  onShown: (shown: Readonly<{ view: ViewRange; size: Size }>) => void;
}>;

const DESCRIPTION = 'chart-text';
const NOTHING_NUMBERED: readonly never[] = [];
const ZOOM = 1.5;

/** A chart on the plot: it fits itself, can be moved like a graph, and tells what its parts stand for. */
export function ChartPlot({ name, told, drawing, marks, functions, chosen, onChoose, onShown }: Props) {
  const settings = useStore((s) => s.settings);
  const [size, setSize] = useState<Size>({ width: 360, height: 260 });
  // A view that was moved to holds for the drawing that it was moved over.
  const [own, setOwn] = useState<Readonly<{ view: ViewRange; of: ViewRange }> | null>(null);
  const view = own !== null && own.of === drawing.model.view ? own.view : drawing.model.view;
  useEffect(() => onShown({ view, size }), [onShown, view, size]);
  const shown = useMemo(() => ({ marks, chosen }), [marks, chosen]);
  const fitting = drawing.model.view;
  const rest = useCallback((next: ViewRange) => setOwn({ view: next, of: fitting }), [fitting]);
  const settle = useCallback(() => undefined, []);
  const count = partCount(marks);

  const step = (by: number): void => {
    if (count > 0) onChoose(chosen === null ? (by > 0 ? 0 : count - 1) : (chosen + by + count) % count);
  };
  const zoom = (factor: number): void => {
    const next = stepped(view, factor);
    if (next !== null) rest(next);
  };
  const onKey = (event: KeyboardEvent): void => {
    handleStroke('chart', event, {
      next: () => step(1),
      before: () => step(-1),
      up: () => rest(moved(view, { x: 0, y: 0.1 })),
      down: () => rest(moved(view, { x: 0, y: -0.1 })),
      closer: () => zoom(ZOOM),
      farther: () => zoom(1 / ZOOM),
      whole: () => setOwn(null),
      leave: () => onChoose(null),
    });
  };
  const onLayout = ({ nativeEvent: { layout } }: LayoutChangeEvent): void => {
    const next = { width: Math.round(layout.width), height: Math.round(layout.height) };
    if (next.width > 0 && next.height > 0 && (next.width !== size.width || next.height !== size.height)) setSize(next);
  };
  return (
    <View flex={1} minHeight={200} position="relative" onLayout={onLayout}>
      <Graph
        name={name}
        size={size}
        view={view}
        functions={functions}
        x={drawing.x}
        y={drawing.y}
        decimalSign={settings.display.decimalSign}
        numbered={NOTHING_NUMBERED}
        shown={shown}
        large={settings.textSize / 100}
        point={null}
        onRest={rest}
        onDraw={null}
        onTap={(at) => onChoose(partUnder(marks, view, size, at))}
        onSettled={settle}
        describedBy={withKeys('chart', DESCRIPTION)}
        onKey={onKey}
      />
      <SpokenKeys scope="chart" />
      <Words id={DESCRIPTION} className="only-spoken">
        {told}
      </Words>
    </View>
  );
}
