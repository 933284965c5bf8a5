import * as ball from './ball';
import type { Ball } from './ball';

/**
 * What a rising share from 0 to 1 comes to at one place: the share below, the share above, and how steeply the lower one
 * rises by the logarithm that its argument is told by.
 */
export type Shares = Readonly<{ below: Ball; above: Ball; slope: Ball }>;

export type SharesAnswer = Shares | null | 'too-large';

/** Series with more terms than this are refused: they would keep whoever waits. */
export const MOST_TERMS = 2_000_000;

export const ONE_BALL = ball.exactly(1n);

/** The larger share as what the smaller one leaves, both to `bits` bits. */
export function completed(known: Ball, isBelow: boolean, slope: Ball, bits: number): Shares {
  const other = ball.subtract(ONE_BALL, known, bits);
  return isBelow ? { below: known, above: other, slope } : { below: other, above: known, slope };
}

/** The middle of a ball as a double; far below the smallest double it is zero. */
export function middleDouble({ mid, exp }: Ball): number {
  const length = Math.max(0, (mid < 0n ? -mid : mid).toString(2).length - 60);
  return Number(mid >> BigInt(length)) * 2 ** (exp + length);
}

/** ln of the middle of a ball above zero, as a double, however small or large it is; −∞ for one that is not above zero. */
export function lnDouble(b: Ball): number {
  if (b.mid <= 0n) return -Infinity;
  const length = b.mid.toString(2).length;
  const drop = Math.max(0, length - 60);
  return Math.log(Number(b.mid >> BigInt(drop))) + (b.exp + drop) * Math.LN2;
}
