import { power, powerOfTen } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';

/** A decimal or binary prefix with its name and its factor. */
export type Prefix = Readonly<{
  signs: readonly string[];
  name: string;
  factor: Rational;
  isLarge: boolean;
  isBinary: boolean;
}>;

const decimal = (name: string, exponent: number, ...signs: string[]): Prefix => ({
  signs,
  name,
  factor: exponent > 0 ? q.whole(powerOfTen(exponent)) : q.rational(1n, powerOfTen(-exponent)),
  isLarge: exponent >= 3,
  isBinary: false,
});

const binary = (name: string, exponent: number, sign: string): Prefix => ({
  signs: [sign],
  name,
  factor: q.whole(power(2n, exponent)),
  isLarge: true,
  isBinary: true,
});

/** Source: SI Brochure, 9th edition, table 7, with those of 2022 (CGPM 27, resolution 3); binary ones: IEC 80000-13. */
export const prefixes: readonly Prefix[] = [
  decimal('kilo', 3, 'k'),
  decimal('mega', 6, 'M'),
  decimal('giga', 9, 'G'),
  decimal('tera', 12, 'T'),
  decimal('peta', 15, 'P'),
  decimal('exa', 18, 'E'),
  decimal('zetta', 21, 'Z'),
  decimal('yotta', 24, 'Y'),
  decimal('ronna', 27, 'R'),
  decimal('quetta', 30, 'Q'),
  decimal('hecto', 2, 'h'),
  decimal('deca', 1, 'da'),
  decimal('deci', -1, 'd'),
  decimal('centi', -2, 'c'),
  decimal('milli', -3, 'm'),
  decimal('micro', -6, 'µ', 'μ', 'u'),
  decimal('nano', -9, 'n'),
  decimal('pico', -12, 'p'),
  decimal('femto', -15, 'f'),
  decimal('atto', -18, 'a'),
  decimal('zepto', -21, 'z'),
  decimal('yocto', -24, 'y'),
  decimal('ronto', -27, 'r'),
  decimal('quecto', -30, 'q'),
  binary('kibi', 10, 'Ki'),
  binary('mebi', 20, 'Mi'),
  binary('gibi', 30, 'Gi'),
  binary('tebi', 40, 'Ti'),
  binary('pebi', 50, 'Pi'),
  binary('exbi', 60, 'Ei'),
];
