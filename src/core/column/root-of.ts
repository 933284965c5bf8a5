import { unhurried } from '../base/should-continue';
import { real } from '../number/arithmetic';
import { root } from '../number/power';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { fromRational, fromWhole } from '../number/value';
import type { RealValue } from '../number/value';

/** Square factors are drawn out of numbers up to this one, which takes next to no time. */
const SHORT = 10n ** 15n;

/** √a, exact (3, √3, 5√2/4) when it is short; else worked to as many digits as are asked for. Domain: a ≥ 0. */
export function rootOf(a: Rational): RealValue {
  const exact = q.exactRoot(a, 2);
  if (exact !== null) return fromRational(exact);
  const result = a.n < SHORT && a.d < SHORT ? root(fromRational(a), 2, unhurried) : null;
  return result?.ok === true ? result.value : real('root', fromRational(a), fromWhole(2));
}
