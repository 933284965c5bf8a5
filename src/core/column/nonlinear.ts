import { itemAt } from '../base/item';
import { goOn } from '../base/limits';
import type { ProblemData } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import type { Context } from '../evaluate/context';
import { differentiate } from '../evaluate/differentiate';
import { evaluate } from '../evaluate/evaluate';
import type { Tree } from '../language/tree';
import { toBall } from '../number/approximate';
import { real } from '../number/arithmetic';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { isBall } from '../number/real-ops';
import { fromRational, isReal } from '../number/value';
import type { RealValue } from '../number/value';
import { eliminated } from './regression';
import { contextAt, fromDouble, RoughSearch } from './rough-search';
import type { OwnModel, Points } from './rough-search';
import { rootOf } from './root-of';
import { scaled } from './exact-sums';

export type NonlinearFit = Readonly<{
  /** In the order of the letters, with their standard errors; known to about 20 digits, and not proved. */
  coefficients: readonly RealValue[];
  errors: readonly RealValue[] | null;
  left: RealValue;
  s: RealValue | null;
  /** 1 − Σ of squared residuals by that of deviations from the mean; null when y does not vary. */
  r2: RealValue | null;
}>;

/** Steps that sharpen what the search in doubles came to. */
const SHARPENINGS = 40;
const BITS = 160;

/** Sharpens what the search in doubles came to. */
class Sharpening {
  constructor(
    private readonly model: OwnModel,
    private readonly points: Points,
    private readonly shouldContinue: ShouldContinue,
    private readonly slopes: readonly Tree[],
  ) {}

  private sharp(tree: Tree, context: Context): Rational | null {
    const value = evaluate(tree, context);
    if (!value.ok || !isReal(value.value)) return null;
    if (value.value.kind === 'rational') return value.value.value;
    const b = toBall(value.value, BITS, this.shouldContinue);
    if (!isBall(b)) return null;
    return b.exp >= 0 ? q.whole(b.mid << BigInt(b.exp)) : q.rational(b.mid, 1n << BigInt(-b.exp));
  }

  /** Slopes and residuals at letters, sharply; null where the model has no value. */
  private sharpRows(letters: readonly Rational[]): readonly (readonly Rational[])[] | null {
    const rows: Rational[][] = [];
    for (const [i, x] of this.points.x.entries()) {
      goOn(this.shouldContinue);
      const context = contextAt(this.model, letters, x, this.shouldContinue);
      const values = [this.model.tree, ...this.slopes].map((tree) => this.sharp(tree, context));
      const [at, ...slopes] = values;
      if (at === undefined || at === null || slopes.includes(null)) return null;
      rows.push([...(slopes as Rational[]), q.subtract(itemAt(this.points.y, i), at)]);
    }
    return rows;
  }

  /** Sharpens by steps of Gauss and Newton with sharp residuals, and tells the errors at the end. */
  sharpened(rough: readonly number[]): NonlinearFit | null {
    let letters: readonly Rational[] = rough.map(fromDouble);
    let best: NonlinearFit | null = null;
    let [before, least] = [Infinity, Infinity];
    for (let step = 0; step <= SHARPENINGS; step += 1) {
      const rows = this.sharpRows(letters);
      if (rows === null) return best;
      const size = letters.length;
      const columns = Array.from({ length: size + 1 }, (_, j) => scaled(rows.map((row) => roundedTo(itemAt(row, j)))));
      const weight = (i: number): bigint => this.points.weights?.[i] ?? 1n;
      const product = (a: readonly bigint[], b: readonly bigint[]): bigint =>
        a.reduce((sum, v, i) => sum + weight(i) * v * itemAt(b, i), 0n);
      const [slopes, off] = [columns.slice(0, size), itemAt(columns, size)];
      const solved = eliminated(
        slopes.map(({ n }, i) => [
          ...slopes.map((other) => product(n, other.n)),
          product(n, off.n),
          ...slopes.map((_, j) => (i === j ? 1n : 0n)),
        ]),
        this.shouldContinue,
      );
      if (solved === null) return best;
      const moves = solved.map((row, i) => q.multiply(itemAt(row, 0), q.rational(itemAt(slopes, i).d, off.d)));
      const moved = Math.max(
        ...moves.map((v, i) => Math.abs(q.roughly(v)) / Math.max(Math.abs(q.roughly(itemAt(letters, i))), 1e-300)),
      );
      const left = q.rational(product(off.n, off.n), off.d * off.d);
      // A step that leads away is not taken.
      if (q.roughly(left) > least * (1 + 1e-12)) return best;
      least = q.roughly(left);
      best = this.told(
        letters,
        solved.map((row, i) => itemAt(row, i + 1)),
        slopes.map(({ d }) => d),
        left,
      );
      // Steps that no longer grow smaller tell no more digits.
      if (moved < 1e-16 || (step > 2 && moved >= before)) return best;
      before = moved;
      letters = letters.map((v, i) => roundedTo(q.add(v, itemAt(moves, i))));
    }
    return best;
  }

  private told(
    letters: readonly Rational[],
    inverse: readonly Rational[],
    scales: readonly bigint[],
    left: Rational,
  ): NonlinearFit {
    const { y, weights } = this.points;
    const count = y.reduce((sum, _, i) => sum + (weights?.[i] ?? 1n), 0n);
    const df = Number(count) - letters.length;
    const residual = df > 0 ? q.divide(left, q.whole(df)) : null;
    const sum = y.reduce((total, v, i) => q.add(total, q.multiply(v, q.whole(weights?.[i] ?? 1n))), q.ZERO);
    const mean = q.divide(sum, q.whole(count));
    const whole = y.reduce((total, v, i) => {
      const off = q.subtract(v, mean);
      return q.add(total, q.multiply(q.multiply(off, off), q.whole(weights?.[i] ?? 1n)));
    }, q.ZERO);
    return {
      coefficients: letters.map(found),
      errors:
        residual === null
          ? null
          : inverse.map((v, i) => {
              const scale = itemAt(scales, i);
              return rootOf(roundedTo(q.multiply(residual, q.multiply(v, q.whole(scale * scale)))));
            }),
      left: found(left),
      s: residual && rootOf(roundedTo(residual)),
      r2: q.isZero(whole) ? null : found(q.subtract(q.ONE, q.divide(left, whole))),
    };
  }
}

/** A fraction cut to so many bits that no digit that is told differs. */
function roundedTo(v: Rational, bits = BITS): Rational {
  if (v.n === 0n) return v;
  const length = v.n.toString(2).length - v.d.toString(2).length;
  const shift = bits - length;
  return shift >= 0
    ? q.rational((v.n << BigInt(shift)) / v.d, 1n << BigInt(shift))
    : q.rational((v.n / (v.d << BigInt(-shift))) << BigInt(-shift), 1n);
}

/** What a search tells, and no more: it is never called settled. */
const found = (v: Rational): RealValue => {
  const near = roundedTo(v);
  return real('estimate', fromRational(near), fromRational(q.multiply(q.magnitude(near), { n: 1n, d: 10n ** 20n })));
};

/**
 * The letters with which a model of one's own comes nearest to points in the sense of least squares, from given starts.
 * Problems: domain where the model has no derivative by a letter; not-converged where it has no value at the start, or
 * its letters cannot be told apart; stopped.
 */
export function nonlinearFit(
  model: OwnModel,
  points: Points,
  shouldContinue: ShouldContinue,
): Result<NonlinearFit, ProblemData> {
  const slopes: Tree[] = [];
  for (const letter of model.letters) {
    const slope = differentiate(model.tree, letter, 'rad');
    if (!slope.ok) return fail(slope.problem);
    slopes.push(slope.value);
  }
  if (points.x.length < model.letters.length)
    return fail({ code: 'dimension', reason: 'too-few', needs: model.letters.length, got: points.x.length });
  const sharpening = new Sharpening(model, points, shouldContinue, slopes);
  let fit: NonlinearFit | null = null;
  for (const rough of new RoughSearch(model, points, shouldContinue, slopes).places()) {
    fit = sharpening.sharpened(rough);
    if (fit !== null) break;
  }
  return fit === null ? fail({ code: 'not-converged', reason: 'no-fit' }) : succeed(fit);
}
