import { itemAt, lastOf } from '@/core/base/item';
import { guarded } from '@/core/base/limits';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { ShouldContinue } from '@/core/base/should-continue';
import type { AngleUnit } from '@/core/base/angle';
import { exactTree } from '@/core/format/exact-tree';
import { completedSquare, factoredTree, polynomialTree } from '@/core/format/polynomial';
import type { Factor } from '@/core/format/polynomial';
import type { Random } from '@/core/function/record';
import { printText, TYPED } from '@/core/language/print-text';
import * as q from '@/core/number/rational';
import { asRational, fromRational, isExact, isExactReal, isReal } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import { cardano } from '@/core/polynomial/cardano';
import { degreeOf, divided, primitive, trimmed } from '@/core/polynomial/rational-polynomial';
import type { Polynomial } from '@/core/polynomial/rational-polynomial';
import { rationalRoots } from '@/core/polynomial/rational-roots';
import { rootsOf } from '@/core/polynomial/roots';
import type { PolynomialRoot } from '@/core/polynomial/roots';
import { squarefreeParts } from '@/core/polynomial/squarefree-parts';
import { discriminantOf } from '@/core/solve/discriminant';
import { contextFor } from '../answer';
import type { LineRequest } from '../answer';
import { Shower } from '../solution-view';
import type { KeptView } from '../solution-view';
import { entryValue } from './tables';

/** Coefficients from the highest power down, and the letter of the unknown. */
export type PolynomialRequest = LineRequest & Readonly<{ coefficients: readonly string[]; letter: string }>;

export type RootView = KeptView & Readonly<{ multiplicity: number; isReal: boolean }>;

/** Texts are typed with a point. */
export type PolynomialView =
  | Readonly<{ kind: 'refused'; problem: Problem; column: number }>
  | Readonly<{ kind: 'constant' }>
  | Readonly<{
      kind: 'roots';
      degree: number;
      text: string;
      roots: readonly RootView[];
      discriminant: KeptView;
      factored: string;
      /** For degree two: where it turns, and the steps by which it becomes a square. */
      vertex: Readonly<{ x: KeptView; y: KeptView }> | null;
      square: readonly string[];
      /** Each root by Cardano's formula, for degree three without a shorter way. */
      cardano: readonly string[];
    }>;

/** To how many places roots are proved that have no short exact form. */
const PLACES = 230;

const typed = (tree: Parameters<typeof printText>[0]): string => printText(tree, TYPED);

/** The factors over the rationals, or over the real numbers where all roots are exact and real. */
function factorsOf(p: Polynomial, roots: readonly PolynomialRoot[], letter: string): string {
  const lead = lastOf(p);
  const isSplit = roots.every(({ value }) => isReal(value) && isExactReal(value));
  if (isSplit) {
    const factors = roots.flatMap(({ value, multiplicity }): Factor[] =>
      isReal(value) && isExactReal(value) ? [{ of: { root: value }, power: multiplicity }] : [],
    );
    return typed(factoredTree(lead, factors, letter));
  }
  const factors: Factor[] = [];
  let left = lead;
  for (const { part, multiplicity } of squarefreeParts(p)) {
    const { found, rest } = rationalRoots(part);
    for (const root of found) factors.push({ of: { root: fromRational(root) }, power: multiplicity });
    if (degreeOf(rest) < 1) continue;
    const polynomial = primitive(rest);
    for (let i = 0; i < multiplicity; i += 1) left = q.divide(left, lastOf(polynomial));
    factors.push({ of: { polynomial }, power: multiplicity });
  }
  return typed(factoredTree(left, factors, letter));
}

/** A turn of each unit, as it is typed. */
const TURNS: Readonly<Record<AngleUnit, string>> = { deg: '360', rad: '2pi', grad: '400' };

const bracketed = (text: string): string => (/[-+/]/.test(text) ? `(${text})` : text);

function cardanoTexts(p: Polynomial, unit: AngleUnit, shouldContinue: ShouldContinue): readonly string[] {
  if (degreeOf(p) !== 3 || rationalRoots(primitive(p)).found.length > 0) return [];
  const found = cardano(p, shouldContinue);
  if (found === null) return [];
  const exact = (v: RealValue): string => (isExact(v) ? typed(exactTree(v)) : '');
  const shift = q.isZero(found.shift)
    ? ''
    : `${q.sign(found.shift) < 0 ? '-' : '+'}${typed(exactTree(fromRational(q.magnitude(found.shift))))}`;
  if (found.kind === 'angles') {
    const [size, ratio] = [bracketed(exact(found.size)), exact(found.ratio)];
    return [0, 1, 2].map((k) => {
      const less = k === 0 ? '' : `-${k === 1 ? '' : `${k}*`}${TURNS[unit]}`;
      return `${size}*cos((acos(${ratio})${less})/3)${shift}`;
    });
  }
  const [u, v] = [`cbrt(${exact(found.first)})`, `cbrt(${exact(found.second)})`];
  const half = `-(${u}+${v})/2${shift}`;
  const across = `sqrt(3)/2*(${u}-${v})*i`;
  return [`${u}+${v}${shift}`, `${half}-${across}`, `${half}+${across}`];
}

/** All that is told of a polynomial: its roots, its discriminant, its factors, and its turning point. */
export const polynomialView = (
  request: PolynomialRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<PolynomialView, Problem> =>
  guarded(
    () => worked(request, shouldContinue, random),
    (problemData) => withSpan(problemData, { from: 0, to: 0 }),
  );

function worked(
  request: PolynomialRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<PolynomialView, Problem> {
  const context = contextFor(request, shouldContinue, random);
  const values = [];
  for (const [column, text] of request.coefficients.entries()) {
    const value = entryValue(text, context);
    if (!value.ok) return succeed({ kind: 'refused', problem: value.problem, column });
    const rational = asRational(value.value);
    if (rational === null) {
      const problem = withSpan(
        { code: 'domain', reason: 'rational-only', fn: 'polynomial' },
        { from: 0, to: text.length },
      );
      return succeed({ kind: 'refused', problem, column });
    }
    values.push(rational);
  }
  const p = trimmed(values.reverse());
  if (p.length < 2) return succeed({ kind: 'constant' });
  const roots = rootsOf(p, PLACES, shouldContinue);
  if (roots === null) return fail(withSpan({ code: 'not-converged' }, { from: 0, to: 0 }));
  const shower = new Shower(request, context);
  const isQuadratic = degreeOf(p) === 2;
  const middle = isQuadratic ? q.divide(q.negate(itemAt(p, 1)), q.multiply(q.whole(2), itemAt(p, 2))) : q.ZERO;
  return succeed({
    kind: 'roots',
    degree: degreeOf(p),
    text: typed(polynomialTree(p, request.letter)),
    roots: roots.map(({ value, multiplicity }) => ({
      ...shower.kept(value),
      multiplicity,
      isReal: isReal(value),
    })),
    discriminant: shower.kept(fromRational(discriminantOf(p, shouldContinue))),
    factored: factorsOf(p, roots, request.letter),
    vertex: isQuadratic
      ? {
          x: shower.kept(fromRational(middle)),
          y: shower.kept(fromRational(divided(p, [q.negate(middle), q.ONE]).remainder[0] ?? q.ZERO)),
        }
      : null,
    square: isQuadratic ? completedSquare(p, request.letter).map(typed) : [],
    cardano: cardanoTexts(p, request.angle, shouldContinue),
  });
}
