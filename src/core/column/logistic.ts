import type { ProblemData } from '../base/problem';
import { fail } from '../base/result';
import type { Result } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import { binaryTree, callTree, groupTree, letterTree, negateTree, numberTree } from '../language/tree';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { nonlinearFit } from './nonlinear';
import type { NonlinearFit } from './nonlinear';

type Points = Readonly<{ x: readonly Rational[]; y: readonly Rational[]; weights: readonly bigint[] | null }>;

/** Parts of the largest value by which the ceiling is first taken to lie above it. */
const CEILINGS = [1.01, 1.1, 1.5, 3] as const;

/** c/(1 + a·e^(−b·x)). */
const falling = callTree('exp', negateTree(binaryTree('times', letterTree('b'), letterTree('x'))));
const below = binaryTree('plus', numberTree('1'), binaryTree('times', letterTree('a'), falling));
const LOGISTIC = binaryTree('over', letterTree('c'), groupTree(below));

const fraction = (v: number): Rational => q.rational(BigInt(Math.round(v * 1e12)), 10n ** 12n);

/** The straight line through ln(c/y − 1) over x, for a ceiling c: where the search begins. */
function startFor({ x, y }: Points, ceiling: number): readonly [a: number, b: number, c: number] | null {
  const rows = x.flatMap((u, i) => {
    const v = q.roughly(y[i] ?? q.ZERO);
    return v > 0 && v < ceiling ? [[q.roughly(u), Math.log(ceiling / v - 1)] as const] : [];
  });
  if (rows.length < 2) return null;
  const [mx, my] = [0, 1].map((k) => rows.reduce((sum, row) => sum + (row[k] ?? 0), 0) / rows.length) as [
    number,
    number,
  ];
  const xx = rows.reduce((sum, [u]) => sum + (u - mx) ** 2, 0);
  const xy = rows.reduce((sum, [u, v]) => sum + (u - mx) * (v - my), 0);
  if (xx === 0) return null;
  const slope = xy / xx;
  const a = Math.exp(my - slope * mx);
  return Number.isFinite(a) ? [a, -slope, ceiling] : null;
}

/**
 * y = c/(1 + a·e^(−b·x)), growth up to a ceiling: by search from the first of several ceilings that leads to one, in the order
 * a, b, c. Problems: not-converged; stopped.
 */
export function logisticFit(points: Points, shouldContinue: ShouldContinue): Result<NonlinearFit, ProblemData> {
  const most = Math.max(...points.y.map(q.roughly));
  let problem: ProblemData = { code: 'not-converged', reason: 'no-fit' };
  for (const part of CEILINGS) {
    const start = startFor(points, most * part);
    if (start === null) continue;
    const model = { tree: LOGISTIC, variable: 'x', letters: ['a', 'b', 'c'], start: start.map(fraction) };
    const found = nonlinearFit(model, points, shouldContinue);
    if (found.ok) return found;
    problem = found.problem;
  }
  return fail(problem);
}
