import { itemAt, present } from '../base/item';
import * as ball from './ball';
import type { Ball } from './ball';
import { complexGamma } from './complex-gamma';
import { pi } from './constants';
import { arccos, arcsin, arctan, circular, exp, ln } from './elementary';
import { gamma } from './gamma';
import { arcosh, arsinh, artanh, cosh, ln1p, sinh, tanh } from './hyperbolic';
import { lnGamma } from './log-gamma';
import type { RealOp } from './real-op-names';
import { betaInverse, betaShare, gammaInverse, gammaShare, shareGuard } from './share-ops';

/** `too-wide`: ask again with more bits. */
export type BallAnswer = Ball | 'too-wide' | 'too-large' | 'stopped';

/** An argument at a precision of its kernel's choosing. */
export type Argument = (bits: number) => BallAnswer;

type Kernel = (args: readonly Argument[], bits: number) => BallAnswer;

/** Angles of 10^10 000 are reduced exactly; this is their size in bits. */
const LARGEST_ANGLE_BITS = 33_220;
/** Guard bits that a kernel adds for its own cuts. */
const GUARD = 8;

/** Whether an operation came to a ball, and not to a reason why it did not. */
export const isBall = (answer: BallAnswer): answer is Ball => typeof answer === 'object';
const orWide = (answer: Ball | null | 'too-large'): BallAnswer => answer ?? 'too-wide';

const one =
  (f: (x: Ball, bits: number) => Ball | null | 'too-large'): Kernel =>
  (args, bits) => {
    const a = itemAt(args, 0)(bits + GUARD);
    return isBall(a) ? orWide(f(a, bits + GUARD)) : a;
  };

const two =
  (f: (x: Ball, y: Ball, bits: number) => Ball | null | 'too-large'): Kernel =>
  (args, bits) => {
    const a = itemAt(args, 0)(bits + GUARD);
    if (!isBall(a)) return a;
    const b = itemAt(args, 1)(bits + GUARD);
    return isBall(b) ? orWide(f(a, b, bits + GUARD)) : b;
  };

/** An angle in radians, asked for with as many more bits as it has before its point. */
const ofAngle =
  (f: (x: Ball, bits: number) => Ball | null): Kernel =>
  (args, bits) => {
    const x = itemAt(args, 0);
    const first = x(bits + GUARD);
    if (!isBall(first)) return first;
    const size = ball.upperSize(first);
    if (size > LARGEST_ANGLE_BITS) return 'too-large';
    const sharp = size > 0 ? x(bits + GUARD + size) : first;
    return isBall(sharp) ? orWide(f(sharp, bits + GUARD)) : sharp;
  };

/** Shares and their arguments are worked up to a million bits before or after the point. */
const LARGEST_SHARE_BITS = 1_000_000;

/** Of any number of arguments, asked for with as many more bits as they are large. */
const sharpened =
  (f: (args: readonly Ball[], bits: number) => Ball | null | 'too-large'): Kernel =>
  (args, bits) => {
    const at = (precision: number): Exclude<BallAnswer, Ball> | Ball[] => {
      const answers = args.map((arg) => arg(precision));
      return answers.find((answer): answer is Exclude<BallAnswer, Ball> => !isBall(answer)) ?? answers.filter(isBall);
    };
    const rough = at(bits + GUARD);
    if (typeof rough === 'string') return rough;
    if (rough.some((arg) => Math.abs(ball.upperSize(arg)) > LARGEST_SHARE_BITS)) return 'too-large';
    const known = at(bits + GUARD + shareGuard(...rough));
    return typeof known === 'string' ? known : orWide(f(known, bits + GUARD));
  };

function tangent(x: Ball, bits: number): Ball | null {
  const sine = circular(x, 'sin', bits);
  const cosine = circular(x, 'cos', bits);
  return sine && cosine && ball.divide(sine, cosine, bits);
}

/** x^(1/k) for a whole number k ≥ 2, in balls of `bits` bits; a negative x has a root for odd k only. */
export const rootBall = (x: Ball, k: number, bits: number): Ball | null | 'too-large' =>
  root(x, ball.exactly(BigInt(k)), bits);

/** x^(1/k) for whole k ≥ 2: exp(ln|x|/k) with the sign of x; a ball around zero is too wide unless k is 2. */
function root(x: Ball, k: Ball, bits: number): Ball | null | 'too-large' {
  if (k.mid === 2n && k.exp === 0) return ball.squareRoot(x, bits);
  if (x.mid === 0n && x.rad === 0n) return x;
  const log = ln(ball.magnitude(x), bits);
  const part = log && ball.divide(log, k, bits);
  const size = part && exp(part, bits);
  if (size === null || size === 'too-large') return size;
  return x.mid < 0n ? ball.negate(size) : size;
}

function realPower(x: Ball, y: Ball, bits: number): Ball | null | 'too-large' {
  const log = ln(x, bits);
  return log && exp(ball.multiply(log, y, bits), bits);
}

/** x^k for a whole exponent, negative ones by the inverse. Large ones go by the logarithm. */
function wholePower(x: Ball, k: Ball, bits: number): Ball | null | 'too-large' {
  const n = Number(k.exp >= 0 ? k.mid << BigInt(k.exp) : k.mid >> BigInt(-k.exp));
  if (Math.abs(n) > 4096) {
    const size = realPower(ball.magnitude(x), k, bits);
    if (size === null || size === 'too-large') return size;
    return x.mid < 0n && n % 2 !== 0 ? ball.negate(size) : size;
  }
  const result = ball.powerWhole(x, Math.abs(n), bits + 2 * Math.ceil(Math.log2(Math.abs(n) + 2)));
  return n >= 0 ? result : ball.divide(ball.exactly(1n), result, bits);
}

function partOfGamma(part: 're' | 'im', re: Ball, im: Ball, bits: number): Ball | null | 'too-large' {
  const result = complexGamma({ re, im }, bits);
  return result === null || result === 'too-large' ? result : result[part];
}

/** Every operation that a recipe may name. The domain has been decided before a recipe is made. */
export const realOps = {
  add: two(ball.add),
  multiply: two(ball.multiply),
  divide: two(ball.divide),
  negate: one(ball.negate),
  magnitude: one(ball.magnitude),
  /** x^k, k a whole number. */
  wholePower: two(wholePower),
  /** x^y, x > 0. */
  realPower: two(realPower),
  /** The k-th root, k a whole number; odd roots of negatives are negative. */
  root: two(root),
  exp: one(exp),
  ln: one(ln),
  sin: ofAngle((x, bits) => circular(x, 'sin', bits)),
  cos: ofAngle((x, bits) => circular(x, 'cos', bits)),
  tan: ofAngle(tangent),
  arcsin: one(arcsin),
  arccos: one(arccos),
  arctan: one(arctan),
  gamma: one(gamma),
  /** The real and the imaginary part of Γ(x + yi). */
  gammaRe: two((x, y, bits) => partOfGamma('re', x, y, bits)),
  gammaIm: two((x, y, bits) => partOfGamma('im', x, y, bits)),
  lnGamma: one(lnGamma),
  /** P(a, x) and Q(a, x), the regularised incomplete gamma functions; a, x > 0. */
  gammaBelow: sharpened(([a, x], bits) => gammaShare('below', present(a), present(x), bits)),
  gammaAbove: sharpened(([a, x], bits) => gammaShare('above', present(a), present(x), bits)),
  /** I_x(a, b) with y = 1 − x: the regularised incomplete beta function; a, b > 0, 0 < x < 1. */
  betaBelow: sharpened(([a, b, x, y], bits) => betaShare(present(a), present(b), present(x), present(y), bits)),
  /** ln x where P(a, x) = p; q = 1 − p. */
  gammaInverse: sharpened(([a, p, q], bits) => gammaInverse(present(a), present(p), present(q), bits)),
  /** ln(x/(1 − x)) where I_x(a, b) = p; q = 1 − p. */
  betaInverse: sharpened(([a, b, p, q], bits) => betaInverse(present(a), present(b), present(p), present(q), bits)),
  sinh: one(sinh),
  cosh: one(cosh),
  tanh: one(tanh),
  arsinh: one(arsinh),
  arcosh: one(arcosh),
  artanh: one(artanh),
  /** ln(1 + x), sharp for small x. */
  ln1p: one(ln1p),
  /** A number known to lie within the second argument of the first, and no closer (a proved integral or long sum). */
  within: two((x, r) => ball.widen(x, r.mid + r.rad, r.exp)),
  /** The same, but the radius is an estimate and no proof: what comes of it is never called settled. */
  estimate: two((x, r) => ball.widen(x, r.mid + r.rad, r.exp)),
  /** π itself, for the square-root sums of which it is no rational multiple. */
  pi: (_args: readonly Argument[], bits: number): BallAnswer => pi(bits),
} as const satisfies Record<RealOp, Kernel>;
