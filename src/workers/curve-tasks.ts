import type { ShouldContinue } from '@/core/base/should-continue';
import type { Problem } from '@/core/base/problem';
import type { Result } from '@/core/base/result';
import type { Random } from '@/core/function/record';
import { createDrawer, followAt, pointsInView, valuesOf } from './curves';
import type {
  DrawRequest,
  DrawnCurve,
  FollowRequest,
  Followed,
  FoundPoints,
  PointsRequest,
  ValuesRequest,
  ValuesTable,
} from './curves';
import type { TaskCallOf } from './protocol';

/** What the worker of curves can be asked for, and what it answers. It is loaded by the place that draws them. */
export type CurveTasks = Readonly<{
  draw: { request: DrawRequest; result: Result<readonly DrawnCurve[], Problem> };
  points: { request: PointsRequest; result: Result<FoundPoints, Problem> };
  values: { request: ValuesRequest; result: Result<ValuesTable, Problem> };
  follow: { request: FollowRequest; result: Result<Followed, Problem> };
}>;

/** Does pieces of work on curves; what it has read to draw it keeps for the next drawing. */
export function createCurveWork() {
  const draw = createDrawer();
  return (
    work: TaskCallOf<keyof CurveTasks>,
    shouldContinue: ShouldContinue,
    random: Random,
  ): CurveTasks[keyof CurveTasks]['result'] => {
    switch (work.kind) {
      case 'draw':
        return draw(work.request, shouldContinue, random);
      case 'points':
        return pointsInView(work.request, shouldContinue, random);
      case 'values':
        return valuesOf(work.request, shouldContinue, random);
      case 'follow':
        return followAt(work.request, shouldContinue, random);
    }
  };
}
