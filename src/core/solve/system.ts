import { itemAt } from '../base/item';
import { TooLarge, guarded } from '../base/limits';
import { withSpan } from '../base/problem';
import type { Problem } from '../base/problem';
import { succeed } from '../base/result';
import type { Result } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import { refused } from '../evaluate/context';
import type { Context } from '../evaluate/context';
import { openLetters } from '../evaluate/open-letters';
import { inside } from '../language/tree';
import type { Tree } from '../language/tree';
import { isProvedOther } from '../matrix/field';
import { identity, matrix, transpose } from '../matrix/matrix';
import type { Rows } from '../matrix/matrix';
import { kernelBasis, solutions } from '../matrix/reduce';
import { ZERO } from '../number/arithmetic';
import * as complex from '../number/complex';
import type { Scalar } from '../number/value';
import { differenceOf, linearForm } from './linear-form';

/** Coefficients of the unknowns, one equation to a row, and what each row comes to. */
export type System = Readonly<{ unknowns: readonly string[]; rows: Rows; right: readonly Scalar[] }>;

/** The parameters that free unknowns are called by, in order; those that are unknowns themselves are passed over. */
const PARAMETERS: readonly string[] = [...'tsuvwpqrabcdfghjklmnoxyzABCDEFGHIJKLMNOPQRSTUVWXYZ'];

/** A solution of an unknown: a constant and multiples of the parameters. */
export type Written = Readonly<{ constant: Scalar; along: readonly Readonly<{ parameter: string; times: Scalar }>[] }>;

export type SystemAnswer =
  | Readonly<{ kind: 'one' | 'many'; solution: ReadonlyMap<string, Written>; parameters: readonly string[] }>
  /** What each row is multiplied by so that their sum says 0 = something else: rows with 0 take no part. */
  | Readonly<{ kind: 'none'; combination: readonly Scalar[]; comesTo: Scalar }>;

/** The system that equations are, each with = once. `unknowns`: null for every letter that holds nothing. */
export function systemOf(
  equations: readonly Tree[],
  given: readonly string[] | null,
  context: Context,
): Result<System, Problem> & Readonly<{ at?: number }> {
  const found = new Set<string>();
  for (const tree of equations)
    for (const name of openLetters(tree)) if (!context.names.letters.has(name)) found.add(name);
  const unknowns = given ?? [...found].sort();
  const rows: Scalar[][] = [];
  const right: Scalar[] = [];
  for (const [i, tree] of equations.entries()) {
    const relation = inside(tree);
    if (relation.kind !== 'relation' || relation.rest.length !== 1 || itemAt(relation.rest, 0).op !== 'equal')
      return { ...refused({ code: 'domain', reason: 'not-an-equation' }, tree.span), at: i };
    const left = linearForm(relation.first, unknowns, context);
    if (!left.ok) return { ...left, at: i };
    const other = linearForm(itemAt(relation.rest, 0).right, unknowns, context);
    if (!other.ok) return { ...other, at: i };
    const { coefficients, constant } = differenceOf(left.value, other.value);
    rows.push(unknowns.map((name) => coefficients.get(name) ?? ZERO));
    right.push(complex.negate(constant));
  }
  return succeed({ unknowns, rows, right });
}

/** A combination of the rows that says 0 = something else. */
function contradictionIn({ rows, right }: System, shouldContinue: ShouldContinue): SystemAnswer {
  // Without any unknown, each row by itself says that a number is 0.
  const combinations =
    itemAt(rows, 0).length === 0 ? identity(rows.length).rows : kernelBasis(transpose(matrix(rows)), shouldContinue);
  for (const combination of combinations) {
    const comesTo = combination.reduce<Scalar>(
      (sum, times, i) => complex.add(sum, complex.multiply(times, itemAt(right, i))),
      ZERO,
    );
    if (isProvedOther(comesTo, shouldContinue)) return { kind: 'none', combination, comesTo };
  }
  throw new TypeError('a system without a solution has a contradiction in it');
}

/**
 * The solutions of a linear system: one, none with the rows that contradict each other, or many with parameters for the
 * unknowns that are free. Exact where its numbers are. Problems: not-converged where a zero stays open; stopped.
 */
export const solveSystem = (system: System, shouldContinue: ShouldContinue): Result<SystemAnswer, Problem> =>
  guarded(
    () => {
      const found = solutions(matrix(system.rows), system.right, shouldContinue);
      if (found.kind === 'none') return succeed(contradictionIn(system, shouldContinue));
      const names = PARAMETERS.filter((name) => !system.unknowns.includes(name));
      const along = found.kind === 'many' ? found.along : [];
      if (along.length > names.length) throw new TooLarge();
      const parameters = along.map((_, k) => itemAt(names, k));
      const solution = new Map(
        system.unknowns.map((name, i): [string, Written] => [
          name,
          {
            constant: itemAt(found.x, i),
            along: along
              .map((direction, k) => ({ parameter: itemAt(parameters, k), times: itemAt(direction, i) }))
              .filter(({ times }) => isProvedOther(times, shouldContinue)),
          },
        ]),
      );
      return succeed({ kind: found.kind, solution, parameters });
    },
    (problemData) => withSpan(problemData, { from: 0, to: 0 }),
  );
