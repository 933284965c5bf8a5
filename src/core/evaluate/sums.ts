import { itemAt, present } from '../base/item';
import type { Problem } from '../base/problem';
import { succeed } from '../base/result';
import type { Result } from '../base/result';
import { nodesOf } from '../language/tree';
import type { Tree } from '../language/tree';
import { toBall } from '../number/approximate';
import { add, multiply, real } from '../number/arithmetic';
import * as complex from '../number/complex';
import * as ball from '../number/ball';
import type { Ball } from '../number/ball';
import { LARGEST_POWER } from '../number/largest-power';
import { bitLength } from '../number/integer';
import { ballFunction } from '../number/real-expr-balls';
import type { BallFunction } from '../number/real-expr-balls';
import * as q from '../number/rational';
import { isBall } from '../number/real-ops';
import { asRational, asWhole, fromRational, fromWhole, isReal } from '../number/value';
import type { RealValue, Scalar, Value } from '../number/value';
import { placed, refused, withLetter } from './context';
import type { Context, Evaluated, Evaluator } from './context';
import { hasChance, compileToRealExpr, mentions } from './real-expr';
import { geometricParts, geometricSum } from './geometric-sum';
import type { Part } from './geometric-sum';
import { coefficientsOf, powerSumOf } from './power-sum';
import { rationalTerm } from './rational-terms';
import type { RationalTerm } from './rational-terms';
import { asNumber } from './values';

type Call = Tree & { kind: 'call' };

/** More terms than this are not added up. */
const MOST_TERMS = 1_000_000n;
/** Up to here every term is kept as it is: exact, or a recipe that can be refined. */
const MOST_KEPT = 2_000;
/** Fractions with longer denominators are not carried along exactly. */
const MOST_DENOMINATOR_BITS = 4_000;
const LARGEST_BITS = LARGEST_POWER * 3.3219281;
/** Polynomials of more terms than this are added up by differences. */
const FEW = 64n;
const BLOCK = 512;

/** Joined two by two, so that the numbers stay alike in size and recipes flat. */
function joinedPairwise<T>(items: readonly T[], join: (a: T, b: T) => T): T {
  if (items.length === 1) return itemAt(items, 0);
  const middle = items.length >> 1;
  return join(joinedPairwise(items.slice(0, middle), join), joinedPairwise(items.slice(middle), join));
}

const isLong = (v: Scalar): boolean => {
  const r = asRational(v);
  return r !== null && r.d !== 1n && bitLength(r.d) > MOST_DENOMINATOR_BITS;
};

/**
 * Σ p(k) from lo over n terms for a polynomial, exact: Σⱼ C(n, j+1)·Δʲp(lo) (Newton's forward differences; R. Graham,
 * D. Knuth, O. Patashnik, Concrete Mathematics, 5.3, from memory).
 */
function polynomialSum(coefficients: readonly RealValue[], lo: bigint, n: bigint): RealValue {
  const at = (k: bigint): RealValue =>
    coefficients.reduceRight<RealValue>((value, c) => add(multiply(value, fromWhole(k)), c), fromWhole(0));
  let row = coefficients.map((_, j) => at(lo + BigInt(j)));
  let total: RealValue = fromWhole(0);
  let choose = n;
  for (let j = 0; row.length > 0; j += 1) {
    total = add(total, multiply(itemAt(row, 0), fromWhole(choose)));
    choose = (choose * (n - BigInt(j) - 1n)) / BigInt(j + 2);
    row = row.slice(1).map((next, i) => add(next, multiply(itemAt(row, i), fromWhole(-1))));
  }
  return total;
}

/** Factors that are multiplied as whole numbers before the product is cut. */
const FOLDED = 16;

/** A number of which it is known that it lies in a ball. */
function knownWithin({ mid, rad, exp }: Ball): RealValue {
  const unit = (n: bigint) => fromRational(exp >= 0 ? q.whole(n << BigInt(exp)) : q.rational(n, 1n << BigInt(-exp)));
  return real('within', unit(mid), unit(rad));
}

class Terms {
  private readonly bound: Map<string, Value>;
  private readonly inside: Context;
  readonly bits: number;

  constructor(
    private readonly tree: Call,
    private readonly name: string,
    private readonly isSum: boolean,
    private readonly context: Context,
    private readonly worth: Evaluator,
  ) {
    // One map for all terms: only the bound letter changes in it.
    this.inside = withLetter(context, name, fromWhole(0));
    this.bound = this.inside.names.letters as Map<string, Value>;
    this.bits = Math.ceil(context.digits * 3.33) + 80;
  }

  at(k: bigint): Result<Scalar, Problem> {
    this.bound.set(this.name, fromWhole(k));
    const term = itemAt(this.tree.args, 0);
    const value = this.worth(term, this.inside);
    return value.ok ? placed(asNumber(this.tree.fn, value.value), term.span) : value;
  }

  private join = (a: Scalar, b: Scalar): Scalar => (this.isSum ? complex.add(a, b) : complex.multiply(a, b));

  /** Term by term, each kept as it is. 'long' when the fractions grow past what is carried exactly. */
  kept(lo: bigint, hi: bigint): Evaluated | 'long' {
    const items: Scalar[] = [];
    for (let k = lo; k <= hi; k += 1n) {
      const value = this.at(k);
      if (!value.ok) return value;
      items.push(value.value);
    }
    const total = joinedPairwise<Scalar | null>(items, (a, b) =>
      a === null || b === null || isLong(a) || isLong(b) ? null : this.join(a, b),
    );
    return total === null ? 'long' : succeed(total);
  }

  /** Whole terms, exactly; null when one is not whole. */
  wholes(lo: bigint, hi: bigint): Evaluated | null {
    const blocks: bigint[] = [];
    let block: bigint[] = [];
    let bits = 0;
    const join = (a: bigint, b: bigint) => (this.isSum ? a + b : a * b);
    const close = () => {
      if (block.length === 0) return;
      const value = joinedPairwise(block, join);
      bits += this.isSum ? 0 : bitLength(value);
      blocks.push(value);
      block = [];
    };
    for (let k = lo; k <= hi; k += 1n) {
      const value = this.at(k);
      if (!value.ok) return value;
      const n = asWhole(value.value);
      if (n === null) return null;
      block.push(n);
      if (block.length === BLOCK) close();
      if (bits > LARGEST_BITS) return refused({ code: 'too-large' }, this.tree.span);
    }
    close();
    return succeed(fromWhole(joinedPairwise(blocks, join)));
  }

  /** In balls, at the digits that will be asked for; what was lost is in the radius. */
  balls(lo: bigint, hi: bigint): Evaluated {
    const { context, tree, bits } = this;
    const isFixed = !hasChance(itemAt(tree.args, 0));
    const quick = isFixed ? rationalTerm(itemAt(tree.args, 0), this.name, context, this.worth) : null;
    const result = quick && this.ofFractions(quick, lo, hi, bits + 40);
    if (result) return result;
    const part = isFixed ? compileToRealExpr(itemAt(tree.args, 0), this.name, context, this.worth) : null;
    const f: BallFunction | null = part && ballFunction(part, context.shouldContinue);
    let total: Ball = ball.exactly(this.isSum ? 0n : 1n);
    for (let k = lo; k <= hi; k += 1n) {
      if (!context.shouldContinue()) return refused({ code: 'stopped' }, tree.span);
      const term = this.ballAt(f, k);
      if ('ok' in term) return term;
      total = this.isSum ? ball.add(total, term, bits) : ball.multiply(total, term, bits);
    }
    return succeed(knownWithin(total));
  }

  /** Terms that are fractions of whole numbers, in fixed point: each is cut by less than a unit. Null where a term has no value. */
  private ofFractions(term: RationalTerm, lo: bigint, hi: bigint, scale: number): Evaluated | null {
    const by = BigInt(scale);
    let sum = 0n;
    let product: Ball = ball.exactly(1n);
    let [top, bottom, held] = [1n, 1n, 0];
    const fold = () => {
      product = present(ball.divide(ball.multiply(product, ball.exactly(top), scale), ball.exactly(bottom), scale));
      [top, bottom, held] = [1n, 1n, 0];
    };
    for (let k = lo; k <= hi; k += 1n) {
      if ((k & 63n) === 0n && !this.context.shouldContinue()) return refused({ code: 'stopped' }, this.tree.span);
      const x = term(k);
      if (x === null) return null;
      if (this.isSum) {
        sum += (x.n << by) / x.d;
        continue;
      }
      [top, bottom, held] = [top * x.n, bottom * x.d, held + 1];
      if (held === FOLDED) fold();
    }
    fold();
    if (!this.isSum) return succeed(knownWithin(product));
    const size = bitLength(sum) - scale;
    const isSmall = size < -16 && scale < 4 * this.bits;
    if (isSmall) return this.ofFractions(term, lo, hi, scale - Math.max(size, -2 * this.bits));
    return succeed(knownWithin({ mid: sum, rad: hi - lo + 1n, exp: -scale }));
  }

  private ballAt(f: BallFunction | null, k: bigint): Ball | (Evaluated & { ok: false }) {
    const quick = f?.(ball.exactly(k), this.bits);
    if (quick !== undefined && isBall(quick)) return quick;
    const value = this.at(k);
    if (!value.ok) return value;
    const sharp = isReal(value.value) ? toBall(value.value, this.bits, this.context.shouldContinue) : null;
    if (sharp !== null && isBall(sharp)) return sharp;
    const code = sharp === 'too-large' || sharp === 'stopped' ? sharp : 'not-converged';
    return refused({ code }, itemAt(this.tree.args, 0).span);
  }
}

/** The sum of parts that have one in closed form; null where one has none. */
function closedSum(
  parts: readonly Part[] | null,
  lo: bigint,
  count: bigint,
  context: Context,
): RealValue | 'too-large' | null {
  let total: RealValue = fromWhole(0);
  for (const part of parts ?? []) {
    const sum =
      'polynomial' in part ? polynomialSum(part.polynomial, lo, count) : geometricSum(part, lo, count, context);
    if (sum === null || sum === 'too-large') return sum;
    total = add(total, sum);
  }
  return parts && total;
}

/** Whether a term may have no value at some whole number, which multiplying out would hide. */
function dividesBy(tree: Tree, name: string): boolean {
  for (const node of nodesOf(tree)) {
    if (node.kind === 'power' && node.exponent.kind !== 'number' && mentions(node.base, name)) return true;
    if (node.kind === 'binary' && (node.op === 'over' || node.op === 'divide') && mentions(node.right, name))
      return true;
  }
  return false;
}

/** A whole bound of a sum. */
function boundOf(tree: Tree, fn: string, context: Context, worth: Evaluator): bigint | (Evaluated & { ok: false }) {
  const value = worth(tree, context);
  if (!value.ok) return value;
  return asWhole(value.value) ?? refused({ code: 'domain', reason: 'bounds', fn }, tree.span);
}

/**
 * A sum or a product over whole numbers from lo to hi: exact while it is short or whole, of polynomials always, else in
 * balls; sums of polynomials and of geometric terms over any number of terms. Problems: domain (a bound that is not
 * whole), stopped (more than a million terms otherwise, or the time), too-large, what a term causes.
 */
export function sumOrProduct(fn: 'sum' | 'prod', tree: Call, context: Context, worth: Evaluator): Evaluated {
  const [of, letter, from, to] = tree.args as [Tree, Tree & { kind: 'letter' }, Tree, Tree];
  const lo = boundOf(from, fn, context, worth);
  if (typeof lo === 'object') return lo;
  const hi = boundOf(to, fn, context, worth);
  if (typeof hi === 'object') return hi;
  const isSum = fn === 'sum';
  const count = hi - lo + 1n;
  if (count <= 0n) return succeed(fromWhole(isSum ? 0 : 1));
  if (isSum && count > FEW && !dividesBy(of, letter.name) && !hasChance(of)) {
    const sum = powerSumOf(of, letter.name, context, worth);
    const coefficients = sum && coefficientsOf(sum);
    if (coefficients) return succeed(polynomialSum(coefficients, lo, count));
  }
  // Term by term, whole terms and short sums stay as they are; a closed form is for what would take too long.
  if (isSum && count > BigInt(MOST_KEPT) && !hasChance(of)) {
    const closed = closedSum(geometricParts(of, letter.name, context, worth), lo, count, context);
    if (closed === 'too-large') return refused({ code: 'too-large' }, tree.span);
    if (closed !== null) return succeed(closed);
  }
  if (count > MOST_TERMS) return refused({ code: 'stopped', reason: 'terms' }, tree.span);
  const terms = new Terms(tree, letter.name, isSum, context, worth);
  if (count <= MOST_KEPT) {
    const kept = terms.kept(lo, hi);
    if (kept !== 'long') return kept;
  } else {
    const first = terms.at(lo);
    const wholes = first.ok && asWhole(first.value) !== null ? terms.wholes(lo, hi) : null;
    if (wholes !== null) return wholes;
  }
  return terms.balls(lo, hi);
}
