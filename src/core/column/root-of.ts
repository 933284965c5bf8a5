import { real } from '../number/arithmetic';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { fromRational, fromWhole } from '../number/value';
import type { RealValue } from '../number/value';

/** √a, exact when it comes out; else worked to as many digits as are asked for. Domain: a ≥ 0. */
export function rootOf(a: Rational): RealValue {
  const exact = q.exactRoot(a, 2);
  return exact === null ? real('root', fromRational(a), fromWhole(2)) : fromRational(exact);
}
