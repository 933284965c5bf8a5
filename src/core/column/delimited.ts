import { itemAt } from '../base/item';
import type { DecimalSign } from '../language/numerals';

/** What stands between the values of a row. */
export const separators = ['tab', 'semicolon', 'comma', 'space', 'none'] as const;
export type Separator = (typeof separators)[number];

export const separatorSigns: Readonly<Record<Separator, string>> = {
  tab: '\t',
  semicolon: ';',
  comma: ',',
  space: ' ',
  none: '\n',
};

/** How a table of text is taken apart. */
export type Delimiting = Readonly<{ separator: Separator; decimalSign: DecimalSign }>;

const COMMA_DECIMAL = /(^|[\s;])[-−+]?\d+,\d+(?=$|[\s;%])/;
const POINT_DECIMAL = /(^|[\s;,])[-−+]?\d+\.\d+(?=$|[\s;,%])/;

/**
 * How a text most likely separates its values and writes its decimals. `usual`: the decimal sign that is set, which
 * settles what the text leaves open: in `1,5` alone the comma is either.
 */
export function guessedDelimiting(text: string, usual: DecimalSign): Delimiting {
  const lines = text.split(/\r?\n/).filter((line) => line.trim() !== '');
  const everywhere = (sign: string): boolean => lines.length > 0 && lines.every((line) => line.includes(sign));
  const decimal: DecimalSign = POINT_DECIMAL.test(text) ? '.' : COMMA_DECIMAL.test(text) ? ',' : usual;
  if (everywhere('\t')) return { separator: 'tab', decimalSign: decimal };
  if (everywhere(';')) return { separator: 'semicolon', decimalSign: decimal };
  const commas = lines.map((line) => line.split(',').length - 1);
  if (commas.some((count) => count > 0)) {
    const isOneEach = commas.every((count) => count <= 1);
    const isSpaced = /,\s/.test(text);
    if (isOneEach && !isSpaced && decimal === ',' && usual === ',') return { separator: 'none', decimalSign: ',' };
    // Decimal commas in a row of several values: 1,5 2,5.
    if (decimal === ',' && lines.some((line) => /\d,\d+\s+[-−]?\d+,\d/.test(line)))
      return { separator: 'space', decimalSign: ',' };
    return { separator: 'comma', decimalSign: '.' };
  }
  // A heading may be of several words, as in `height / m` over a single column.
  const body = lines.length > 1 ? lines.slice(1) : lines;
  const isRow = body.some((line) => line.trim().split(/\s+/).length > 1);
  const hasWords = lines.slice(1).some((line) => /[^\d\s.,+\-−E]/.test(line));
  return { separator: isRow && !hasWords ? 'space' : 'none', decimalSign: decimal };
}

const SPACES = /[\u00a0\u2009\u202f]/g;
const GROUPED: Readonly<Record<DecimalSign, RegExp>> = {
  '.': /^-?\d{1,3}(?:[, ]\d{3})+(?:\.\d+)?$/,
  ',': /^-?\d{1,3}(?:[. ]\d{3})+(?:,\d+)?$/,
};
const PLAIN: Readonly<Record<DecimalSign, RegExp>> = {
  '.': /^-?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?$/,
  ',': /^-?(?:\d+,?\d*|,\d+)(?:[eE][+-]?\d+)?$/,
};

/** A number written with digits alone, as typed text with a point; null when it is something else. */
export function plainNumeral(text: string, sign: DecimalSign): string | null {
  const bare = text.trim().replace(SPACES, '').replaceAll('−', '-').replace(/^\+/, '');
  const joined = GROUPED[sign].test(bare) ? bare.replace(sign === '.' ? /[, ]/g : /[. ]/g, '') : bare;
  if (!PLAIN[sign].test(joined)) return null;
  const pointed = joined.replace(',', '.').replace('e', 'E');
  return pointed.replace(/^(-?)\./, '$10.').replace(/\.(?=E|$)/, '');
}

const LETTERS = /[A-Za-z]{2,}/g;
const WORDS_OF_NUMBERS: ReadonlySet<string> = new Set([
  'pi',
  'Ans',
  'total',
  'slot',
  'mod',
  'div',
  'deg',
  'rad',
  'grad',
]);

/** Whether a cell holds a word, which would be read as letters multiplied with each other. `names`: of functions. */
export const isWord = (text: string, names: Readonly<{ has: (name: string) => boolean }>): boolean =>
  (text.match(LETTERS) ?? []).some((run) => !names.has(run) && !WORDS_OF_NUMBERS.has(run));

/** The name and the unit in a heading: `height / m`, `height (m)`. */
export function headingOf(text: string): Readonly<{ name: string; unit: string }> {
  const match = /^(.+?)\s*(?:\/\s*([^/()]+)|[([]([^()[\]]+)[)\]])$/.exec(text.trim());
  if (match === null) return { name: text.trim(), unit: '' };
  return { name: itemAt(match, 1).trim(), unit: (match[2] ?? match[3] ?? '').trim() };
}
