import { constantTree, groupTree, powerTree } from '../../language/tree';
import { findByLogs } from './by-logs';
import { times, X } from './equation';
import { defineFit } from './record';

/** y = a·e^(b·x), as a straight line through (x, ln y). */
export const exponential = defineFit({
  needs: () => 2,
  find: (points, shouldContinue) => findByLogs(points, { x: false, y: true }, shouldContinue),
  equation: ([a, b]) => times(a, powerTree(constantTree('e'), groupTree(times(b, X)))),
});
