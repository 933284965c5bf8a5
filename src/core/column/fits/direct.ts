import { itemAt } from '../../base/item';
import type { ProblemData } from '../../base/problem';
import type { Result } from '../../base/result';
import type { ShouldContinue } from '../../base/should-continue';
import { binaryTree, callTree, groupTree, letterTree, powerTree } from '../../language/tree';
import type { Tree } from '../../language/tree';
import { roundedRational } from '../../number/digits';
import * as q from '../../number/rational';
import type { Rational } from '../../number/rational';
import { nonlinearFit } from '../nonlinear';
import type { NonlinearFit } from '../nonlinear';
import { X } from './equation';
import type { FitPoints, FoundFit } from './record';

const [a, b] = [letterTree('a'), letterTree('b')];

/** Models that are otherwise fitted to logarithms, as they stand. */
export const directTrees: Readonly<Record<'exponential' | 'power', Tree>> = {
  exponential: binaryTree('times', a, callTree('exp', groupTree(binaryTree('times', b, X)))),
  power: binaryTree('times', a, powerTree(X, b)),
};

/** Digits that a search begins with. */
const START_DIGITS = 12;

/**
 * The curve that comes nearest to the values themselves, and not to their logarithms: a search that begins where these
 * lead. Problems: those of both.
 */
export function directFit(
  model: 'exponential' | 'power',
  { x, y, frequencies }: FitPoints,
  byLogs: FoundFit,
  shouldContinue: ShouldContinue,
): Result<NonlinearFit, ProblemData> {
  const start = byLogs.coefficients.map((value): Rational => {
    const near = roundedRational(value, START_DIGITS, shouldContinue);
    return typeof near === 'string' ? q.ONE : near;
  });
  const own = { tree: itemAt([directTrees[model]], 0), variable: 'x', letters: ['a', 'b'], start };
  return nonlinearFit(own, { x, y, weights: frequencies }, shouldContinue);
}
