import { groupTree, powerTree } from '../../language/tree';
import { findByLogs } from './by-logs';
import { times, X } from './equation';
import { defineFit } from './record';

/** y = a·x^b, as a straight line through (ln x, ln y). */
export const power = defineFit({
  needs: () => 2,
  find: (points, shouldContinue) => findByLogs(points, { x: true, y: true }, shouldContinue),
  equation: ([a, b]) => times(a, powerTree(X, b.kind === 'number' ? b : groupTree(b))),
});
