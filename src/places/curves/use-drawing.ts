import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import type { Frame } from '@/core/curve/plane';
import type { Size, ViewRange } from '@/core/curve/view';
import type { DrawnFunction } from '@/core/notebook/curves';
import { useStore } from '@/state/app-store';
import { curvesRequest } from '@/state/slices/curves/requests';
import type { DrawnCurve } from '@/state/slices/curves/requests';
import { usePieces } from '@/state/use-pieces';

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

type Wish = Readonly<{ view: ViewRange; size: Size; functions: readonly DrawnFunction[] }>;

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
  const isAtRest = useRef(true);
  const latest = useRef({ size, functions, frame: sheet.frame });

  const settle = (wish: Wish, curves: readonly DrawnCurve[]): void => {
    const result = { frame: sheetFor(wish.view, wish.size), curves, of: wish.functions };
    latest.current.frame = result.frame;
    // Between two frames of a drag there is no time for all of it: the page may take it in parts.
    startTransition(() => setSheet(result));
    if (isAtRest.current && !isWaiting()) onSettled(result);
  };
  const { ask, isWaiting } = usePieces('draw', null, {
    request: (wish: Wish) => {
      // The worker is not begun for nothing: a chart may have no curve at all.
      if (wish.functions.length === 0) settle(wish, []);
      const frame = sheetFor(wish.view, wish.size);
      return wish.functions.length === 0
        ? null
        : { ...curvesRequest(useStore.getState(), wish.functions), frame, view: wish.view };
    },
    take: (wish, drawn) => {
      if (drawn.ok) settle(wish, drawn.value);
    },
  });

  useEffect(() => {
    latest.current = { ...latest.current, size, functions };
    isAtRest.current = true;
    ask({ view, size, functions });
  }, [view, size, functions, shelf, angle, ask]);

  /** Called while the view is being moved. */
  const follow = useCallback(
    (live: ViewRange): void => {
      isAtRest.current = false;
      const { frame, ...shown } = latest.current;
      if (!isCovered(frame, live)) ask({ view: live, ...shown });
    },
    [ask],
  );
  return { sheet, follow };
}
