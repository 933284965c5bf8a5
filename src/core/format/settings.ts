import type { DecimalSign } from '../language/numerals';

export const displayModes = ['auto', 'places', 'scientific', 'engineering'] as const;
export type DisplayMode = (typeof displayModes)[number];

/** How decimals are laid out. `digits` counts significant digits, or digits after the point in `places`. */
export type DisplaySettings = Readonly<{
  mode: DisplayMode;
  digits: number;
  grouping: boolean;
  decimalSign: DecimalSign;
  /** No other forms beside the decimal. */
  decimalsOnly?: boolean;
}>;

export const FEWEST_DIGITS = 1;
export const MOST_DIGITS = 15;
