import { z } from 'zod/mini';
import { angleUnits } from '../base/angle';
import { formIds } from '../format/form';
import { MOST_TYPED, lineViews } from '../line/line';
import { FEWEST_DIGITS, MOST_DIGITS, displayModes } from '../format/settings';
import { savedValue } from './saved-value';

/*
 * The notebook: all that a user has, as a versioned file. Reading one treats it as a stranger's input. The published
 * JSON Schema in docs/ is made from this, and a test keeps the two the same.
 */

export const NOTEBOOK_FORMAT = 'ulkav-notebook';
export const NOTEBOOK_VERSION = 3;
/** Twice what a line takes, since a text can grow when it is spelled anew. */
const LONGEST_LINE = 2 * MOST_TYPED;
const MOST_LINES = 1_000_000;
export const LONGEST_NOTE = 500;

export const typedText = z.string().check(z.maxLength(LONGEST_LINE));
const digits = z.int().check(z.gte(FEWEST_DIGITS), z.lte(MOST_DIGITS));
const decimalSign = z.enum(['.', ',']);

export const displaySchema = z.object({
  mode: z.enum(displayModes),
  digits,
  grouping: z.boolean(),
  decimalSign,
});

export const settingsSchema = z.object({
  angle: z.enum(angleUnits),
  display: displaySchema,
  impliedFirst: z.boolean(),
  /** Complex numbers are on. */
  complex: z.boolean(),
  /** The deck goes back to Pad after each key. */
  backToPad: z.boolean(),
  theme: z.enum(['system', 'light', 'dark']),
  /** The line as boxes on paper, or as typed text. */
  view: z.enum(lineViews),
  /** What a typed stroke makes: a fraction, or a division on the line. */
  slash: z.enum(['fraction', 'divide']),
  /** The form shown first where a result has it. */
  form: z.nullable(z.enum(formIds)),
  /** The keys of the line stay in sight while it is keyed. */
  keyStrip: z.boolean(),
});

/** Places or figures for one line alone. */
export const ownDigitsSchema = z.object({ mode: z.enum(displayModes), digits });

const triesSchema = z.record(z.string().check(z.regex(/^[A-Za-z]$/)), typedText);

const MOST_KEYS = 4000;
/** How a line was keyed: ids of keys, and what else went into it (`keys/log.ts`). */
export const keyLogSchema = z.array(z.string().check(z.maxLength(LONGEST_LINE))).check(z.maxLength(MOST_KEYS));

const formSchema = z.object({
  id: z.enum(formIds),
  exact: z.boolean(),
  settled: z.boolean(),
  text: z.string(),
  typed: z.string(),
});

const letterName = z.string().check(z.regex(/^[A-Z]$/));

/** A finished line, frozen with the settings that it was worked in. */
export const tapeLineSchema = z.object({
  id: z.string().check(z.minLength(1), z.maxLength(40)),
  text: typedText,
  angle: z.enum(angleUnits),
  impliedFirst: z.boolean(),
  complex: z.boolean(),
  decimalSign,
  usesAngleUnit: z.boolean(),
  readAs: z.nullable(z.string()),
  kept: z.nullable(letterName),
  /** Null for a line that is true or false. */
  value: z.nullable(savedValue),
  /** The value with as many digits as are copied. */
  full: z.string(),
  forms: z.array(formSchema).check(z.minLength(1), z.maxLength(formIds.length)),
  chosen: z.enum(formIds),
  own: z.nullable(ownDigitsSchema),
  /** What was tried for its letters, as typed text. */
  tried: triesSchema,
  keys: keyLogSchema,
  pinned: z.boolean(),
  note: z.string().check(z.maxLength(LONGEST_NOTE)),
});

const keptSchema = z.object({
  value: savedValue,
  full: z.string(),
  from: typedText,
  typed: typedText,
  exact: z.boolean(),
});

export const notebookSchema = z.object({
  format: z.literal(NOTEBOOK_FORMAT),
  version: z.literal(NOTEBOOK_VERSION),
  settings: settingsSchema,
  line: z.object({
    text: typedText,
    caret: z.int().check(z.gte(0)),
    own: z.nullable(ownDigitsSchema),
    keys: keyLogSchema,
  }),
  /** What was last tried for the letters of a line, as typed text. */
  tries: triesSchema,
  tape: z.array(tapeLineSchema).check(z.maxLength(MOST_LINES)),
  letters: z.record(letterName, keptSchema),
  ans: z.nullable(savedValue),
});

export type Notebook = z.infer<typeof notebookSchema>;
export type Settings = z.infer<typeof settingsSchema>;
export type TapeLine = z.infer<typeof tapeLineSchema>;
export type OwnDigits = z.infer<typeof ownDigitsSchema>;
export type SavedForm = z.infer<typeof formSchema>;
export type SavedLetters = Notebook['letters'];
