import { callTree } from '../../language/tree';
import { findByLogs } from './by-logs';
import { sum, times, X } from './equation';
import { defineFit } from './record';

/** y = a + b·ln x, as a straight line through (ln x, y). */
export const logarithmic = defineFit({
  needs: () => 2,
  find: (points, shouldContinue) => findByLogs(points, { x: true, y: false }, shouldContinue),
  equation: ([a, b]) => sum(a, times(b, callTree('ln', X))),
});
