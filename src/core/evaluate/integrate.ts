import { itemAt } from '../base/item';
import type { ProblemData } from '../base/problem';
import { succeed } from '../base/result';
import { inside } from '../language/tree';
import type { Tree } from '../language/tree';
import { toBall } from '../number/approximate';
import { add, divide, multiply, negate, real, subtract } from '../number/arithmetic';
import type { RealResult } from '../number/arithmetic';
import * as ball from '../number/ball';
import type { Ball } from '../number/ball';
import { estimatedIntegral } from '../number/double-exponential';
import type { End } from '../number/double-exponential';
import { lnOf } from '../number/logarithm';
import { ballFunction } from '../number/real-expr-balls';
import type { BallFunction } from '../number/real-expr-balls';
import { power } from '../number/power';
import { provedIntegral } from '../number/quadrature';
import * as q from '../number/rational';
import { isBall } from '../number/real-ops';
import { compareReals, signOf } from '../number/sign';
import { fromRational, fromWhole, isReal } from '../number/value';
import type { RealValue } from '../number/value';
import { placed, refused, withLetter } from './context';
import type { Context, Evaluated, Evaluator } from './context';
import { compileToRealExpr } from './real-expr';
import { powerSumOf } from './power-sum';
import type { PowerSum } from './power-sum';

type Call = Tree & { kind: 'call' };
type Limit = RealValue | 'infinity' | '-infinity';

const DIVERGES: ProblemData = { code: 'not-converged', reason: 'diverges' };

function limitOf(tree: Tree, context: Context, worth: Evaluator): Limit | (Evaluated & { ok: false }) {
  const bare = inside(tree);
  const isNegative = bare.kind === 'negate';
  const size = isNegative ? inside(bare.of) : bare;
  if (size.kind === 'constant' && size.name === 'inf') return isNegative ? '-infinity' : 'infinity';
  const value = worth(tree, context);
  if (!value.ok) return value;
  if (isReal(value.value)) return value.value;
  return refused({ code: 'domain', reason: 'real-only', fn: 'integral' }, tree.span);
}

const rank = (limit: Limit): number => (limit === '-infinity' ? -1 : limit === 'infinity' ? 1 : 0);

/** The sign of b − a. */
function direction(a: Limit, b: Limit, { shouldContinue }: Context) {
  if (typeof a === 'string' || typeof b === 'string') return Math.sign(rank(b) - rank(a)) as -1 | 0 | 1;
  return compareReals(b, a, shouldContinue);
}

/** x^(r+1)/(r+1) or ln x at a limit; 'infinite' where it grows without bound. */
function primitive(r: q.Rational, at: Limit, { shouldContinue }: Context): RealResult | 'infinite' {
  const up = q.add(r, q.ONE);
  if (at === 'infinity') return up.n < 0n ? succeed(fromWhole(0)) : 'infinite';
  if (at === '-infinity') return up.n < 0n ? succeed(fromWhole(0)) : 'infinite';
  if (up.n <= 0n && signOf(at, shouldContinue) === 0) return 'infinite';
  if (up.n === 0n) return lnOf(signOf(at, shouldContinue) === -1 ? negate(at) : at, shouldContinue);
  const raised = power(at, fromRational(up), shouldContinue);
  return raised.ok ? divide(raised.value, fromRational(up), shouldContinue) : raised;
}

/** A sum of powers, by its primitive; null when that does not serve (a fraction power beside negative numbers, several terms to infinity). */
function exactly(sum: PowerSum, lo: Limit, hi: Limit, context: Context): RealResult | null {
  const terms = [...sum.values()];
  const sign = (limit: Limit) => (typeof limit === 'string' ? rank(limit) : signOf(limit, context.shouldContinue));
  const [low, high] = [sign(lo), sign(hi)];
  if (typeof low === 'string' || typeof high === 'string') return null;
  // Odd roots of negative numbers are real, unless complex numbers are on.
  if (low < 0 && terms.some((t) => (context.complex ? t.exponent.d !== 1n : t.exponent.d % 2n === 0n))) return null;
  // A pole between the limits, or at one of them.
  const worst = terms.reduce((least, t) => (q.compare(t.exponent, least) < 0 ? t.exponent : least), q.ZERO);
  if (low <= 0 && high >= 0 && q.compare(worst, q.whole(-1)) <= 0) return { ok: false, problem: DIVERGES };
  if ((typeof lo === 'string' || typeof hi === 'string') && terms.some((t) => q.compare(t.exponent, q.whole(-1)) >= 0))
    return { ok: false, problem: DIVERGES };
  let total: RealValue = fromWhole(0);
  for (const { exponent, coefficient } of terms) {
    const [above, below] = [primitive(exponent, hi, context), primitive(exponent, lo, context)];
    if (above === 'infinite' || below === 'infinite') return { ok: false, problem: DIVERGES };
    if (!above.ok) return above;
    if (!below.ok) return below;
    total = add(total, multiply(coefficient, subtract(above.value, below.value)));
  }
  return succeed(total);
}

const rationalOf = (n: bigint, exp: number): RealValue =>
  fromRational(exp >= 0 ? q.whole(n << BigInt(exp)) : q.rational(n, 1n << BigInt(-exp)));

/** A number known to lie in a ball, proved or by estimate. */
const known = (op: 'within' | 'estimate', value: Ball, error: Ball): RealValue =>
  real(op, rationalOf(value.mid, value.exp), rationalOf(error.mid + error.rad, error.exp));

/** The integrand by the evaluator itself, point by point, where it is not made of ball operations. */
function pointwise(of: Tree, name: string, context: Context, worth: Evaluator): BallFunction {
  return (x, bits) => {
    const value = worth(of, withLetter(context, name, rationalOf(x.mid, x.exp)));
    return value.ok && isReal(value.value) ? toBall(value.value, bits, context.shouldContinue) : 'too-wide';
  };
}

const MOST_HALVINGS = 5;

function estimatedInPieces(
  f: BallFunction,
  from: End,
  to: End,
  target: number,
  depth: number,
  shouldContinue: Context['shouldContinue'],
): ReturnType<typeof estimatedIntegral> {
  const whole = estimatedIntegral(f, from, to, target, shouldContinue);
  if (whole !== null || depth === 0 || typeof from === 'string' || typeof to === 'string') return whole;
  const both = ball.add(from, to, 8 * target);
  const middle: Ball = { ...both, exp: both.exp - 1 };
  const left = estimatedInPieces(f, from, middle, target, depth - 1, shouldContinue);
  if (left === null || left === 'stopped') return left;
  const right = estimatedInPieces(f, middle, to, target, depth - 1, shouldContinue);
  if (right === null || right === 'stopped') return right;
  const bits = 4 * target;
  return { value: ball.add(left.value, right.value, bits), error: ball.add(left.error, right.error, bits) };
}

/** To relative accuracy: a small integral is worked again with as many more bits as it is small. */
function toDigits<T>(digits: number, work: (target: number) => T, sizeOf: (result: T) => number | null): T {
  const target = Math.ceil(digits * 3.33) + 8;
  const first = work(target);
  const size = sizeOf(first);
  return size === null || size > -4 || size < -target ? first : work(target - size);
}

function numerically(tree: Call, lo: Limit, hi: Limit, context: Context, worth: Evaluator): Evaluated {
  const [of, letter] = tree.args as [Tree, Tree & { kind: 'letter' }];
  const part = compileToRealExpr(of, letter.name, context, worth);
  const end = (limit: Limit, bits: number): End | null => {
    if (typeof limit === 'string') return limit;
    const result = toBall(limit, bits, context.shouldContinue);
    return isBall(result) ? result : null;
  };
  const sizeOf = (result: Ball): number => ball.upperSize(result);
  if (part !== null && typeof lo !== 'string' && typeof hi !== 'string') {
    const proved = toDigits(
      context.digits,
      (target) => {
        const [from, to] = [end(lo, target + 40), end(hi, target + 40)] as [Ball | null, Ball | null];
        return from && to ? provedIntegral(part, from, to, target, context.shouldContinue) : null;
      },
      (result) => (result !== null && isBall(result) ? sizeOf(result) : null),
    );
    if (proved === 'stopped') return refused({ code: 'stopped' }, tree.span);
    if (proved !== null) return succeed(known('within', proved, { mid: proved.rad, rad: 0n, exp: proved.exp }));
  }
  const f = part ? ballFunction(part, context.shouldContinue) : pointwise(of, letter.name, context, worth);
  const estimate = toDigits(
    context.digits,
    (target) => {
      const [from, to] = [end(lo, 4 * target + 80), end(hi, 4 * target + 80)];
      // What has steps or corners may be smooth on halves and quarters.
      const depth = part === null ? MOST_HALVINGS : 0;
      return from && to ? estimatedInPieces(f, from, to, target, depth, context.shouldContinue) : null;
    },
    (result) => (typeof result === 'object' && result !== null ? sizeOf(result.value) : null),
  );
  if (estimate === 'stopped') return refused({ code: 'stopped' }, tree.span);
  if (estimate === null) return refused(DIVERGES, tree.span);
  return succeed(known('estimate', estimate.value, estimate.error));
}

type Refused = Evaluated & { ok: false };

/**
 * What the integrand itself has to say at points between the limits: `certain` when it can have no value (a letter that
 * holds nothing), else a domain that it leaves at one of them.
 */
function problemInside(
  tree: Call,
  lo: Limit,
  hi: Limit,
  context: Context,
  worth: Evaluator,
): { certain: Refused | null; domain: Refused | null } {
  const [of, letter] = tree.args as [Tree, Tree & { kind: 'letter' }];
  const at = (x: RealValue) => worth(of, withLetter(context, letter.name, x));
  const [a, b] = [typeof lo === 'string' ? null : lo, typeof hi === 'string' ? null : hi];
  const share = (k: bigint) => fromRational(q.rational(k, 7n));
  const points = [1n, 2n, 5n].map((k) =>
    a && b
      ? add(a, multiply(subtract(b, a), share(k)))
      : add(a ?? b ?? fromWhole(0), multiply(fromWhole(a ? 1 : -1), share(k))),
  );
  const problems = points.map(at).filter((answer) => !answer.ok);
  const isPassing = (code: string): boolean => ['domain', 'divide-by-zero', 'not-converged'].includes(code);
  const unknown = problems.find(({ problem }) => !isPassing(problem.code));
  return {
    certain: unknown ?? (problems.length === points.length ? itemAt(problems, 0) : null),
    domain: problems.find(({ problem }) => problem.code === 'domain') ?? null,
  };
}

/**
 * A definite integral: of sums of powers by the primitive, exact where the limits are; of what is analytic between
 * finite limits proved; else by the double exponential rule, an estimate that is never called settled. Stated ceiling:
 * `digits` of the context. Problems: not-converged (diverges, or does not come to rest), stopped,
 * domain, what the integrand causes.
 */
export function integrate(tree: Call, context: Context, worth: Evaluator): Evaluated {
  const [of, letter, from, to] = tree.args as [Tree, Tree & { kind: 'letter' }, Tree, Tree];
  const lo = limitOf(from, context, worth);
  if (typeof lo === 'object' && 'ok' in lo) return lo;
  const hi = limitOf(to, context, worth);
  if (typeof hi === 'object' && 'ok' in hi) return hi;
  const turn = direction(lo, hi, context);
  if (typeof turn === 'string') return refused({ code: turn === 'undecided' ? 'not-converged' : turn }, tree.span);
  const wrong = problemInside(tree, lo, hi, context, worth);
  if (wrong.certain !== null) return wrong.certain;
  if (turn === 0) return typeof lo === 'string' ? refused(DIVERGES, tree.span) : succeed(fromWhole(0));
  const [low, high] = turn > 0 ? [lo, hi] : [hi, lo];
  // Multiplied out, √x·√x would have a value where it has none.
  const sum = wrong.domain === null ? powerSumOf(of, letter.name, context, worth) : null;
  const exact = sum && exactly(sum, low, high, context);
  const result = exact ? placed(exact, tree.span) : numerically(tree, low, high, context, worth);
  if (!result.ok && result.problem.code === 'not-converged' && wrong.domain !== null) return wrong.domain;
  return result.ok && turn < 0 ? succeed(negate(result.value as RealValue)) : result;
}
