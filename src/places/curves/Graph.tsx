import { memo, useMemo } from 'react';
import type { ComponentProps } from 'react';
import type { ViewRange } from '@/core/curve/view';
import type { DrawnFunction } from '@/core/notebook/curves';
import { Plot } from '@/ui/plot/Plot';
import type { Gestures } from '@/ui/plot/use-gestures';
import { useDrawing } from './use-drawing';
import type { Sheet } from './use-drawing';

type Props = Omit<ComponentProps<typeof Plot>, 'drawing' | 'gestures' | 'children'> &
  Readonly<{
    functions: readonly DrawnFunction[];
    onRest: (view: ViewRange) => void;
    onDraw: Gestures['onDraw'];
    onTap?: Gestures['onTap'];
    onSettled: (sheet: Sheet) => void;
  }>;

/** The plot, drawn by the worker. While it is dragged nothing but this is drawn anew. */
export const Graph = memo(function Graph({ functions, onRest, onDraw, onTap, onSettled, ...plot }: Props) {
  const { sheet, follow } = useDrawing(plot.view, plot.size, functions, onSettled);
  const drawing = useMemo(
    () => ({
      frame: sheet.frame,
      curves: sheet.curves.map(({ id, path }) => ({ id, path, look: sheet.of.find((f) => f.id === id)?.style ?? 0 })),
    }),
    [sheet],
  );
  return <Plot {...plot} drawing={drawing} gestures={{ onLive: follow, onRest, onDraw, onTap: onTap ?? null }} />;
});
