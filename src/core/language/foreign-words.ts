import type { Span } from '../base/span';
import type { ReadingOptions } from './tokens';

/**
 * Words that are written elsewhere for what has another name here, or is not to be had yet. Read letter by letter they
 * would give something that nobody meant. Common practice, no source.
 */
export const foreignWords = [
  'factor',
  'expand',
  'simplify',
  'limit',
  'int',
  'diff',
  'log2',
  'log10',
  'nCr',
  'nPr',
] as const;
export type ForeignWord = (typeof foreignWords)[number];

/** Other spellings of the same. */
const spellings: Readonly<Record<string, ForeignWord>> = {
  ...Object.fromEntries(foreignWords.map((word) => [word, word])),
  factorise: 'factor',
  factorize: 'factor',
  lim: 'limit',
  integrate: 'int',
  deriv: 'diff',
  differentiate: 'diff',
  C: 'nCr',
  P: 'nPr',
};

const CALL = new RegExp(
  `(?<![A-Za-z])(${Object.keys(spellings)
    .filter((word) => word.length > 1 && word !== 'nCr' && word !== 'nPr')
    .sort((a, b) => b.length - a.length)
    .join('|')})\\s*\\(`,
);
/** `10 nCr 3`, and C(10, 3), which a letter beside brackets could not be. */
const BETWEEN = /(?<=[\d)A-Za-z]\s*)(nCr|nPr)(?=\s*\d)/;
const CHOICE = /(?<![A-Za-z])([CP])(?=\(\s*\d+\s*(?:,\s+|,(?=\d+\))|;)\s*\d+\s*\))/;

/** The first word of a text that means something elsewhere, with its place; null where there is none. */
export function foreignWordIn(
  text: string,
  { functions, decimalSign, columns }: Pick<ReadingOptions, 'functions' | 'decimalSign' | 'columns'>,
): Readonly<{ word: ForeignWord; span: Span }> | null {
  // With the decimal comma, C(10,3) is C times ten and three tenths.
  const choice = decimalSign === '.' || text.includes(';') ? CHOICE.exec(text) : null;
  const found = CALL.exec(text) ?? BETWEEN.exec(text) ?? choice;
  const written = found?.[1];
  if (found === null || written === undefined) return null;
  const word = spellings[written];
  // A column may be called so, and nCr( is a function as it stands.
  const isKnown = columns?.has(written) === true || (functions.has(written) && found[0] !== written);
  if (word === undefined || isKnown) return null;
  return { word, span: { from: found.index, to: found.index + written.length } };
}
