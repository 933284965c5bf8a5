import { itemAt } from '@/core/base/item';
import { useCallback, useState } from 'react';
import { middleOf } from '@/core/curve/view';
import type { Size, ViewRange } from '@/core/curve/view';
import type { DrawnFunction } from '@/core/notebook/curves';
import { curvesRequest } from '@/state/slices/curves/requests';
import { useRequest, useTask } from '@/state/use-task';

/** A number near x with no more digits than `unit` tells apart, as typed text. */
export function roundX(x: number, unit: number): string {
  const power = Math.floor(Math.log10(unit));
  const steps = Math.round(x / 10 ** power);
  if (power >= 0) return String(steps * 10 ** power);
  const text = (steps / 10 ** -power).toFixed(Math.min(20, -power));
  return text.replace(/\.?0+$/, '') || '0';
}

/** Steps across the view that the arrows take. */
const STEPS = 60;

type State = Readonly<{ id: string; x: string; at: number }>;

/** A point on a curve, moved along it. */
export function useFollow(functions: readonly DrawnFunction[], view: ViewRange, size: Size) {
  const [state, setState] = useState<State | null>(null);
  const of = state === null ? null : (functions.find(({ id }) => id === state.id) ?? functions[0] ?? null);
  const x = state?.x ?? null;

  const request = useRequest((now) => (of === null || x === null ? null : { ...curvesRequest(now, [of], [x]), x }));
  const { value, problem } = useTask('follow', request);
  const found = problem === null ? value : null;

  const span = view.xTo - view.xFrom;
  const put = useCallback(
    (at: number, unit: number): void =>
      setState((before) => {
        const rounded = roundX(at, unit);
        return before === null ? null : { ...before, x: rounded, at: Number(rounded) };
      }),
    [],
  );

  return {
    isOn: state !== null,
    of,
    found,
    point: of === null || found?.height == null ? null : { x: found.at, y: found.height, look: of.style },
    toggle: (isOn: boolean): void => {
      const [first] = functions;
      if (!isOn || first === undefined) {
        setState(null);
        return;
      }
      const at = roundX(middleOf(view).x, span / STEPS);
      setState({ id: first.id, x: at, at: Number(at) });
    },
    /** To an x that was typed. */
    go: (text: string): void => setState((before) => (before === null ? null : { ...before, x: text })),
    step: (way: 1 | -1): void =>
      put((found?.at ?? state?.at ?? 0) + way * 10 ** Math.floor(Math.log10(span / STEPS)), span / STEPS),
    drag: ({ x: left }: Readonly<{ x: number }>): void =>
      put(view.xFrom + (left / size.width) * span, span / size.width),
    other: (way: 1 | -1): void =>
      setState((before) => {
        if (before === null || functions.length === 0) return before;
        const at = functions.findIndex(({ id }) => id === before.id);
        return { ...before, id: itemAt(functions, (at + way + functions.length) % functions.length).id };
      }),
  };
}
