import type { ShouldContinue } from '@/core/base/should-continue';
import type { ViewRange } from '@/core/curve/view';
import type { Context } from '@/core/evaluate/context';
import { compileDoubles } from '@/core/evaluate/doubles';
import type { Tree } from '@/core/language/tree';
import { add, divide, negate, real } from '@/core/number/arithmetic';
import * as q from '@/core/number/rational';
import { toDouble } from '@/core/number/to-double';
import { fromRational } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import type { FoundCurve } from './fit-curve';

type Asked = Readonly<{ tree: Tree; context: Context; found: FoundCurve; y: RealValue; view: ViewRange }>;

const SAMPLES = 800;
const HALVINGS = 80;
/** How far a place that was found by halving may lie off, beside its size. */
const NEAR: q.Rational = { n: 1n, d: 10n ** 12n };
const MOST = 8;

const fromDouble = (v: number): q.Rational => {
  const scale = 2n ** 60n;
  const whole = Math.trunc(v);
  return q.add(q.whole(BigInt(whole)), q.rational(BigInt(Math.round((v - whole) * 2 ** 60)), scale));
};

/**
 * The x at which a fit has a height: of a straight line exactly; of curves those in sight, found by halving, to about
 * twelve digits and told as estimates.
 */
export function placesAt(
  { tree, context, found, y, view }: Asked,
  shouldContinue: ShouldContinue,
): readonly RealValue[] {
  const powers = found.regression?.powers ?? [];
  const [first, second] = found.coefficients;
  if (powers.join() === '0,1' && first !== undefined && second !== undefined) {
    const x = divide(add(y, negate(first)), second, shouldContinue);
    return x.ok ? [x.value] : [];
  }
  if (powers.join() === '1' && first !== undefined) {
    const x = divide(y, first, shouldContinue);
    return x.ok ? [x.value] : [];
  }
  const f = compileDoubles(tree, 'x', context);
  if (f === null) return [];
  const height = toDouble(y, shouldContinue);
  const above = (x: number): number => f(x) - height;
  const places: number[] = [];
  const step = (view.xTo - view.xFrom) / SAMPLES;
  for (let i = 0; i < SAMPLES && places.length < MOST; i += 1) {
    let [low, high] = [view.xFrom + i * step, view.xFrom + (i + 1) * step];
    const [before, after] = [above(low), above(high)];
    if (before === 0) places.push(low);
    if (!(before * after < 0)) continue;
    for (let k = 0; k < HALVINGS; k += 1) {
      const middle = (low + high) / 2;
      if (above(middle) * before > 0) low = middle;
      else high = middle;
    }
    // Across a pole the sign changes too, and no height is reached.
    if (Math.abs(above(low)) < Math.max(Math.abs(before), Math.abs(after)) + 1) places.push((low + high) / 2);
  }
  return places.map((x) => {
    const near = fromDouble(x);
    const size = q.compare(q.magnitude(near), q.ONE) > 0 ? q.magnitude(near) : q.ONE;
    return real('estimate', fromRational(near), fromRational(q.multiply(size, NEAR)));
  });
}
