import { z } from 'zod/mini';
import { angleUnits } from '../base/angle';
import { FORM } from './asked-form';

/*
 * A sheet as it is handed out, in a file or a link, and what comes back of it. Both are read as a stranger's input. All
 * lines are typed text with a point.
 */

export const SHEET_FORMAT = 'ulkav-sheet';
export const RESULT_FORMAT = 'ulkav-sheet-answers';

/** Longer lines are no exercise. */
const LONGEST_LINE = 500;
const LONGEST_TEXT = 1000;
export const MOST_ITEMS = 40;
const MOST_DRAWN = 12;

const line = z.string().check(z.maxLength(LONGEST_LINE));
const text = z.string().check(z.maxLength(LONGEST_TEXT));
const short = z.string().check(z.maxLength(100));
const form = z.string().check(z.regex(FORM));
const number = z.string().check(z.regex(/^-?\d{1,9}(\.\d{1,6})?$/));

/**
 * `words`: what is asked; `line`: the formula that is shown, `answer`: the line that works the answer, where that is
 * another; `tolerance`: how far off an answer may be; `curve`: a function of x whose graph is shown. All may be empty
 * but that one of `line` and `answer` is there.
 */
const question = z.object({
  kind: z.literal('question'),
  words: text,
  line,
  answer: line,
  form,
  tolerance: line,
  curve: line,
});

const words = z.object({ kind: z.literal('text'), text });

/** A letter for which each pupil has a number of their own. */
const drawnLetter = z.object({
  letter: z.string().check(z.regex(/^[a-zA-Z]$/)),
  from: number,
  to: number,
  step: number,
});

export const sheetSchema = z.object({
  format: z.literal(SHEET_FORMAT),
  version: z.literal(1),
  title: short,
  /** What the numbers of all pupils are drawn from. */
  seed: short,
  /** The unit of angles without a mark; where it is not said, the one that is set. */
  angle: z.optional(z.enum(angleUnits)),
  /** Each answer is marked as soon as it is written. */
  tells: z.boolean(),
  drawn: z.array(drawnLetter).check(z.maxLength(MOST_DRAWN)),
  items: z.array(z.discriminatedUnion('kind', [words, question])).check(z.maxLength(MOST_ITEMS)),
});

export type Sheet = z.infer<typeof sheetSchema>;
export type SheetItem = Sheet['items'][number];
export type DrawnLetter = Sheet['drawn'][number];

/** The answers of a pupil: one for each question, in order; '' where there is none. */
export const resultSchema = z.object({
  format: z.literal(RESULT_FORMAT),
  version: z.literal(1),
  title: short,
  seed: short,
  pupil: short,
  answers: z.array(line).check(z.maxLength(MOST_ITEMS)),
});

export type SheetResult = z.infer<typeof resultSchema>;

const readAs = <T>(schema: z.ZodMiniType<T>, raw: string): T | null => {
  try {
    const result = schema.safeParse(JSON.parse(raw));
    return result.success ? result.data : null;
  } catch {
    return null;
  }
};

/** A sheet from a file; null when it is none. */
export const sheetIn = (raw: string): Sheet | null => readAs(sheetSchema, raw);

/** The answers of a pupil from a file; null when it holds none. */
export const resultIn = (raw: string): SheetResult | null => readAs(resultSchema, raw);
