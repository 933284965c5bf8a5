import type { AngleUnit } from '../base/angle';
import type { Span } from '../base/span';
import type { SlipName } from './names';

/** Why two answers are the same: the same value in whatever form, or the value rounded or cut off to so many places. */
export type Sameness =
  | Readonly<{ how: 'form' }>
  /** `places` is null where the last digit is one of minutes or seconds of angle. */
  | Readonly<{ how: 'rounded' | 'truncated'; places: number | null }>;

/**
 * One slip or two that lead to the other answer. `line`: what the line amounts to with them, as typed text, worked
 * under `angle`; it has been worked, and gives the answer to its last digit.
 */
export type Claim = Readonly<{
  slips: readonly [SlipName] | readonly [SlipName, SlipName];
  line: string;
  angle: AngleUnit;
  /** The part of `line` in which it differs from the line; null where that is all of it. */
  differs: Span | null;
  /** The slip was made in the answer, and `line` is what was written. */
  isOfAnswer: boolean;
  cost: number;
}>;

export type Comparison = Readonly<{
  same: Sameness | null;
  /** The likeliest first. */
  claims: readonly Claim[];
  /** Whether all was looked through before the time was up. */
  isWhole: boolean;
}>;
