import { groupedDigits } from '../radix/digits';
import { GROUP, OVERLINE } from './numerals';
import type { DecimalSign } from './numerals';

/* Numbers written in another base: 0b1011, 0o17, 0x1F, 1011 base 2, and as it is printed, 1011₂. */

/** `digits`: with a point and overlines, letters large, no grouping. Whether they are of the base is not yet looked at. */
export type BasedNumeral = Readonly<{ length: number; digits: string; base: number; isWellFormed: boolean }>;

const prefixes: Readonly<Record<string, number>> = { b: 2, o: 8, x: 16 };
/** The letter after the 0 of what is typed in a base that has one. */
const prefixOf = (base: number): string | undefined => Object.keys(prefixes).find((sign) => prefixes[sign] === base);

const GROUPING = '[\\u00a0\\u2009\\u202f]?';

const numeral = (digit: string, point: string): string =>
  `(${digit}(?:${GROUPING}${digit})*)(?:${point}(${digit}${OVERLINE}?(?:${GROUPING}${digit}${OVERLINE}?)*))?`;

const pointOf: { readonly [S in DecimalSign]: string } = { '.': '\\.', ',': ',' };

const patternsFor = (sign: DecimalSign) => {
  const of = (digit: string): string => numeral(digit, pointOf[sign]);
  return {
    prefixed: new RegExp(`0(?:([bBoO])${of('\\d')}|([xX])${of('[\\dA-Fa-f]')})`, 'y'),
    named: new RegExp(`${of('[\\dA-Za-z]')}\\s+base\\s+(\\d+)`, 'y'),
    /** Small letters are left to names, as in log₂. */
    below: new RegExp(`${of('[\\dA-Z]')}([₀-₉]+)`, 'y'),
  };
};
const patterns: { readonly [S in DecimalSign]: ReturnType<typeof patternsFor> } = {
  '.': patternsFor('.'),
  ',': patternsFor(','),
};

const ALL_SPACES = /\s/g;
const WELL_FORMED = new RegExp(`^(?:[^${OVERLINE}.]+)(?:\\.[^${OVERLINE}]*?(?:.${OVERLINE})*)?$`);

function made(length: number, whole: string, decimals: string | undefined, base: number): BasedNumeral {
  const bare = (decimals === undefined ? whole : `${whole}.${decimals}`).replace(ALL_SPACES, '').toUpperCase();
  return { length, digits: bare, base, isWellFormed: WELL_FORMED.test(bare) };
}

const SUBSCRIPTS = '₀₁₂₃₄₅₆₇₈₉';

/** Whether a text can hold a number in another base at all: what is asked once, so that other lines pay nothing. */
export const mayHoldBases = (text: string): boolean => /0[bBoOxX]|base|[₀-₉]/.test(text);

/** Reads the number in another base that begins at `from`, or null. */
export function readBasedNumeral(text: string, from: number, sign: DecimalSign): BasedNumeral | null {
  const { prefixed, named, below } = patterns[sign];
  prefixed.lastIndex = from;
  const found = prefixed.exec(text);
  if (found !== null) {
    const [all, letter, whole, decimals, x, hexadecimal, hexDecimals] = found;
    const base = prefixes[(letter ?? x ?? '').toLowerCase()] ?? 10;
    return made(all.length, whole ?? hexadecimal ?? '', decimals ?? hexDecimals, base);
  }
  named.lastIndex = from;
  below.lastIndex = from;
  const match = named.exec(text) ?? below.exec(text);
  if (match === null) return null;
  const [all, whole = '', decimals, base = ''] = match;
  const n = base.replace(/[₀-₉]/g, (digit) => `${SUBSCRIPTS.indexOf(digit)}`);
  return made(all.length, whole, decimals, Number(n));
}

/** A number in another base as it is typed. */
export function typedBased(digits: string, base: number): string {
  const prefix = prefixOf(base);
  return prefix === undefined ? `${digits} base ${base}` : `0${prefix}${digits}`;
}

/** The same as it is shown, the base below the line. */
export const shownBased = (digits: string, base: number, isGrouped: boolean): string =>
  (isGrouped ? groupedDigits(digits, base, GROUP) : digits) +
  [...base.toString()].map((digit) => SUBSCRIPTS.charAt(Number(digit))).join('');
