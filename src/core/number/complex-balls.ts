import * as ball from './ball';
import type { Ball } from './ball';
import { pi } from './constants';
import { arctan, circular, exp as expBall, ln as lnBall } from './elementary';
import { cosh as coshBall, sinh as sinhBall } from './hyperbolic';

/*
 * Complex numbers as rectangles of two balls: each operation answers a rectangle that holds its values at all points of
 * its arguments, or null when a pole or a cut may lie inside.
 */

export type Rectangle = Readonly<{ re: Ball; im: Ball }>;

export const ZERO_BALL = ball.exactly(0n);
export const ONE: Rectangle = { re: ball.exactly(1n), im: ZERO_BALL };
const I: Rectangle = { re: ZERO_BALL, im: ball.exactly(1n) };

export type Maybe = Rectangle | null;

/** The operations, worked to `bits` bits. */
export function complexBalls(bits: number) {
  /** A ball from its two ends, each itself a ball. */
  function between(low: Ball, high: Ball): Ball {
    const sum = ball.add(low, high, bits);
    const spread = ball.subtract(high, low, bits);
    const half = { ...sum, exp: sum.exp - 1 };
    const reach = ball.magnitude(spread);
    return ball.trim(ball.widen(half, reach.mid + reach.rad, reach.exp - 1), bits);
  }

  const lowEnd = (b: Ball): Ball => ({ mid: b.mid - b.rad, rad: 0n, exp: b.exp });
  const highEnd = (b: Ball): Ball => ({ mid: b.mid + b.rad, rad: 0n, exp: b.exp });

  /** A rising function of a wide ball, by its ends. */
  function rising(f: (x: Ball, bits: number) => Ball | null | 'too-large', x: Ball): Ball | null {
    const [low, high] = [f(lowEnd(x), bits), f(highEnd(x), bits)];
    return low === null || high === null || low === 'too-large' || high === 'too-large' ? null : between(low, high);
  }

  const exp = (x: Ball): Ball | null => (ball.upperSize(x) > 20 ? null : rising(expBall, x));
  const ln = (x: Ball): Ball | null => (ball.signOf(x) === 1 ? rising(lnBall, x) : null);
  const within1: Ball = { mid: 0n, rad: 1n, exp: 0 };
  const wave = (x: Ball, op: 'sin' | 'cos'): Ball => circular(x, op, bits) ?? within1;

  const add = (a: Rectangle, b: Rectangle): Rectangle => ({
    re: ball.add(a.re, b.re, bits),
    im: ball.add(a.im, b.im, bits),
  });
  const negate = (a: Rectangle): Rectangle => ({ re: ball.negate(a.re), im: ball.negate(a.im) });
  const subtract = (a: Rectangle, b: Rectangle): Rectangle => add(a, negate(b));

  function multiply(a: Rectangle, b: Rectangle): Rectangle {
    const of = (x: Ball, y: Ball) => ball.multiply(x, y, bits);
    return {
      re: ball.subtract(of(a.re, b.re), of(a.im, b.im), bits),
      im: ball.add(of(a.re, b.im), of(a.im, b.re), bits),
    };
  }

  /** x² of one ball, never below zero. */
  function squared(x: Ball): Ball {
    const size = ball.magnitude(x);
    return ball.multiply(size, size, bits);
  }

  function divide(a: Rectangle, b: Rectangle): Rectangle | null {
    const size = ball.add(squared(b.re), squared(b.im), bits);
    const top = multiply(a, { re: b.re, im: ball.negate(b.im) });
    const [re, im] = [ball.divide(top.re, size, bits), ball.divide(top.im, size, bits)];
    return re && im && { re, im };
  }

  function expOf(z: Rectangle): Rectangle | null {
    const size = exp(z.re);
    return (
      size && {
        re: ball.multiply(size, wave(z.im, 'cos'), bits),
        im: ball.multiply(size, wave(z.im, 'sin'), bits),
      }
    );
  }

  const quarter = (): Ball => ({ ...pi(bits), exp: -bits - 1 });

  /** The argument in (−π, π), when the rectangle does not touch the cut from 0 to −∞. */
  function argument({ re, im }: Rectangle): Ball | null {
    const turned = (over: Ball, under: Ball): Ball | null => {
      const ratio = ball.divide(over, under, bits);
      return ratio && rising(arctan, ratio);
    };
    if (ball.signOf(re) === 1) return turned(im, re);
    const side = ball.signOf(im);
    if (side !== 1 && side !== -1) return null;
    const slope = turned(re, im);
    return slope && ball.subtract(side === 1 ? quarter() : ball.negate(quarter()), slope, bits);
  }

  function lnOf(z: Rectangle): Rectangle | null {
    const angle = argument(z);
    const size = ln(ball.add(squared(z.re), squared(z.im), bits));
    return angle && size && { re: { ...size, exp: size.exp - 1 }, im: angle };
  }

  const half = (z: Rectangle): Rectangle => ({
    re: { ...z.re, exp: z.re.exp - 1 },
    im: { ...z.im, exp: z.im.exp - 1 },
  });

  const then = (z: Maybe, next: (z: Rectangle) => Maybe): Maybe => z && next(z);

  const rootOf = (z: Rectangle, k: Rectangle): Maybe => then(lnOf(z), (log) => then(divide(log, k), expOf));

  const squareRoot = (z: Rectangle): Maybe => then(lnOf(z), (log) => expOf(half(log)));

  function powerOf(z: Rectangle, n: number): Maybe {
    if (n < 0) return then(powerOf(z, -n), (p) => divide(ONE, p));
    if (n > 4096) return null;
    let result = ONE;
    let square = z;
    for (let rest = n; rest > 0; rest = Math.floor(rest / 2)) {
      if (rest % 2 === 1) result = multiply(result, square);
      if (rest > 1) square = multiply(square, square);
    }
    return result;
  }

  /** sinh and cosh of a real ball, by its ends: joined powers of e would lose too much on wide ones. */
  const sinhOf = (x: Ball): Ball | null => (ball.upperSize(x) > 20 ? null : rising(sinhBall, x));
  function coshOf(x: Ball): Ball | null {
    if (ball.upperSize(x) > 20) return null;
    const size = ball.magnitude(x);
    return rising(
      coshBall,
      ball.signOf(size) === 1 ? size : { mid: size.mid + size.rad, rad: size.mid + size.rad, exp: size.exp - 1 },
    );
  }

  /** sin a·cosh b ± i·cos a·sinh b and its like: two real functions of each part, crosswise. */
  function crossed(re: readonly [Ball | null, Ball | null], im: readonly [Ball | null, Ball | null]): Maybe {
    const [a, b, c, d] = [...re, ...im];
    return a && b && c && d && { re: ball.multiply(a, b, bits), im: ball.multiply(c, d, bits) };
  }

  const timesI = (z: Rectangle): Rectangle => multiply(I, z);
  const overI = (z: Rectangle): Rectangle => negate(timesI(z));
  const sin = ({ re, im }: Rectangle): Maybe => crossed([wave(re, 'sin'), coshOf(im)], [wave(re, 'cos'), sinhOf(im)]);
  const cos = ({ re, im }: Rectangle): Maybe =>
    crossed([wave(re, 'cos'), coshOf(im)], [ball.negate(wave(re, 'sin')), sinhOf(im)]);
  const sinh = ({ re, im }: Rectangle): Maybe => crossed([sinhOf(re), wave(im, 'cos')], [coshOf(re), wave(im, 'sin')]);
  const cosh = ({ re, im }: Rectangle): Maybe => crossed([coshOf(re), wave(im, 'cos')], [sinhOf(re), wave(im, 'sin')]);
  const quotient = (top: Maybe, bottom: Maybe): Maybe => top && bottom && divide(top, bottom);
  const square = (z: Rectangle): Rectangle => multiply(z, z);

  const arcsin = (z: Rectangle): Maybe =>
    then(squareRoot(subtract(ONE, square(z))), (rest) => then(lnOf(add(timesI(z), rest)), overI));
  const arctanOf = (z: Rectangle): Maybe =>
    then(lnOf(subtract(ONE, timesI(z))), (a) => then(lnOf(add(ONE, timesI(z))), (b) => half(timesI(subtract(a, b)))));

  return {
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
    timesI,
    overI,
    sin,
    cos,
    sinh,
    cosh,
    quotient,
    square,
    arcsin,
    arctanOf,
    quarter,
  };
}
