import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import { succeed } from '@/core/base/result';
import type { Frame } from '@/core/curve/plane';
import type { Size, ViewRange } from '@/core/curve/view';
import type { DrawnFunction } from '@/core/notebook/curves';
import { useStore } from '@/state/app-store';
import { tasks } from '@/state/tasks';
import { curvesRequest } from '@/state/slices/curves/requests';
import type { DrawnCurve } from '@/state/slices/curves/requests';

const NOTHING = succeed<readonly DrawnCurve[]>([]);

/** How far beyond the view the sheet is drawn, as a share of the view, on each side. */
const MARGIN = 1;
/** The sheet is drawn anew while it is dragged when less than this is left of its margin, or its scale is off by more. */
const LEFT = 0.15;
const SCALE = 1.3;

export const sheetFor = (view: ViewRange, { width, height }: Size): Frame => {
  const [dx, dy] = [(view.xTo - view.xFrom) * MARGIN, (view.yTo - view.yFrom) * MARGIN];
  return {
    xFrom: view.xFrom - dx,
    xTo: view.xTo + dx,
    yFrom: view.yFrom - dy,
    yTo: view.yTo + dy,
    width: Math.round(width * (1 + 2 * MARGIN)),
    height: Math.round(height * (1 + 2 * MARGIN)),
  };
};

function isCovered(frame: Frame, view: ViewRange): boolean {
  const [w, h] = [view.xTo - view.xFrom, view.yTo - view.yFrom];
  const scale = [(frame.xTo - frame.xFrom) / w, (frame.yTo - frame.yFrom) / h].map((s) => s / (1 + 2 * MARGIN));
  return (
    view.xFrom - frame.xFrom > LEFT * w &&
    frame.xTo - view.xTo > LEFT * w &&
    view.yFrom - frame.yFrom > LEFT * h &&
    frame.yTo - view.yTo > LEFT * h &&
    scale.every((s) => s < SCALE && s > 1 / SCALE)
  );
}

/** What was drawn, and for which functions. */
export type Sheet = Readonly<{ frame: Frame; curves: readonly DrawnCurve[]; of: readonly DrawnFunction[] }>;

/** Has the functions drawn for a view whenever one or the other changes, one drawing at a time. */
export function useDrawing(
  view: ViewRange,
  size: Size,
  functions: readonly DrawnFunction[],
  /** Told of a drawing that was made for a view at rest, and not for one that is being dragged. */
  onSettled: (sheet: Sheet) => void,
) {
  const shelf = useStore((s) => s.document.shelf);
  const angle = useStore((s) => s.settings.angle);
  const [sheet, setSheet] = useState<Sheet>(() => ({ frame: sheetFor(view, size), curves: [], of: [] }));
  const wanted = useRef<ViewRange | null>(null);
  const isAtRest = useRef(true);
  const isBusy = useRef(false);
  const latest = useRef({ size, functions, frame: sheet.frame });

  const isIdle = (): boolean => isAtRest.current && wanted.current === null;
  const pump = useCallback(async (): Promise<void> => {
    if (isBusy.current) return;
    isBusy.current = true;
    while (wanted.current !== null) {
      const next = wanted.current;
      wanted.current = null;
      const { size: box, functions: shown } = latest.current;
      const frame = sheetFor(next, box);
      // The worker is not begun for nothing: a chart may have no curve at all.
      const drawn =
        shown.length === 0
          ? NOTHING
          : await tasks.run('draw', { ...curvesRequest(useStore.getState(), shown), frame, view: next });
      if (drawn === 'superseded' || !drawn.ok) continue;
      latest.current.frame = frame;
      const made = { frame, curves: drawn.value, of: shown };
      // Between two frames of a drag there is no time for all of it: the page may take it in parts.
      startTransition(() => setSheet(made));
      if (isIdle()) onSettled(made);
    }
    isBusy.current = false;
  }, [onSettled]);

  useEffect(() => {
    latest.current = { ...latest.current, size, functions };
    isAtRest.current = true;
    wanted.current = view;
    void pump();
  }, [view, size, functions, shelf, angle, pump]);

  /** Called while the view is being moved. */
  const follow = useCallback(
    (live: ViewRange): void => {
      isAtRest.current = false;
      if (isCovered(latest.current.frame, live)) return;
      wanted.current = live;
      void pump();
    },
    [pump],
  );
  return { sheet, follow };
}
