import { grouped } from '../language/numerals';
import { absolute } from '../number/integer';
import { exponentOf } from '../number/digits';
import type { Decimal } from '../number/digits';

/** A decimal cut into what is written: sign, digits with a point, and a power of ten when one is shown. */
export type Laid = Readonly<{ negative: boolean; whole: string; fraction: string; exponent: number | null }>;

export type Notation = 'plain' | 'scientific' | 'engineering';

/** Lays out the digits; trailing zeros after the point are dropped unless they are to be kept. */
export function layOut(decimal: Decimal, notation: Notation, keepZeros: boolean): Laid {
  const all = absolute(decimal.unscaled).toString();
  const top = exponentOf(decimal);
  const exponent = notation === 'plain' ? null : notation === 'scientific' ? top : 3 * Math.floor(top / 3);
  // Digits after the point once the power of ten is taken out.
  const places = decimal.places + (exponent ?? 0);
  const padded = places >= 0 ? all.padStart(places + 1, '0') : all + '0'.repeat(-places);
  const cut = places >= 0 ? padded.length - places : padded.length;
  const fraction = padded.slice(cut);
  return {
    negative: decimal.unscaled < 0n,
    whole: padded.slice(0, cut),
    fraction: keepZeros ? fraction : fraction.replace(/0+$/, ''),
    exponent: exponent === 0 && notation !== 'plain' && !keepZeros ? null : exponent,
  };
}

/** The digits of a layout without sign and power of ten. */
export function mantissaText(laid: Laid, grouping: boolean, decimalSign: string): string {
  const plain = laid.fraction === '' ? laid.whole : `${laid.whole}.${laid.fraction}`;
  return (grouping ? grouped(plain) : plain).replace('.', decimalSign);
}

/** Typed text with a point: `-1.25E-9`. */
export function typedText(laid: Laid): string {
  const ten = laid.exponent === null ? '' : `E${laid.exponent < 0 ? '' : '+'}${laid.exponent}`;
  return (laid.negative ? '-' : '') + mantissaText(laid, false, '.') + ten;
}

/** The decimal as the batch interface writes it: plain from 10^−7 up to 10^30, else with E. */
export function batchText(decimal: Decimal): string {
  const exponent = exponentOf(decimal);
  const notation = decimal.unscaled !== 0n && (exponent < -7 || exponent >= 30) ? 'scientific' : 'plain';
  return typedText(layOut(decimal, notation, false));
}
