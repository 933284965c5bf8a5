import { itemAt } from '../../base/item';
import type { ShouldContinue } from '../../base/should-continue';
import { real } from '../../number/arithmetic';
import * as ball from '../../number/ball';
import type { Ball } from '../../number/ball';
import { ln } from '../../number/elementary';
import * as q from '../../number/rational';
import type { Rational } from '../../number/rational';
import { fromRational } from '../../number/value';
import type { RealValue } from '../../number/value';

/** A straight line through transformed points: v = start + slope·u, and how closely they keep to it. */
export type LogLine = Readonly<{ start: RealValue; slope: RealValue; r: RealValue | null }>;

export type LogAnswer = LogLine | 'no-spread' | 'stopped' | 'undecided';

const FIRST_BITS = 192;
const MOST_BITS = 6_000;

const powerOfTwo = (n: bigint, exp: number): Rational =>
  exp >= 0 ? q.whole(n << BigInt(exp)) : q.rational(n, 1n << BigInt(-exp));

/** A number known to lie in a ball, and no closer. */
const known = (b: Ball): RealValue =>
  real('within', fromRational(powerOfTwo(b.mid, b.exp)), fromRational(powerOfTwo(b.rad, b.exp)));

/** Whether a ball tells its number to so many bits. */
const tells = (b: Ball, bits: number): boolean =>
  b.rad === 0n || ball.upperSize({ mid: b.rad, rad: 0n, exp: b.exp }) + bits <= ball.upperSize({ ...b, rad: 0n });

/** Points, which of their coordinates are taken to logarithms, and how often each counts. */
type Given = Readonly<{
  x: readonly Rational[];
  y: readonly Rational[];
  take: Readonly<{ x: boolean; y: boolean }>;
  weights: readonly bigint[] | null;
}>;

/**
 * The line of least squares through points of which one or both coordinates are taken to their natural logarithms,
 * in balls: every coefficient is proved to `digits` significant digits, or to as many places when it is near zero.
 * Domain: what is taken to a logarithm is above zero.
 */
export function logLine(given: Given, digits: number, shouldContinue: ShouldContinue): LogAnswer {
  const { x } = given;
  if (x.every((v) => q.equal(v, itemAt(x, 0)))) return 'no-spread';
  const wanted = Math.ceil(digits * 3.33) + 8;
  for (let bits = FIRST_BITS + wanted; bits <= MOST_BITS; bits *= 2) {
    const result = lineIn(given, bits, shouldContinue);
    if (result === 'stopped') return result;
    if (result === null) continue;
    const isNear = (b: Ball): boolean =>
      tells(b, wanted) || ball.upperSize({ mid: b.rad, rad: 0n, exp: b.exp }) < -2 * wanted;
    if (!isNear(result.start) || !isNear(result.slope) || (result.r !== null && !isNear(result.r))) continue;
    return { start: known(result.start), slope: known(result.slope), r: result.r && known(result.r) };
  }
  return 'undecided';
}

function lineIn(
  { x, y, take, weights }: Given,
  bits: number,
  shouldContinue: ShouldContinue,
): { start: Ball; slope: Ball; r: Ball | null } | 'stopped' | null {
  const zero = ball.exactly(0n);
  const add = (a: Ball, b: Ball): Ball => ball.add(a, b, bits);
  const times = (a: Ball, b: Ball): Ball => ball.multiply(a, b, bits);
  const less = (a: Ball, b: Ball): Ball => ball.subtract(a, b, bits);
  const worth = (v: Rational, isLog: boolean): Ball | null => {
    const b = ball.fromRational(v, bits);
    return isLog ? ln(b, bits) : b;
  };
  let [n, su, sv, suu, suv, svv] = [zero, zero, zero, zero, zero, zero];
  for (let i = 0; i < x.length; i += 1) {
    if (i % 64 === 0 && !shouldContinue(i / x.length)) return 'stopped';
    const w = ball.exactly(weights?.[i] ?? 1n);
    if (w.mid === 0n) continue;
    const [u, v] = [worth(itemAt(x, i), take.x), worth(itemAt(y, i), take.y)];
    if (u === null || v === null) return null;
    const [wu, wv] = [times(w, u), times(w, v)];
    [n, su, sv] = [add(n, w), add(su, wu), add(sv, wv)];
    [suu, suv, svv] = [add(suu, times(wu, u)), add(suv, times(wu, v)), add(svv, times(wv, v))];
  }
  const xx = less(times(n, suu), times(su, su));
  const xy = less(times(n, suv), times(su, sv));
  const yy = less(times(n, svv), times(sv, sv));
  const slope = ball.divide(xy, xx, bits);
  const start = slope && ball.divide(less(sv, times(slope, su)), n, bits);
  if (slope === null || start === null) return null;
  // A constant column leaves a ball around zero, and no correlation.
  if (ball.signOf(yy) !== 1) return { start, slope, r: null };
  const size = ball.squareRoot(times(xx, yy), bits);
  return { start, slope, r: size && ball.divide(xy, size, bits) };
}
