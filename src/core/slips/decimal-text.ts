import { powerOfTen } from '../number/integer';
import type { Rational } from '../number/rational';

const MOST_PLACES = 30;

/** A fraction that is not negative as a plain decimal of at most 30 places, without zeros at its end; null where it has none. */
export function decimalText({ n, d }: Rational): string | null {
  let places = 0;
  let rest = d;
  for (const prime of [10n, 5n, 2n])
    while (rest % prime === 0n && places <= MOST_PLACES) {
      rest /= prime;
      places += 1;
    }
  return rest === 1n && places <= MOST_PLACES ? placed((n * powerOfTen(places)) / d, places) : null;
}

/** A whole number of units of 10^−places as a plain decimal, without zeros at its end. */
export function placed(unscaled: bigint, places: number): string {
  if (places <= 0) return (unscaled * powerOfTen(-places)).toString();
  const digits = unscaled.toString().padStart(places + 1, '0');
  const decimals = digits.slice(-places).replace(/0+$/, '');
  return digits.slice(0, -places) + (decimals === '' ? '' : `.${decimals}`);
}
