import type { ShouldContinue } from '../base/should-continue';
import { toBall } from './approximate';
import { absolute, bitLength } from './integer';
import { isBall } from './real-ops';
import type { RealValue } from './value';

/** Bits that a double cannot hold any more: rounding happens once, in the last step. */
const BITS = 80;
const SMALLEST = -1074;

/** The double nearest to a value, within one unit of its last place; NaN when it could not be worked, ±∞ and 0 beyond the range. */
export function toDouble(v: RealValue, shouldContinue: ShouldContinue): number {
  const result = toBall(v, BITS, shouldContinue);
  if (!isBall(result)) return NaN;
  const drop = Math.max(0, bitLength(result.mid) - BITS);
  const lead = Number(absolute(result.mid) >> BigInt(drop));
  const exponent = result.exp + drop;
  // In two steps, so that a power below the range does not take a number inside it to zero.
  const size =
    exponent > 1100
      ? Infinity
      : exponent < SMALLEST - BITS
        ? 0
        : lead * 2 ** Math.ceil(exponent / 2) * 2 ** Math.floor(exponent / 2);
  return result.mid < 0n ? -size : size;
}
