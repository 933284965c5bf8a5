import { z } from 'zod/mini';
import { angleUnits } from '../base/angle';
import { formIds } from '../format/form';
import { infixNames } from '../keyed/operation';
import { MOST_TYPED } from '../line/line';
import { registerNames } from '../memory/shelf';
import { displayModes } from '../format/settings';
import { savedValue } from './saved-value';
import { decimalSign, digits } from './setting-records';
import type { Settings } from './settings';

/* What the parts of a notebook are made of; the slices of the state put the notebook together. */

export const NOTEBOOK_FORMAT = 'ulkav-notebook';
export const NOTEBOOK_VERSION = 13;
/** Twice what a line takes, since a text can grow when it is spelled anew. */
const LONGEST_LINE = 2 * MOST_TYPED;
export const MOST_LINES = 1_000_000;
export const LONGEST_NOTE = 500;

export const typedText = z.string().check(z.maxLength(LONGEST_LINE));
/** Places or figures for one line alone. */
export const ownDigitsSchema = z.object({ mode: z.enum(displayModes), digits });

export const tryLetter = z.string().check(z.regex(/^[A-Za-z]$/));
export const triesSchema = z.record(tryLetter, typedText);

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

const lineId = z.string().check(z.minLength(1), z.maxLength(40));

/** A finished line, frozen with the settings that it was worked in. */
export const tapeLineSchema = z.object({
  id: lineId,
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
  /** The line whose answer Ans stood for, as that was copied and as it was shown; absent where there is none. */
  ans: z.optional(z.object({ line: lineId, full: z.string(), text: z.string() })),
  /** A step of an adding list; `isNext` when it goes on from the line before. As typed text with a point. */
  addition: z.nullable(z.object({ first: typedText, sign: z.enum(['+', '−']), term: typedText, isNext: z.boolean() })),
});

const time = z.int().check(z.gte(0));

export const keptSchema = z.object({
  value: savedValue,
  full: z.string(),
  from: typedText,
  typed: z.string(),
  exact: z.boolean(),
  line: z.nullable(lineId),
  at: z.nullable(time),
});

export const operandSchema = z.object({
  value: z.nullable(savedValue),
  sourceText: typedText,
  percent: z.nullable(z.object({ value: z.nullable(savedValue), sourceText: typedText })),
});

export const MOST_LEVELS = 100_000;
const levels = z.array(operandSchema).check(z.maxLength(MOST_LEVELS));
/** A number being keyed. */
export const entrySchema = z.string().check(z.maxLength(400), z.regex(/^-?[0-9.]*(E-?\d*|[°'"0-9.]*)$/));

export const stackSchema = z.object({ levels, entry: entrySchema, replaces: z.boolean(), operands: levels });

const infixName = z.enum(infixNames as [string, ...string[]]);
export const runningSchema = z.object({
  entry: entrySchema,
  shown: z.nullable(operandSchema),
  isGiven: z.boolean(),
  isClosed: z.boolean(),
  isDone: z.boolean(),
  frames: z
    .array(z.array(z.object({ left: z.nullable(operandSchema), sign: infixName })).check(z.maxLength(MOST_LEVELS)))
    .check(z.minLength(1), z.maxLength(MOST_LEVELS)),
  repeat: z.nullable(z.object({ sign: infixName, right: operandSchema })),
  isListed: z.boolean(),
});

/** The line being written. */
export const writtenLineSchema = z.object({
  text: typedText,
  caret: z.int().check(z.gte(0)),
  own: z.nullable(ownDigitsSchema),
  keys: keyLogSchema,
});

export const registerName = z.string().check(z.refine((name) => registerNames.includes(name)));

export type TapeLine = z.infer<typeof tapeLineSchema>;
export type OwnDigits = z.infer<typeof ownDigitsSchema>;
export type SavedForm = z.infer<typeof formSchema>;
export type SavedShelf = Record<string, z.infer<typeof keptSchema>>;
export type SavedOperand = z.infer<typeof operandSchema>;
export type SavedStack = z.infer<typeof stackSchema>;
export type SavedRunning = z.infer<typeof runningSchema>;
export type EntryStyle = Settings['style'];
