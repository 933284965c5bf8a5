import { itemAt } from '../base/item';
import type { ShouldContinue } from '../base/should-continue';
import { toBall } from './approximate';
import * as ball from './ball';
import { ONE, ZERO_BALL, complexBalls } from './complex-balls';
import type { Maybe, Rectangle } from './complex-balls';
import type { RealExpr } from './real-expr';
import { isBall } from './real-ops';

/*
 * Bounds of an expression over a rectangle of the complex plane, where it is analytic: what the error of a quadrature
 * rule is taken from. Each operation answers a rectangle that holds its values at all points of its arguments, or null
 * when a pole, a cut or something that is not analytic may lie inside.
 */

/** The whole number that a constant part is; null for others. */
const wholeOf = (part: RealExpr | undefined): number | null =>
  part?.kind === 'value' && part.value.kind === 'rational' && part.value.value.d === 1n
    ? Number(part.value.value.n)
    : null;

/**
 * Bounds worked to `bits` bits: beside a zero or an end of a domain it takes more of them to see that a rectangle does
 * not touch it.
 */
export function boundsAt(
  bits: number,
  shouldContinue: ShouldContinue,
): (part: RealExpr, z: Rectangle) => number | null {
  const balls = complexBalls(bits);
  const {
    add,
    negate,
    subtract,
    multiply,
    divide,
    expOf,
    lnOf,
    half,
    then,
    rootOf,
    squareRoot,
    powerOf,
    sin,
    cos,
    sinh,
    cosh,
    quotient,
    square,
    arcsin,
    arctanOf,
    quarter,
  } = balls;

  function magnitude(z: Rectangle): Maybe {
    const sign = ball.signOf(z.re);
    return sign === 1 ? z : sign === -1 ? negate(z) : null;
  }

  function operation(of: RealExpr & { kind: 'op' }, visit: (p: RealExpr) => Maybe): Maybe {
    const first = visit(itemAt(of.args, 0));
    if (first === null) return null;
    const second = (): Maybe => visit(itemAt(of.args, 1));
    switch (of.op) {
      case 'add':
        return then(second(), (z) => add(first, z));
      case 'multiply':
        return then(second(), (z) => multiply(first, z));
      case 'divide':
        return then(second(), (z) => divide(first, z));
      case 'negate':
        return negate(first);
      case 'magnitude':
        return magnitude(first);
      case 'wholePower': {
        const n = wholeOf(of.args[1]);
        return n === null ? null : powerOf(first, n);
      }
      case 'realPower':
        return then(second(), (w) => then(lnOf(first), (log) => expOf(multiply(log, w))));
      case 'root': {
        // An odd root of a negative number is the real one: −√[k](−z), analytic there as well.
        const isNegative = ball.signOf(first.re) === -1 && (wholeOf(of.args[1]) ?? 0) % 2 === 1;
        return then(second(), (k) =>
          then(rootOf(isNegative ? negate(first) : first, k), (z) => (isNegative ? negate(z) : z)),
        );
      }
      case 'exp':
        return expOf(first);
      case 'ln':
        return lnOf(first);
      case 'ln1p':
        return lnOf(add(ONE, first));
      case 'sin':
        return sin(first);
      case 'cos':
        return cos(first);
      case 'tan':
        return quotient(sin(first), cos(first));
      case 'sinh':
        return sinh(first);
      case 'cosh':
        return cosh(first);
      case 'tanh':
        return quotient(sinh(first), cosh(first));
      case 'arcsin':
        return arcsin(first);
      case 'arccos':
        return then(arcsin(first), (z) => subtract({ re: quarter(), im: ZERO_BALL }, z));
      case 'arctan':
        return arctanOf(first);
      case 'arsinh':
        return then(squareRoot(add(square(first), ONE)), (rest) => lnOf(add(first, rest)));
      case 'arcosh':
        return then(squareRoot(add(first, ONE)), (up) =>
          then(squareRoot(subtract(first, ONE)), (down) => lnOf(add(first, multiply(up, down)))),
        );
      case 'artanh':
        return then(lnOf(add(ONE, first)), (a) => then(lnOf(subtract(ONE, first)), (b) => half(subtract(a, b))));
      case 'gamma':
      case 'gammaRe':
      case 'gammaIm':
      case 'lnGamma':
      case 'gammaBelow':
      case 'gammaAbove':
      case 'betaBelow':
      case 'gammaInverse':
      case 'betaInverse':
      case 'within':
      case 'estimate':
      case 'pi':
        return null;
    }
  }

  /** A bound of the size of an expression over a rectangle as a power of two; null when none was found. */
  return (part: RealExpr, z: Rectangle): number | null => {
    const visit = (of: RealExpr): Maybe => {
      switch (of.kind) {
        case 'variable':
          return z;
        case 'value': {
          const value = toBall(of.value, bits, shouldContinue);
          return isBall(value) ? { re: value, im: ZERO_BALL } : null;
        }
        case 'op':
          return operation(of, visit);
      }
    };
    const result = visit(part);
    if (result === null) return null;
    const size =
      Math.max(
        ball.upperSize(result.re),
        ball.upperSize(result.im) === -Infinity ? -Infinity : ball.upperSize(result.im),
      ) + 1;
    return Number.isNaN(size) ? null : size;
  };
}
