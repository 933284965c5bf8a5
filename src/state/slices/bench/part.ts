import { z } from 'zod/mini';
import { finishedEntry, isReadable } from '@/core/keyed/entry';
import { caretOf, emptyLine, lineOf, textOf } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import {
  MOST_LEVELS,
  entrySchema,
  operandSchema,
  runningSchema,
  stackSchema,
  triesSchema,
  tryLetter,
  typedText,
  writtenLineSchema,
} from '@/core/notebook/schema';
import type { OwnDigits, SavedOperand, SavedRunning, SavedStack } from '@/core/notebook/schema';
import { savedValue } from '@/core/notebook/saved-value';
import { decode } from '@/core/notebook/value-codec';
import type { SavedValue } from '@/core/notebook/value-codec';
import { MOST_WAITING } from '@/core/running/running';
import { EMPTY_RUNNING } from '@/core/running/state';
import type { Running } from '@/core/running/state';
import { EMPTY_STACK, inDepth } from '@/core/stack/stack';
import type { Stack } from '@/core/stack/stack';
import type { Aside } from '@/state/kernel/aside';
import { isObject, memberOf, readAs, withMore } from '@/state/kernel/found';
import { defineSlice } from '@/state/kernel/slice';
import type { SavedPart } from '@/state/kernel/slice';
import { optionsOf } from './reading';

type BenchDocument = Readonly<{
  line: Line;
  /** Places or figures for the line being written alone. */
  own: OwnDigits | null;
  /** How the line was keyed; null when that is no longer known. */
  keyed: readonly string[] | null;
  /** The line of the tape that Enter will replace; null when it will add one. */
  editing: string | null;
  /** The two other entry styles, as they were left. */
  running: Running<SavedValue>;
  stack: Stack<SavedValue>;
  ans: SavedValue | null;
  /** What was last tried for the letters of a line. */
  tries: Readonly<Record<string, string>>;
}>;

const isValue = (saved: SavedValue): boolean => decode(saved) !== null;

/** Whether an operand can be worked with: its value is one, and its texts can be read. */
const isSound = ({ value, sourceText, percent }: SavedOperand): boolean =>
  (value === null || isValue(value)) &&
  isReadable(sourceText) &&
  (percent === null || ((percent.value === null || isValue(percent.value)) && isReadable(percent.sourceText)));

const isSoundRunning = ({ shown, repeat, frames, entry }: SavedRunning): boolean =>
  (shown === null || isSound(shown)) &&
  (repeat === null || isSound(repeat.right)) &&
  frames.reduce((count, frame) => count + 1 + frame.length, 0) <= MOST_WAITING + 2 &&
  frames.every((frame) => frame.every(({ left }) => left === null || isSound(left))) &&
  (entry === '' || isReadable(finishedEntry(entry)));

function operands(found: unknown, aside: Aside): SavedOperand[] {
  const result: SavedOperand[] = [];
  for (const [i, part] of aside.list('stack', '', found).entries()) {
    const operand = i < MOST_LEVELS ? readAs(operandSchema, part) : null;
    if (operand !== null && isSound(operand)) result.push(operand);
    else aside.put('level', `${i + 1}`, memberOf(part, 'sourceText'), part);
  }
  return result;
}

function entry(found: unknown, aside: Aside): string {
  const result = readAs(entrySchema, found);
  if (result !== null && (result === '' || isReadable(finishedEntry(result)))) return result;
  aside.put('level', '', found, found);
  return '';
}

/** Before version 8 the text that an operand came from was called otherwise. */
const renamedText = (found: unknown): unknown => {
  if (!isObject(found) || !('made' in found)) return found;
  const { made, percent, ...rest } = found;
  return { ...rest, sourceText: made, percent: renamedText(percent) };
};
const renamedTexts = (found: unknown): unknown => (Array.isArray(found) ? found.map(renamedText) : found);

const renamedRunning = (found: unknown): unknown => {
  if (!isObject(found)) return found;
  const { shown, repeat, frames } = found;
  const pending = (one: unknown): unknown => (isObject(one) ? { ...one, left: renamedText(one['left']) } : one);
  return {
    ...found,
    shown: renamedText(shown),
    repeat: isObject(repeat) ? { ...repeat, right: renamedText(repeat['right']) } : repeat,
    frames: Array.isArray(frames)
      ? frames.map((frame: unknown) => (Array.isArray(frame) ? frame.map(pending) : frame))
      : frames,
  };
};

const renamedStack = (found: unknown): unknown =>
  isObject(found)
    ? { ...found, levels: renamedTexts(found['levels']), operands: renamedTexts(found['operands']) }
    : found;

const line: SavedPart<z.infer<typeof writtenLineSchema>> = {
  schema: writtenLineSchema,
  salvaged: (found, aside) => {
    const whole = readAs(writtenLineSchema, found);
    if (whole !== null) return whole;
    const text = readAs(typedText, memberOf(found, 'text'));
    if (text !== null) {
      // The text is what counts; how it was keyed and where the caret stood may be lost.
      const own = readAs(writtenLineSchema.shape.own, memberOf(found, 'own'));
      return { text, caret: text.length, own, keys: [] };
    }
    aside.put('line', '', memberOf(found, 'text'), found);
    return { text: '', caret: 0, own: null, keys: [] };
  },
  migrations: { 3: (found) => withMore(found, { own: null, keys: [] }) },
};

const running: SavedPart<SavedRunning> = {
  schema: runningSchema,
  salvaged: (found, aside) => {
    const result = readAs(runningSchema, found);
    if (result !== null && isSoundRunning(result)) return result;
    aside.put('running', '', memberOf(memberOf(found, 'shown'), 'sourceText'), found);
    return EMPTY_RUNNING as unknown as SavedRunning;
  },
  migrations: { 4: () => EMPTY_RUNNING, 8: renamedRunning },
};

const stack: SavedPart<SavedStack> = {
  schema: stackSchema,
  salvaged: (found, aside) => {
    if (!isObject(found)) {
      aside.put('stack', '', '', found);
      return EMPTY_STACK as unknown as SavedStack;
    }
    return {
      levels: operands(found['levels'], aside),
      entry: entry(found['entry'], aside),
      replaces: found['replaces'] === true,
      operands: operands(found['operands'], aside),
    };
  },
  migrations: { 4: () => EMPTY_STACK, 8: renamedStack },
};

const ans: SavedPart<SavedValue | null> = {
  schema: z.nullable(savedValue),
  salvaged: (found, aside) => {
    if (found === null || found === undefined) return null;
    const value = readAs(savedValue, found);
    if (value !== null && isValue(value)) return value;
    aside.put('answer', '', '', found);
    return null;
  },
};

const tries: SavedPart<Record<string, string>> = {
  schema: triesSchema,
  salvaged: (found, aside) => {
    const result: Record<string, string> = {};
    for (const [letter, text] of Object.entries(aside.object('tried', '', found))) {
      const tried = tryLetter.safeParse(letter).success ? readAs(typedText, text) : null;
      if (tried !== null) result[letter] = tried;
      else aside.put('tried', letter, text, text);
    }
    return result;
  },
};

const document: BenchDocument = {
  line: emptyLine('boxed'),
  own: null,
  keyed: [],
  editing: null,
  running: EMPTY_RUNNING,
  stack: EMPTY_STACK,
  ans: null,
  tries: {},
};

/** The line being written, and the two other entry styles as they were left. */
export const bench = defineSlice({
  document,
  sight: {},
  steps: [
    'typing',
    'answer',
    'clear-line',
    'use-line',
    'use-answer',
    'operation',
    'clear-running',
    'clear-stack',
    'depth',
    'to-line',
    'paste',
    'as-read',
    'edit-line',
    'digits',
    'solution',
    'replay',
    'shared-line',
  ],
  notices: ['ans-set', 'level-sent', 'levels-fallen', 'line-full', 'line-replaced', 'line-shared', 'link-too-long'],
  saved: { line, running, stack, ans, tries },
  toSaved: (d: BenchDocument, _, { display: { decimalSign } }) => ({
    line: {
      text: textOf(d.line, decimalSign),
      caret: caretOf(d.line, decimalSign),
      own: d.own,
      keys: [...(d.keyed ?? [])],
    },
    running: d.running as SavedRunning,
    stack: d.stack as SavedStack,
    ans: d.ans,
    tries: d.tries,
  }),
  fromSaved: (saved, settings) => {
    const { text, caret, own, keys } = saved.line;
    return {
      document: {
        line: lineOf(text, settings.view, optionsOf(settings), Math.min(caret, text.length)),
        own,
        keyed: keys.length === 0 && text !== '' ? null : keys,
        editing: null,
        running: saved.running,
        stack: saved.stack,
        ans: saved.ans,
        tries: saved.tries,
      },
      sight: {},
    };
  },
  // Levels beyond four are worth more than the setting that forgets them.
  settingsFor: (d, settings) =>
    inDepth(d.stack, settings.depth) === d.stack ? settings : { ...settings, depth: 'unlimited' },
});
