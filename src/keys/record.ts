import type { FunctionName } from '@/core/function';
import type { LineAction, LineCommandName } from '@/core/line/line';
import type { MemoryOperation } from '@/core/memory/shelf';
import type { EntryStyle } from '@/core/notebook/schema';
import type { StackOperation } from '@/core/stack/stack';

/** What a key does. Touch, keyboard, batch and tests send the same actions. */
export type KeyAction =
  | LineAction
  | Readonly<{ type: 'undo' | 'redo' }>
  | Readonly<{ type: 'answer' }>
  /** What is done with the levels of the stack. */
  | Readonly<{ type: 'stack'; operation: Exclude<StackOperation, 'clearEntry' | 'negate'> }>
  /** What is done with the number shown, where numbers are keyed by themselves. */
  | Readonly<{ type: 'entry'; operation: 'clearEntry' | 'negate' }>
  /** Asks for a level of the stack. */
  | Readonly<{ type: 'pick' }>
  /** The number shown, or the top level, put into the Written line. */
  | Readonly<{ type: 'toLine' }>
  /** The same below the last value of the column that was last written into. */
  | Readonly<{ type: 'toColumn' }>
  /** Asks for a place of the Shelf: a digit, a letter, or the running total. */
  | Readonly<{ type: 'memory'; operation: MemoryOperation }>
  /** The same with the running total, at once. */
  | Readonly<{ type: 'total'; operation: MemoryOperation }>
  | Readonly<{ type: 'clearAll'; of: 'slot' | 'letter' }>;

/** What stands on a key: text with a part before it, a raised or a lowered one, or a picture. */
export type KeyFace =
  | Readonly<{ text: string; raised?: string; lowered?: string; index?: string }>
  | Readonly<{ icon: KeyIcon }>;
export type KeyIcon =
  | 'backspace'
  | 'delete-forward'
  | 'caret-left'
  | 'caret-right'
  | 'caret-up'
  | 'caret-down'
  | 'undo'
  | 'redo'
  | 'enter'
  | 'start'
  | 'end';

export type KeyLook = 'digit' | 'operator' | 'function' | 'letter' | 'answer';

/**
 * `example`: keys that may be pressed one after another, in degrees and in the entry style that is named (else Written),
 * and the first form of what they come to (or what is said).
 */
export type KeyRecord = Readonly<{
  does: KeyAction;
  face: KeyFace;
  look: KeyLook;
  example: Readonly<{ keys: readonly string[]; shows: string; style: EntryStyle }>;
  /** Without it the key has no meaning and is dimmed. */
  needs?: 'complex';
}>;

export type Example = KeyRecord['example'];
export const ex = (keys: string, shows: string, style: EntryStyle = 'written'): Example => ({
  keys: keys.split(' '),
  shows,
  style,
});
/** `x^y` raises y, `n|√` lets n stand before, `log_b` lowers b. */
function faceOf(written: string): KeyFace {
  const [index = '', rest = index] = written.split('|');
  const [upper = '', lowered] = rest.split('_');
  const [text = '', raised] = upper.split('^');
  return {
    text,
    ...(raised ? { raised } : {}),
    ...(lowered ? { lowered } : {}),
    ...(rest === index ? {} : { index }),
  };
}
export const key = (does: KeyAction, face: string | KeyFace, look: KeyLook, example: Example): KeyRecord => ({
  does,
  face: typeof face === 'string' ? faceOf(face) : face,
  look,
  example,
});
export const inserts = (text: string, face: string | KeyFace, example: Example, look: KeyLook = 'function') =>
  key({ type: 'insert', text }, face, look, example);
export const operates = (text: string, face: string, example: Example, look: KeyLook = 'function') =>
  key({ type: 'operate', text }, face, look, example);
export const calls = (fn: FunctionName, face: string | KeyFace, example: Example, slots?: number) =>
  key({ type: 'call', fn, ...(slots === undefined ? {} : { slots }) }, face, 'function', example);
export const raisesTo = (exponent: string, face: string, example: Example) =>
  key({ type: 'power', exponent }, face, 'function', example);
export const edits = (command: LineCommandName, icon: KeyIcon, example: Example) =>
  key({ type: 'edit', command }, { icon }, 'function', example);
