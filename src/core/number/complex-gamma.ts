import { itemAt } from '../base/item';
import * as ball from './ball';
import type { Ball } from './ball';
import { complexBalls } from './complex-balls';
import type { Maybe, Rectangle } from './complex-balls';
import { pi } from './constants';
import { ln } from './elementary';
import { bernoulliNumbers } from './log-gamma';
import * as q from './rational';

/** Arguments farther out are refused: the steps up to where the series serves would take too long. */
const LARGEST_ARGUMENT_BITS = 12;

const real = (re: Ball): Rectangle => ({ re, im: ball.exactly(0n) });
const whole = (n: number): Rectangle => real(ball.exactly(BigInt(n)));

/**
 * ln Γ(z) by Stirling's series for re z ≥ |im z|, where the angle of z is at most π/4. The error is below the first term
 * left out times sec^(2k)(angle/2) (DLMF 5.11(ii)), and sec²(π/8) < 2^0.23.
 */
function lnGamma(z: Rectangle, bits: number): Maybe {
  const { add, subtract, multiply, divide, lnOf } = complexBalls(bits);
  const [log, inverse] = [lnOf(z), divide(whole(1), z)];
  const logTwoPi = ln({ ...pi(bits), exp: -bits + 1 }, bits);
  if (!log || !inverse || !logTwoPi) return null;
  const half = real(ball.exactly(1n, -1));
  let sum = subtract(multiply(subtract(z, half), log), z);
  sum = add(sum, real({ ...logTwoPi, exp: logTwoPi.exp - 1 }));
  const square = multiply(inverse, inverse);
  let power = inverse;
  for (let k = 1; k < bits; k += 1) {
    const factor = q.divide(itemAt(bernoulliNumbers(k), k - 1), q.whole(2 * k * (2 * k - 1)));
    const term = multiply(real(ball.fromRational(factor, bits)), power);
    const size = Math.max(ball.upperSize(term.re), ball.upperSize(term.im)) + 1 + Math.ceil(0.23 * k);
    if (size < -bits) return { re: ball.widen(sum.re, 1n, size), im: ball.widen(sum.im, 1n, size) };
    sum = add(sum, term);
    power = multiply(power, square);
  }
  return null;
}

/**
 * Γ(z) off the real line: raised until the series serves by Γ(z) = Γ(z+N)/(z(z+1)…(z+N−1)); left of 1/2,
 * Γ(z) = π/(sin πz·Γ(1−z)) (DLMF 5.5.1, 5.5.3).
 */
export function complexGamma(z: Rectangle, bits: number): Maybe | 'too-large' {
  if (Math.max(ball.upperSize(z.re), ball.upperSize(z.im)) > LARGEST_ARGUMENT_BITS) return 'too-large';
  const work = bits + 40;
  const { add, subtract, multiply, divide, sin, expOf } = complexBalls(work);
  if (z.re.mid < 0n || ball.upperSize(z.re) < -1) {
    const circle = real(pi(work));
    const [sine, other] = [sin(multiply(circle, z)), complexGamma(subtract(whole(1), z), work)];
    if (other === 'too-large') return other;
    return sine && other && divide(circle, multiply(sine, other));
  }
  const height = Math.ceil(2 ** Math.max(0, ball.upperSize(z.im)));
  const target = Math.ceil(work / 5) + 8 + height;
  let product = whole(1);
  let up = z;
  for (let step = 0; step < target; step += 1) {
    product = multiply(product, up);
    up = add(up, whole(1));
  }
  const log = lnGamma(up, work);
  const top = log && expOf(log);
  return top && divide(top, product);
}
