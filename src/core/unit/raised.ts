const SUPERSCRIPT = '⁰¹²³⁴⁵⁶⁷⁸⁹';

/** What stands raised behind a unit for its exponent: nothing for 1, else ², ⁻¹. */
export const raisedText = (n: number): string =>
  n === 1 ? '' : [...`${n}`].map((c) => (c === '-' ? '⁻' : SUPERSCRIPT.charAt(Number(c)))).join('');

/** The exponent that is raised so. */
export const raisedNumber = (text: string): number =>
  Number([...text].map((c) => (c === '⁻' ? '-' : SUPERSCRIPT.indexOf(c))).join(''));
