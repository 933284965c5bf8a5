import type { DrawnFunction } from '@/core/notebook/curves';
import type { CurvesRequest } from '@/workers/curves';
import { requestFor } from '@/state/slices/bench/live';
import { displayIn } from '@/state/slices/exam/off';
import type { State } from '@/state/slices/state';

/** What functions, and other texts beside them, are worked with. */
export function curvesRequest(
  state: Pick<State, 'document' | 'settings'>,
  functions: readonly DrawnFunction[],
  others: readonly string[] = [],
): CurvesRequest {
  const texts = [...functions.map(({ text }) => text), ...others].join(' ');
  return {
    ...requestFor(texts, state),
    display: displayIn(state),
    functions: functions.map(({ id, text }) => ({ id, text })),
  };
}

export type { Cell, DrawnCurve, Followed, FoundPoint, FoundPoints, ValuesRequest, ValuesRow } from '@/workers/curves';
