import { itemAt } from '../base/item';
import type { ShouldContinue } from '../base/should-continue';
import type { ProblemData } from '../base/problem';
import { succeed } from '../base/result';
import type { Result } from '../base/result';
import { arctanRadians, fromTurns, ofRadians, turnsOfSine } from './angle';
import { compareWith, signOf } from './sign';
import * as real from './arithmetic';
import { ONE, PI, ZERO, problemData, undecided } from './arithmetic';
import { expOf, lnOf } from './logarithm';
import { power as realPower, root } from './power';
import * as q from './rational';
import { asRational, fromRational, isExact, isExactReal, isReal } from './value';
import type { Complex, RealValue, Scalar } from './value';

/*
 * Complex numbers as pairs of real values, so that exact parts stay exact and real ones are refined by themselves.
 * Principal values throughout; branches as in DLMF 4.2 (ln, powers), 4.23 and 4.37 (inverse functions).
 */

/** A value, real or complex, or what is wrong with making it. */
export type ComplexOutcome = Result<Scalar, ProblemData>;

const HALF = fromRational(q.rational(1n, 2n));
const MINUS_ONE = fromRational(q.whole(-1));

/** The real part; of a real number, itself. */
export const reOf = (z: Scalar): RealValue => (z.kind === 'complex' ? z.re : z);
/** The imaginary part; of a real number, the exact 0. */
export const imOf = (z: Scalar): RealValue => (z.kind === 'complex' ? z.im : ZERO);

/** re + im·i; a real number when im is the exact zero. */
export const complex = (re: RealValue, im: RealValue): Scalar =>
  im.kind === 'rational' && im.value.n === 0n ? re : { kind: 'complex', re, im };

export const I = complex(ZERO, ONE);

/** Goes on with a result that is there. */
export function chain<A, B>(
  result: Result<A, ProblemData>,
  next: (value: A) => Result<B, ProblemData>,
): Result<B, ProblemData> {
  return result.ok ? next(result.value) : result;
}

/** −z. Exact where its parts are. */
export const negate = (z: Scalar): Scalar =>
  isReal(z) ? real.negate(z) : complex(real.negate(z.re), real.negate(z.im));

/** The conjugate of z. Exact where its parts are. */
export const conjugate = (z: Scalar): Scalar => (isReal(z) ? z : complex(z.re, real.negate(z.im)));

/** a + b, part by part; exact where the parts' sums are. */
export const add = (a: Scalar, b: Scalar): Scalar =>
  isReal(a) && isReal(b) ? real.add(a, b) : complex(real.add(reOf(a), reOf(b)), real.add(imOf(a), imOf(b)));

/** a − b, part by part. */
export const subtract = (a: Scalar, b: Scalar): Scalar =>
  isReal(a) && isReal(b)
    ? real.subtract(a, b)
    : complex(real.subtract(reOf(a), reOf(b)), real.subtract(imOf(a), imOf(b)));

/** a · b = (ac − bd) + (ad + bc)·i; exact where the parts' products are. */
export function multiply(a: Scalar, b: Scalar): Scalar {
  if (isReal(a) && isReal(b)) return real.multiply(a, b);
  const [p, r, s, t] = [reOf(a), imOf(a), reOf(b), imOf(b)];
  return complex(
    real.subtract(real.multiply(p, s), real.multiply(r, t)),
    real.add(real.multiply(p, t), real.multiply(r, s)),
  );
}

const squareOfSize = (z: Scalar): RealValue =>
  real.add(real.multiply(reOf(z), reOf(z)), real.multiply(imOf(z), imOf(z)));

/**
 * a / b = a·b̄ / |b|². Problems: divide-by-zero; not-converged, too-large or stopped where it stays open whether b is
 * zero.
 */
export function divide(a: Scalar, b: Scalar, shouldContinue: ShouldContinue): ComplexOutcome {
  if (isReal(b)) {
    if (isReal(a)) return real.divide(a, b, shouldContinue);
    return chain(real.divide(a.re, b, shouldContinue), (re) =>
      chain(real.divide(a.im, b, shouldContinue), (im) => succeed(complex(re, im))),
    );
  }
  return divide(multiply(a, conjugate(b)), squareOfSize(b), shouldContinue);
}

/** |z| = √(re² + im²), exact where the root comes out. Problems: those of the root. */
export const modulus = (z: Scalar, shouldContinue: ShouldContinue): Result<RealValue, ProblemData> =>
  isReal(z) ? real.magnitude(z, shouldContinue) : root(squareOfSize(z), 2, shouldContinue, 'abs');

const timesI = (z: Scalar): Scalar => complex(real.negate(imOf(z)), reOf(z));
const overI = (z: Scalar): Scalar => complex(imOf(z), real.negate(reOf(z)));

/** arg z in radians, in (−π, π]. Problems: domain at zero. */
export function argument(z: Scalar, shouldContinue: ShouldContinue): Result<RealValue, ProblemData> {
  const [x, y] = [signOf(reOf(z), shouldContinue), signOf(imOf(z), shouldContinue)];
  if (typeof y === 'string') return undecided(y);
  if (typeof x === 'string') return undecided(x);
  if (y === 0) {
    if (x === 0) return problemData({ code: 'domain', reason: 'zero-argument', fn: 'arg' });
    return succeed(x > 0 ? ZERO : PI);
  }
  const quarter = real.piTimes(q.rational(BigInt(y), 2n));
  if (x === 0) return succeed(quarter);
  return chain(real.divide(imOf(z), reOf(z), shouldContinue), (slope) =>
    chain(arctanRadians(slope), (angle) => succeed(x > 0 ? angle : real.add(angle, real.add(quarter, quarter)))),
  );
}

/** size·(cos angle + i·sin angle), the angle in radians. */
export function fromPolar(size: RealValue, angle: RealValue): ComplexOutcome {
  return chain(ofRadians('cos', angle), (c) =>
    chain(ofRadians('sin', angle), (s) => succeed(complex(real.multiply(size, c), real.multiply(size, s)))),
  );
}

/** e^z = e^re·(cos im + i·sin im) (DLMF 4.2). Problems: too-large. */
export const exp = (z: Scalar): ComplexOutcome =>
  isReal(z) ? expOf(z) : chain(expOf(z.re), (size) => fromPolar(size, z.im));

/** ln z = ln|z| + i·arg z. Problems: domain at zero. */
export function ln(z: Scalar, shouldContinue: ShouldContinue, fn = 'ln'): ComplexOutcome {
  if (isReal(z)) {
    const sign = signOf(z, shouldContinue);
    if (sign === 1 || sign === 0) return lnOf(z, shouldContinue, fn);
    return chain(lnOf(real.negate(z), shouldContinue, fn), (size) => succeed(complex(size, PI)));
  }
  return chain(lnOf(squareOfSize(z), shouldContinue, fn), (twice) =>
    chain(argument(z, shouldContinue), (angle) => succeed(complex(real.multiply(twice, HALF), angle))),
  );
}

/**
 * √z = √((|z| + re)/2) ± i·√((|z| − re)/2) with the sign of im; the principal value, its real part never negative
 * (DLMF 4.2). Problems: those of real roots and signs.
 */
export function squareRoot(z: Scalar, shouldContinue: ShouldContinue): ComplexOutcome {
  if (isReal(z)) {
    if (signOf(z, shouldContinue) !== -1) return root(z, 2, shouldContinue, 'sqrt');
    return chain(root(real.negate(z), 2, shouldContinue, 'sqrt'), (size) => succeed(complex(ZERO, size)));
  }
  const sign = signOf(z.im, shouldContinue);
  if (typeof sign === 'string') return undecided(sign);
  return chain(modulus(z, shouldContinue), (size) =>
    chain(root(real.multiply(real.add(size, z.re), HALF), 2, shouldContinue, 'sqrt'), (re) =>
      chain(root(real.multiply(real.subtract(size, z.re), HALF), 2, shouldContinue, 'sqrt'), (im) =>
        succeed(complex(re, sign < 0 ? real.negate(im) : im)),
      ),
    ),
  );
}

/** Whole powers up to this are multiplied out while they are exact, the first few always. */
const FEW_FACTORS = 8n;
const MOST_FACTORS = 1024n;

function wholePower(z: Scalar, n: bigint, shouldContinue: ShouldContinue): Scalar | null {
  if (n > MOST_FACTORS) return null;
  let result: Scalar = ONE;
  let square = z;
  for (let rest = n; rest > 0n; rest >>= 1n) {
    if (!shouldContinue()) return null;
    if (rest & 1n) result = multiply(result, square);
    if (rest > 1n) square = multiply(square, square);
  }
  return isExact(result) || n <= FEW_FACTORS ? result : null;
}

/**
 * z^w = e^(w·ln z), the principal value (DLMF 4.2.26); 0^0 = 1. Whole powers and square roots of exact numbers stay
 * exact, and so do powers whose size and angle come out: (−8)^(1/3) = 1 + √3·i.
 */
export function power(z: Scalar, w: Scalar, shouldContinue: ShouldContinue): ComplexOutcome {
  if (isReal(z) && isReal(w) && signOf(z, shouldContinue) !== -1) return realPower(z, w, shouldContinue);
  const to = asRational(w);
  if (to !== null) {
    if (isReal(z) && to.d === 1n) return realPower(z, w as RealValue, shouldContinue);
    if (to.d === 1n) {
      const result = wholePower(z, to.n < 0n ? -to.n : to.n, shouldContinue);
      if (result !== null) return to.n < 0n ? divide(ONE, result, shouldContinue) : succeed(result);
    }
    if (to.d === 2n)
      return chain(squareRoot(z, shouldContinue), (half) => power(half, fromRational(q.whole(to.n)), shouldContinue));
    return chain(modulus(z, shouldContinue), (size) =>
      chain(argument(z, shouldContinue), (angle) =>
        chain(realPower(size, fromRational(to), shouldContinue), (grown) =>
          fromPolar(grown, real.multiply(angle, fromRational(to))),
        ),
      ),
    );
  }
  if (isReal(z) && signOf(z, shouldContinue) === 0) {
    const sign = signOf(reOf(w), shouldContinue);
    return sign === 1 ? succeed(ZERO) : problemData({ code: 'divide-by-zero' });
  }
  return chain(ln(z, shouldContinue, '^'), (log) => exp(multiply(w, log)));
}

/** The principal n-th root for whole n ≥ 1, as `power` with 1/n. */
export const nthRoot = (z: Scalar, n: bigint, shouldContinue: ShouldContinue): ComplexOutcome =>
  power(z, fromRational(q.rational(1n, n)), shouldContinue);

/** z! = Γ(z + 1) off the real line, as a recipe (DLMF 5.2.1); it has no poles there. */
export function factorialOf(z: Complex): Scalar {
  const above = real.add(z.re, ONE);
  return complex(real.real('gammaRe', above, z.im), real.real('gammaIm', above, z.im));
}

/** sinh and cosh of a real part, as recipes; exact at zero. */
const sinh = (x: RealValue): RealValue => (isZero(x) ? ZERO : real.real('sinh', x));
function cosh(x: RealValue): RealValue {
  if (isZero(x)) return ONE;
  const size = x.kind === 'real' && x.op === 'negate' ? itemAt(x.args, 0) : x;
  return size.kind === 'real' && size.op === 'arcosh' ? itemAt(size.args, 0) : real.real('cosh', size);
}
const isZero = (x: RealValue): boolean => x.kind === 'rational' && x.value.n === 0n;

/** sin(a + bi) = sin a·cosh b + i·cos a·sinh b (DLMF 4.21.37), the angle in radians. */
export const sin = (z: Scalar): ComplexOutcome =>
  chain(ofRadians('sin', reOf(z)), (s) =>
    chain(ofRadians('cos', reOf(z)), (c) =>
      succeed(complex(real.multiply(s, cosh(imOf(z))), real.multiply(c, sinh(imOf(z))))),
    ),
  );

/** cos(a + bi) = cos a·cosh b − i·sin a·sinh b (DLMF 4.21.38), the angle in radians. */
export const cos = (z: Scalar): ComplexOutcome =>
  chain(ofRadians('sin', reOf(z)), (s) =>
    chain(ofRadians('cos', reOf(z)), (c) =>
      succeed(complex(real.multiply(c, cosh(imOf(z))), real.negate(real.multiply(s, sinh(imOf(z)))))),
    ),
  );

const QUARTER = real.piTimes(q.rational(1n, 2n));
const arcoshOf = (x: RealValue): RealValue =>
  x.kind === 'rational' && q.equal(x.value, q.ONE) ? ZERO : real.real('arcosh', x);

/** Where a real number lies beside −1 and 1. */
function sideOf(x: RealValue, shouldContinue: ShouldContinue): 'below' | 'inside' | 'above' {
  if (compareWith(x, q.ONE, shouldContinue) === 1) return 'above';
  return compareWith(x, q.whole(-1), shouldContinue) === -1 ? 'below' : 'inside';
}

/** arcsin of a real number, beyond ±1 on the side that the logarithm's formula takes: ±(π/2 − i·arcosh |x|). */
function arcsinOfReal(x: RealValue, shouldContinue: ShouldContinue): Scalar {
  switch (sideOf(x, shouldContinue)) {
    case 'above':
      return complex(QUARTER, real.negate(arcoshOf(x)));
    case 'below':
      return complex(real.negate(QUARTER), arcoshOf(real.negate(x)));
    case 'inside': {
      const turns = isExactReal(x) ? turnsOfSine(x) : null;
      return turns === null ? real.real('arcsin', x) : fromTurns(turns, 'rad');
    }
  }
}

/**
 * arcsin z = −i·ln(iz + √(1 − z²)) in radians, for every z (DLMF 4.23.19 and its cuts). Problems: those of the
 * logarithm's parts.
 */
export function arcsin(z: Scalar, shouldContinue: ShouldContinue): ComplexOutcome {
  if (isReal(z)) return succeed(arcsinOfReal(z, shouldContinue));
  return arcsinByLogarithm(z, shouldContinue);
}

const arcsinByLogarithm = (z: Scalar, shouldContinue: ShouldContinue): ComplexOutcome =>
  chain(squareRoot(subtract(ONE, multiply(z, z)), shouldContinue), (rest) =>
    chain(ln(add(timesI(z), rest), shouldContinue), (log) => succeed(overI(log))),
  );

/** arccos z = π/2 − arcsin z in radians (DLMF 4.23.16). */
export const arccos = (z: Scalar, shouldContinue: ShouldContinue): ComplexOutcome =>
  chain(arcsin(z, shouldContinue), (angle) => succeed(subtract(QUARTER, angle)));

/** arctan z = (i/2)·(ln(1 − iz) − ln(1 + iz)) in radians (DLMF 4.23.26). Problems: domain at ±i. */
export function arctan(z: Scalar, shouldContinue: ShouldContinue): ComplexOutcome {
  const [below, above] = [subtract(ONE, timesI(z)), add(ONE, timesI(z))];
  return chain(ln(below, shouldContinue, 'atan'), (first) =>
    chain(ln(above, shouldContinue, 'atan'), (second) => succeed(multiply(timesI(subtract(first, second)), HALF))),
  );
}

/** arsinh z = i·arcsin(−iz), for every z (DLMF 4.37). */
export const arsinh = (z: Scalar, shouldContinue: ShouldContinue): ComplexOutcome =>
  chain(arcsin(overI(z), shouldContinue), (angle) => succeed(timesI(angle)));

/** arcosh z = ln(z + √(z + 1)·√(z − 1)), for every z, its cut left of 1 (DLMF 4.37.21). */
export function arcosh(z: Scalar, shouldContinue: ShouldContinue): ComplexOutcome {
  if (!isReal(z)) return arcoshByLogarithm(z, shouldContinue);
  switch (sideOf(z, shouldContinue)) {
    case 'above':
      return succeed(arcoshOf(z));
    case 'below':
      return succeed(complex(arcoshOf(real.negate(z)), PI));
    case 'inside':
      return chain(arccos(z, shouldContinue), (angle) => succeed(timesI(angle)));
  }
}

const arcoshByLogarithm = (z: Scalar, shouldContinue: ShouldContinue): ComplexOutcome =>
  chain(squareRoot(add(z, ONE), shouldContinue), (up) =>
    chain(squareRoot(add(z, MINUS_ONE), shouldContinue), (down) =>
      ln(add(z, multiply(up, down)), shouldContinue, 'acosh'),
    ),
  );

/** artanh z = (ln(1 + z) − ln(1 − z))/2 (DLMF 4.37.24). Problems: domain at ±1. */
export const artanh = (z: Scalar, shouldContinue: ShouldContinue): ComplexOutcome =>
  chain(ln(add(ONE, z), shouldContinue, 'atanh'), (up) =>
    chain(ln(subtract(ONE, z), shouldContinue, 'atanh'), (down) => succeed(multiply(subtract(up, down), HALF))),
  );

/** sinh z = −i·sin(iz), for every z (DLMF 4.28). */
export const sinhOf = (z: Scalar): ComplexOutcome => chain(sin(timesI(z)), (s) => succeed(overI(s)));
/** cosh z = cos(iz), for every z (DLMF 4.28). */
export const coshOf = (z: Scalar): ComplexOutcome => cos(timesI(z));
