import { z } from 'zod/mini';
import { angleUnits } from '@/core/base/angle';
import { askedFormOf } from '@/core/practice/asked-form';
import { MOST_ITEMS, SHEET_FORMAT } from '@/core/practice/sheet-schema';
import type { Sheet, SheetItem } from '@/core/practice/sheet-schema';

const text = z.catch(z.string(), '');
const rows = z.catch(z.array(z.array(z.string())), []);

export const sheetKinds = ['make', 'results'] as const;

/** What a sheet is made of. `drawn`: letter, from, to, step; `items`: kind, words, line, answer, form, tolerance, curve. */
export const inputs = z.object({
  kind: z.catch(z.enum(sheetKinds), 'make'),
  title: text,
  seed: text,
  angle: z.catch(z.enum(angleUnits), 'deg'),
  tells: z.catch(z.enum(['yes', 'no']), 'yes'),
  drawn: rows,
  items: rows,
  pupil: text,
});

export type SheetEntries = z.infer<typeof inputs>;

export const sheetEntries = { id: 'sheets', inputs } as const;

/** An item as a row of texts. */
export type ItemRow = readonly [
  kind: string,
  words: string,
  line: string,
  answer: string,
  form: string,
  tolerance: string,
  curve: string,
];

export const itemRow = (row: readonly string[]): ItemRow => {
  const [kind = 'text', words = '', line = '', answer = '', form = 'any', tolerance = '', curve = ''] = row;
  return [kind, words, line, answer, form, tolerance, curve];
};

const itemOf = (row: readonly string[]): SheetItem[] => {
  const [kind, words, line, answer, form, tolerance, curve] = itemRow(row);
  if (kind === 'text') return words === '' ? [] : [{ kind, text: words }];
  if (line === '' && answer === '') return [];
  return [{ kind: 'question', words, line, answer, form: askedFormOf(form) ?? 'any', tolerance, curve }];
};

const NUMBER = /^-?\d{1,9}(\.\d{1,6})?$/;

/** The sheet that is entered; letters without a range, and questions without a line, are left out. */
export const sheetOf = ({ title, seed, angle, tells, drawn, items }: SheetEntries): Sheet => ({
  format: SHEET_FORMAT,
  version: 1,
  title,
  seed,
  angle,
  tells: tells === 'yes',
  drawn: drawn.flatMap(([letter = '', from = '', to = '', step = '']) =>
    /^[a-zA-Z]$/.test(letter) && [from, to, step].every((number) => NUMBER.test(number))
      ? [{ letter, from, to, step }]
      : [],
  ),
  items: items.flatMap(itemOf).slice(0, MOST_ITEMS),
});

/** The entries that make a sheet. */
export const entriesOf = ({ title, seed, angle, tells, drawn, items }: Sheet): Partial<SheetEntries> => ({
  kind: 'make',
  title,
  seed,
  ...(angle === undefined ? {} : { angle }),
  tells: tells ? 'yes' : 'no',
  drawn: drawn.map(({ letter, from, to, step }) => [letter, from, to, step]),
  items: items.map((item) =>
    item.kind === 'text'
      ? ['text', item.text, '', '', 'any', '', '']
      : ['question', item.words, item.line, item.answer, item.form, item.tolerance, item.curve],
  ),
});
