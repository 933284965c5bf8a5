import type { Context } from '../evaluate/context';
import { withLetter } from '../evaluate/context';
import { formula } from '../evaluate/formula';
import type { Tree } from '../language/tree';
import { ZERO } from '../number/arithmetic';
import { signOf } from '../number/sign';
import { fromWhole, isReal } from '../number/value';
import type { RealValue, Scalar } from '../number/value';
import { coefficientsOf } from './coefficients';

/** The solution of two linear equations: one pair, none, or a whole line of them. */
export type Pair = Readonly<{ kind: 'one'; values: readonly [Scalar, Scalar] }> | Readonly<{ kind: 'none' | 'many' }>;

/** Coefficients of ax + by + c; null when the expression is not linear in both letters together. */
function linear(
  tree: Tree,
  [x, y]: readonly [string, string],
  context: Context,
): readonly [RealValue, RealValue, RealValue] | null {
  const at = (letter: string, other: string, value: number): readonly RealValue[] | null => {
    const found = coefficientsOf(tree, letter, withLetter(context, other, fromWhole(value)));
    return found !== null && found.slice(2).every((k) => k.kind === 'rational' && k.value.n === 0n) ? found : null;
  };
  const [onX, shifted, onY] = [at(x, y, 0), at(x, y, 1), at(y, x, 0)];
  if (onX === null || shifted === null || onY === null) return null;
  const a = onX[1] ?? ZERO;
  // A product of the letters would change the coefficient of one as the other moves.
  const change = formula('P-Q', { P: shifted[1] ?? ZERO, Q: a }, context);
  if (change === null || !isReal(change) || signOf(change, context.shouldContinue) !== 0) return null;
  return [a, onY[1] ?? ZERO, onX[0] ?? ZERO];
}

/**
 * Solves two equations, each given as what must be zero, by Cramer's rule; null when they are not linear or a
 * determinant's sign stays open. Exact where the coefficients are.
 */
export function linearPair(
  first: Tree,
  second: Tree,
  letters: readonly [string, string],
  context: Context,
): Pair | null {
  const [one, two] = [linear(first, letters, context), linear(second, letters, context)];
  if (one === null || two === null) return null;
  const given = { A: one[0], B: one[1], C: one[2], D: two[0], E: two[1], F: two[2] };
  const work = (text: string): Scalar | null => formula(text, given, context);
  const sign = (text: string): number | null => {
    const value = work(text);
    const s = value === null || !isReal(value) ? null : signOf(value, context.shouldContinue);
    return typeof s === 'number' ? s : null;
  };
  const determinant = sign('A*E-B*D');
  if (determinant === null) return null;
  if (determinant !== 0) {
    const [x, y] = [work('(B*F-C*E)/(A*E-B*D)'), work('(C*D-A*F)/(A*E-B*D)')];
    return x === null || y === null ? null : { kind: 'one', values: [x, y] };
  }
  const [p, r] = [sign('B*F-C*E'), sign('C*D-A*F')];
  if (p === null || r === null) return null;
  const isEmptyRow = [one, two].some(
    (row) =>
      row.slice(0, 2).every((k) => signOf(k, context.shouldContinue) === 0) &&
      signOf(row[2], context.shouldContinue) !== 0,
  );
  return { kind: p === 0 && r === 0 && !isEmptyRow ? 'many' : 'none' };
}
