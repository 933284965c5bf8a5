import type { RealOp } from './real-op-names';
import { factorialDouble } from './gamma-double';

/**
 * What is known of a function over an interval: all its values there lie from `low` to `high`, and how it behaves.
 * `continuous`: defined and continuous all over; `defined`: it has a value everywhere but may jump; `partial`: it may
 * have no value somewhere; `nowhere`: it has none at all. Source: IEEE Std 1788-2015, decorations (dac, def, trv) and
 * the empty set. Bounds are doubles rounded outwards: by one unit of the last place after + − × ÷ √, by four after the
 * other functions, whose doubles err by less than one.
 */
export type Behaviour = 'continuous' | 'defined' | 'partial' | 'nowhere';
export type Bounds = Readonly<{ low: number; high: number; is: Behaviour }>;

const ULP = 2 ** -52;
const LEAST = Number.MIN_VALUE;

const down = (x: number, ulps = 1): number => (Number.isFinite(x) ? x - Math.abs(x) * ULP * ulps - LEAST : x);
const up = (x: number, ulps = 1): number => (Number.isFinite(x) ? x + Math.abs(x) * ULP * ulps + LEAST : x);

const rank: { [B in Behaviour]: number } = { continuous: 3, defined: 2, partial: 1, nowhere: 0 };
const worse = (a: Behaviour, b: Behaviour): Behaviour => (rank[a] < rank[b] ? a : b);

export const NOWHERE: Bounds = { low: Infinity, high: -Infinity, is: 'nowhere' };
/** Nothing is known. */
export const ANYTHING: Bounds = { low: -Infinity, high: Infinity, is: 'partial' };

/** Ends that came out as no number are taken for the widest that they can be. */
const bounds = (low: number, high: number, is: Behaviour): Bounds => ({
  low: Number.isNaN(low) ? -Infinity : low,
  high: Number.isNaN(high) ? Infinity : high,
  is,
});

/** A continuous stretch of values between two doubles. */
export const interval = (low: number, high: number): Bounds => ({ low, high, is: 'continuous' });

/** A constant that a double is near to. */
export const constantBounds = (c: number): Bounds => (Number.isNaN(c) ? NOWHERE : interval(down(c), up(c)));

/** An operation on one interval that is worked only where there is something. */
const one =
  (f: (a: Bounds) => Bounds) =>
  (a: Bounds): Bounds => {
    if (a.is === 'nowhere') return NOWHERE;
    const b = f(a);
    return b.is === 'nowhere' ? NOWHERE : bounds(b.low, b.high, worse(a.is, b.is));
  };

const two =
  (f: (a: Bounds, b: Bounds) => Bounds) =>
  (a: Bounds, b: Bounds): Bounds => {
    if (a.is === 'nowhere' || b.is === 'nowhere') return NOWHERE;
    const c = f(a, b);
    return c.is === 'nowhere' ? NOWHERE : bounds(c.low, c.high, worse(worse(a.is, b.is), c.is));
  };

/** A function that rises all over its domain from `from` to `to`. */
const rising = (f: (x: number) => number, from = -Infinity, to = Infinity, takesFrom = true, takesTo = true) =>
  one((a) => {
    if (a.high < from || a.low > to || (!takesFrom && a.high <= from) || (!takesTo && a.low >= to)) return NOWHERE;
    const [low, high] = [Math.max(a.low, from), Math.min(a.high, to)];
    const isInside = low === a.low && high === a.high && (takesFrom || low > from) && (takesTo || high < to);
    return { low: down(f(low), 4), high: up(f(high), 4), is: isInside ? 'continuous' : 'partial' };
  });

/** A function whose value changes only by steps, and never falls. */
export const stepping = (f: (x: number) => number) =>
  one((a) => {
    const [low, high] = [f(a.low), f(a.high)];
    return { low, high, is: low === high && a.low !== a.high ? 'continuous' : 'defined' };
  });

/** Bounds of −x. */
export const negate = one((a) => interval(-a.high, -a.low));
/** Bounds of x + y, rounded outwards. */
export const add = two((a, b) => interval(down(a.low + b.low), up(a.high + b.high)));
/** Bounds of x − y, rounded outwards. */
export const subtract = (a: Bounds, b: Bounds): Bounds => add(a, negate(b));

/** 0·∞ is 0 here: an end that is never reached. */
const product = (a: number, b: number): number => (a === 0 || b === 0 ? 0 : a * b);

/** Bounds of x · y: the least and largest product of their ends, rounded outwards. */
export const multiply = two((a, b) => {
  const [p, r, s, t] = [product(a.low, b.low), product(a.low, b.high), product(a.high, b.low), product(a.high, b.high)];
  return interval(down(Math.min(p, r, s, t)), up(Math.max(p, r, s, t)));
});

const quotient = (a: number, b: number): number => (a === 0 ? 0 : a / b);

/** Bounds of x / y: of one side only where y ends at zero, nothing known where it passes through, nowhere where it is zero. */
export const divide = two((a, b) => {
  if (b.low === 0 && b.high === 0) return NOWHERE;
  if (b.low > 0 || b.high < 0) {
    const ends = [quotient(a.low, b.low), quotient(a.low, b.high), quotient(a.high, b.low), quotient(a.high, b.high)];
    const whole = ends.some(Number.isNaN);
    return whole ? interval(-Infinity, Infinity) : interval(down(Math.min(...ends)), up(Math.max(...ends)));
  }
  if (b.low < 0 && b.high > 0) return ANYTHING;
  // Zero is an end of the divisor: one side only, beyond the quotient by its other end.
  const far = b.low === 0 ? b.high : b.low;
  const sign = Math.sign(far);
  if (a.low > 0) return sign > 0 ? part(down(a.low / far), Infinity) : part(-Infinity, up(a.low / far));
  if (a.high < 0) return sign > 0 ? part(-Infinity, up(a.high / far)) : part(down(a.high / far), Infinity);
  return ANYTHING;
});

const part = (low: number, high: number): Bounds => ({ low, high, is: 'partial' });

/** Bounds of |x|. */
export const magnitude = one((a) => {
  if (a.low >= 0) return interval(a.low, a.high);
  return a.high <= 0 ? interval(-a.high, -a.low) : interval(0, Math.max(-a.low, a.high));
});

const ONE = interval(1, 1);

/** x^n for a whole n. */
function wholePower(a: Bounds, n: number): Bounds {
  if (n < 0) return divide(ONE, wholePower(a, -n));
  if (n === 0) return a.is === 'nowhere' ? NOWHERE : { ...ONE, is: a.is };
  const base = n % 2 === 0 ? magnitude(a) : a;
  return one(({ low, high }) => interval(down(low ** n, 4), up(high ** n, 4)))(base);
}

/** The k-th root: odd ones of all numbers, even ones from zero on. */
function root(a: Bounds, k: number): Bounds {
  const f = k === 2 ? Math.sqrt : k === 3 ? Math.cbrt : (x: number) => Math.sign(x) * Math.abs(x) ** (1 / k);
  const result = rising(f, k % 2 === 0 ? 0 : -Infinity)(a);
  // The root of zero is zero, and no number below it.
  return k % 2 === 0 && result.low < 0 ? { ...result, low: 0 } : result;
}

/** x^y for x ≥ 0: it rises or falls in each of the two, so that its ends lie at corners. A whole y takes any x. */
const realPower = two((a, b) => {
  const n = wholeOf(b);
  if (n !== null) return wholePower(a, n);
  if (a.high < 0) return NOWHERE;
  const low = Math.max(a.low, 0);
  const ends = [low ** b.low, low ** b.high, a.high ** b.low, a.high ** b.high];
  const isWhole = a.low > 0 || (a.low >= 0 && b.low > 0);
  if (ends.some(Number.isNaN)) return ANYTHING;
  return {
    low: Math.max(0, down(Math.min(...ends, low < 1 && a.high > 1 ? 1 : Infinity), 8)),
    high: up(Math.max(...ends), 8),
    is: isWhole ? 'continuous' : 'partial',
  };
});

const TURN = 2 * Math.PI;
/** Beyond this a double says nothing about an angle any more. */
const LARGEST_ANGLE = 2 ** 40;

/** cos moved by a phase: extremes lie where x − phase is a whole number of half turns. */
const circular = (f: (x: number) => number, phase: number) =>
  one((a) => {
    const isFar = Math.max(Math.abs(a.low), Math.abs(a.high)) > LARGEST_ANGLE;
    if (isFar || !(a.high - a.low < TURN)) return interval(-1, 1);
    const slack = 1e-15 * Math.max(1, Math.abs(a.low), Math.abs(a.high));
    const [p, r] = [f(a.low), f(a.high)];
    const holds = (at: number): boolean =>
      Math.floor((a.high - at + slack) / TURN) > Math.floor((a.low - at - slack) / TURN);
    const error = slack + 4 * ULP;
    return interval(
      holds(phase + Math.PI) ? -1 : Math.max(-1, Math.min(p, r) - error),
      holds(phase) ? 1 : Math.min(1, Math.max(p, r) + error),
    );
  });

const sin = circular(Math.sin, Math.PI / 2);
const cos = circular(Math.cos, 0);

const tan = one((a) => {
  const isFar = Math.max(Math.abs(a.low), Math.abs(a.high)) > LARGEST_ANGLE;
  if (isFar || !(a.high - a.low < Math.PI)) return ANYTHING;
  const slack = 1e-15 * Math.max(1, Math.abs(a.low), Math.abs(a.high));
  const turn = (x: number): number => Math.floor(x / Math.PI + 0.5);
  if (turn(a.high + slack) !== turn(a.low - slack)) return ANYTHING;
  // Near a pole the angle's own rounding counts as much as the tangent squared.
  const err = (t: number): number => slack * (1 + t * t) * 2;
  const [low, high] = [Math.tan(a.low), Math.tan(a.high)];
  return interval(low - err(low), high + err(high));
});

const arccos = one((a) => {
  const rest = rising(Math.asin, -1, 1)(a);
  return rest.is === 'nowhere' ? NOWHERE : { ...subtract(constantBounds(Math.PI / 2), rest), is: rest.is };
});

const cosh = one((a) => {
  const size = magnitude(a);
  return interval(Math.max(1, down(Math.cosh(size.low), 4)), up(Math.cosh(size.high), 4));
});

/** Where Γ has its least value above zero, and that value (DLMF 5.4.20). */
const LEAST_AT = 1.4616321449683622;
const LEAST_GAMMA = 0.8856031944108886;
const gammaDouble = (x: number): number => factorialDouble(x - 1);

function gamma(a: Bounds): Bounds {
  if (a.is === 'nowhere') return NOWHERE;
  if (a.low > 0) {
    const ends = [gammaDouble(a.low), gammaDouble(a.high)];
    if (!ends.every(Number.isFinite)) return ANYTHING;
    const isThrough = a.low <= LEAST_AT && a.high >= LEAST_AT;
    return bounds(
      Math.min(...ends, isThrough ? LEAST_GAMMA : Infinity) * (1 - 1e-13),
      Math.max(...ends) * (1 + 1e-13),
      a.is,
    );
  }
  if (a.high > 0 || Math.floor(a.low) !== Math.floor(a.high) || Number.isInteger(a.low)) return ANYTHING;
  // Γ(x) = π/(sin πx · Γ(1 − x)), DLMF 5.5.3.
  const pi = constantBounds(Math.PI);
  return divide(pi, multiply(sin(multiply(pi, a)), gamma(subtract(ONE, a))));
}

/** A whole number that an interval is, or null. */
const wholeOf = (a: Bounds | undefined): number | null =>
  a !== undefined && a.low === a.high && Number.isInteger(a.low) ? a.low : null;

const whole =
  (f: (a: Bounds, n: number) => Bounds) =>
  (a: Bounds, n: Bounds): Bounds => {
    const k = wholeOf(n);
    return k === null ? ANYTHING : f(a, k);
  };

type Kernel = (...args: Bounds[]) => Bounds;
const anything: Kernel = () => ANYTHING;

/** The operations that balls know, for intervals of doubles. */
export const intervalOps: { [O in RealOp]: Kernel } = {
  add,
  multiply,
  divide,
  negate,
  magnitude,
  wholePower: whole(wholePower),
  realPower,
  root: whole(root),
  exp: one((a) => interval(Math.max(0, down(Math.exp(a.low), 4)), up(Math.exp(a.high), 4))),
  ln: rising(Math.log, 0, Infinity, false),
  sin,
  cos,
  tan,
  arcsin: rising(Math.asin, -1, 1),
  arccos,
  arctan: rising(Math.atan),
  gamma,
  gammaRe: anything,
  gammaIm: anything,
  lnGamma: anything,
  gammaBelow: anything,
  gammaAbove: anything,
  betaBelow: anything,
  gammaInverse: anything,
  betaInverse: anything,
  sinh: rising(Math.sinh),
  cosh,
  tanh: rising(Math.tanh),
  arsinh: rising(Math.asinh),
  arcosh: rising(Math.acosh, 1),
  artanh: rising(Math.atanh, -1, 1, false, false),
  ln1p: rising(Math.log1p, -1, Infinity, false),
  within: anything,
  estimate: anything,
  pi: () => constantBounds(Math.PI),
};

/** Bounds of the smaller of two values. */
export const smaller = two((a, b) => interval(Math.min(a.low, b.low), Math.min(a.high, b.high)));
/** Bounds of the larger of two values. */
export const larger = two((a, b) => interval(Math.max(a.low, b.low), Math.max(a.high, b.high)));

/** a − b·⌊a/b⌋: continuous only where the quotient stays between two whole numbers. */
export const remainder = (a: Bounds, b: Bounds): Bounds => subtract(a, multiply(b, stepping(Math.floor)(divide(a, b))));

/** One of the two, it is not known which. */
export function either(a: Bounds, b: Bounds): Bounds {
  if (a.is === 'nowhere' && b.is === 'nowhere') return NOWHERE;
  const is = a.is === 'nowhere' || b.is === 'nowhere' ? 'partial' : worse(worse(a.is, b.is), 'defined');
  return { low: Math.min(a.low, b.low), high: Math.max(a.high, b.high), is };
}
