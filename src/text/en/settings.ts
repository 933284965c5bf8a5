import type { settings } from '@/core/notebook/setting-records';
import type { SettingId } from '@/core/notebook/settings';
import type { SettingGroup } from '@/core/notebook/setting';
import { formNames, modeNames, unitNames } from './labels';
import { styleNames, styleNotes } from './entry-labels';

/* What the sheet of settings says, setting by setting. */

type Named<T> = T extends null ? 'none' : T extends string | number ? `${T}` : never;
/** What can be chosen, as the sheet tells it apart. */
type OptionOf<K extends SettingId> =
  (typeof settings)[K]['control'] extends Readonly<{ of: readonly (infer T)[] }> ? Named<T> : never;

export type SettingWords = Readonly<{
  title: string;
  note?: string;
  options?: Readonly<Record<string, string>>;
  /** What stands below it, by what is chosen; some settings have an example worked instead. */
  examples?: Readonly<Record<string, string>>;
}>;

type WordsOf<K extends SettingId> = [OptionOf<K>] extends [never]
  ? SettingWords
  : SettingWords & Readonly<{ options: { readonly [O in OptionOf<K>]: string } }>;

export const settingWords: { readonly [K in SettingId]: WordsOf<K> } = {
  angle: {
    title: 'Angle unit',
    note: 'What an angle without a unit is in, and what inverse functions answer in',
    options: unitNames,
  },
  display: {
    title: 'Number display',
    note: 'How decimals are written; the value underneath stays exact. A line with decimals in it is answered by a decimal, so written',
  },
  form: {
    title: 'Form shown first',
    note: 'Where a result has this form it is shown first; the others stand beside it',
    options: {
      none: 'Decimals for decimals, else exact',
      decimal: formNames.decimal,
      mixed: formNames.mixed,
      fraction: formNames.fraction,
      exact: formNames.exact,
      dms: formNames.dms,
      turn: formNames.turn,
    },
  },
  fractions: {
    title: 'Fractions above one',
    note: 'How they are shown first',
    options: { improper: 'As one fraction', mixed: 'As a mixed number' },
  },
  complex: {
    title: 'Complex numbers',
    note: 'Roots and logs of negative numbers have values; i is the imaginary unit',
  },
  complexForm: {
    title: 'Complex results',
    note: 'How they are shown first',
    options: { rectangular: 'a + bi', polar: 'r∠θ, polar' },
  },
  bases: {
    title: 'Results in base 2, 8 and 16 too',
    note: 'Else only where the line is written in another base, or works on bits',
  },
  word: {
    title: 'Word for bits',
    note: 'What bitand, bitnot, shl and the like work on',
    options: {
      signed8: '8 bits, signed',
      signed16: '16, signed',
      signed32: '32, signed',
      signed64: '64, signed',
      unsigned8: '8, unsigned',
      unsigned16: '16, unsigned',
      unsigned32: '32, unsigned',
      unsigned64: '64, unsigned',
    },
  },
  style: { title: 'Entry style', options: styleNames, examples: styleNotes },
  order: {
    title: 'Running: order of work',
    note: 'Whether × and ÷ are worked before + and −',
    options: { precedence: 'Precedence', leftToRight: 'Left to right' },
    examples: { precedence: '2 + 3 × 4 = 14', leftToRight: '2 + 3 × 4 = 20' },
  },
  depth: {
    title: 'Stack: depth',
    note: 'Any number of levels; or four, of which the last repeats when the stack falls',
    options: { unlimited: 'Any depth', four: 'Four levels' },
    examples: {
      unlimited: '1 2 3 4 5, then + + leaves 1 2 12',
      four: '1 2 3 4 5, then + + leaves 2 2 2 12',
    },
  },
  impliedFirst: { title: 'Implied product first', note: 'Read 1 ÷ 2π as 1 ÷ (2π), not as (1 ÷ 2)π' },
  view: {
    title: 'The line being written',
    note: 'Fractions and roots at full size, or one line of text',
    options: { boxed: 'On paper', typed: 'As typed text' },
    examples: { boxed: '√2 over 3, as on paper', typed: 'sqrt(2)/3' },
  },
  slash: {
    title: 'The stroke / typed',
    note: 'On a physical keyboard, in a line on paper',
    options: { fraction: 'Makes a fraction', divide: 'Divides on the line' },
    examples: { fraction: '1/2 is written as a fraction', divide: '1/2 is written 1 ÷ 2' },
  },
  tableOrder: {
    title: 'Enter in a table',
    note: 'Where Enter leads from a cell of a matrix or a system of equations',
    options: { across: 'Across the row', down: 'Down the column' },
  },
  keyStrip: {
    title: 'Show keys while keying',
    note: 'A strip above the line names every key that was pressed, for others to follow',
  },
  backToPad: { title: 'Back to Pad after each key', note: 'Else a drawer stays open until another is chosen' },
  theme: {
    title: 'Colours',
    note: 'Paper by day, by night, or as far apart as colours can be',
    options: { system: 'As the device', light: 'Light', dark: 'Dark', contrast: 'High contrast' },
  },
  textSize: {
    title: 'Text size',
    note: 'Keys grow a little, all other text as much as is set',
    options: { 100: '100 %', 125: '125 %', 150: '150 %', 175: '175 %', 200: '200 %' },
  },
  sound: { title: 'Key sound', note: 'A quiet tick at each key' },
  haptics: { title: 'Key vibration', note: 'A short shake at each key' },
};

export const groupTitles: Readonly<Record<SettingGroup, string>> = {
  numbers: 'Numbers',
  entry: 'Entry',
  look: 'Keys and looks',
};

/** The parts of the number display. */
export const displayWords = {
  modes: modeNames,
  digits: 'Digits',
  places: 'Digits after the point',
  fewer: 'Fewer digits',
  more: 'More digits',
  grouping: 'Group digits',
  groupingNote: '12 345.678 9 in place of 12345.6789',
  sign: 'Decimal sign',
  signNote: 'With the comma, ; stands between the values given to a function',
  signs: { '.': 'Point 1.5', ',': 'Comma 1,5' },
};
