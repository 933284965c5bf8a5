import type { Alive } from '../base/alive';
import { toBall } from './approximate';
import * as ball from './ball';
import type { Ball } from './ball';
import { pi } from './constants';
import { arctan, circular, exp as expBall, ln as lnBall } from './elementary';
import { cosh as coshBall, sinh as sinhBall } from './hyperbolic';
import type { Part } from './part';
import { isBall } from './real-ops';

/*
 * Bounds of an expression over a rectangle of the complex plane, where it is analytic: what the error of a quadrature
 * rule is taken from. Each operation answers a rectangle that holds its values at all points of its arguments, or null
 * when a pole, a cut or something that is not analytic may lie inside.
 */

export type Rectangle = Readonly<{ re: Ball; im: Ball }>;

const ZERO = ball.exactly(0n);
const ONE: Rectangle = { re: ball.exactly(1n), im: ZERO };
const I: Rectangle = { re: ZERO, im: ball.exactly(1n) };

const isFlat = (b: Ball): boolean => b.mid === 0n && b.rad === 0n;

type Maybe = Rectangle | null;

/** The whole number that a constant part is; null for others. */
const wholeOf = (part: Part | undefined): number | null =>
  part?.kind === 'value' && part.value.kind === 'rational' && part.value.value.d === 1n
    ? Number(part.value.value.n)
    : null;

/**
 * Bounds worked to `bits` bits: beside a zero or an end of a domain it takes more of them to see that a rectangle does
 * not touch it.
 */
export function boundsAt(bits: number, alive: Alive): (part: Part, z: Rectangle) => number | null {
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
  const arctan2 = (z: Rectangle): Maybe =>
    then(lnOf(subtract(ONE, timesI(z))), (a) => then(lnOf(add(ONE, timesI(z))), (b) => half(timesI(subtract(a, b)))));

  function magnitude(z: Rectangle): Maybe {
    const sign = ball.signOf(z.re);
    return sign === 1 ? z : sign === -1 ? negate(z) : null;
  }

  function operation(of: Part & { kind: 'op' }, visit: (p: Part) => Maybe): Maybe {
    const first = visit(of.args[0]!);
    if (first === null) return null;
    const second = (): Maybe => visit(of.args[1]!);
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
        return then(arcsin(first), (z) => subtract({ re: quarter(), im: ZERO }, z));
      case 'arctan':
        return arctan2(first);
      case 'arsinh':
        return then(squareRoot(add(square(first), ONE)), (rest) => lnOf(add(first, rest)));
      case 'arcosh':
        return then(squareRoot(add(first, ONE)), (up) =>
          then(squareRoot(subtract(first, ONE)), (down) => lnOf(add(first, multiply(up, down)))),
        );
      case 'artanh':
        return then(lnOf(add(ONE, first)), (a) => then(lnOf(subtract(ONE, first)), (b) => half(subtract(a, b))));
      case 'gamma':
      case 'within':
      case 'estimate':
      case 'pi':
        return null;
    }
  }

  /** A bound of the size of an expression over a rectangle as a power of two; null when none was found. */
  return (part: Part, z: Rectangle): number | null => {
    const visit = (of: Part): Maybe => {
      switch (of.kind) {
        case 'variable':
          return z;
        case 'value': {
          const value = toBall(of.value, bits, alive);
          return isBall(value) ? { re: value, im: ZERO } : null;
        }
        case 'op':
          return operation(of, visit);
      }
    };
    const made = visit(part);
    if (made === null) return null;
    const size = Math.max(ball.upperSize(made.re), isFlat(made.im) ? -Infinity : ball.upperSize(made.im)) + 1;
    return Number.isNaN(size) ? null : size;
  };
}
