import type { EntryStyle } from '@/core/notebook/schema';
import { keys } from './catalogue';
import type { KeyAction, KeyId } from './catalogue';

/* What the keys of a physical keyboard do, wherever something takes them: handlers, help and tests read these tables. */

export type Stroke = Readonly<{ key: string; control: boolean; alt: boolean; shift: boolean }>;

type KeyEvent = Readonly<{ key: string; ctrlKey: boolean; metaKey: boolean; altKey: boolean; shiftKey: boolean }>;

export const strokeOf = ({ key, ctrlKey, metaKey, altKey, shiftKey }: KeyEvent): Stroke => ({
  key,
  control: ctrlKey || metaKey,
  alt: altKey,
  shift: shiftKey,
});

/** What can be moved about by the keyboard: by command, the keys that do it. */
export const shortcuts = {
  /** Anywhere on the Bench. */
  bench: {
    form: ['F2'],
    find: ['F3'],
    angle: ['F4'],
  },
  graph: {
    left: ['ArrowLeft'],
    right: ['ArrowRight'],
    up: ['ArrowUp'],
    down: ['ArrowDown'],
    closer: ['+'],
    farther: ['-'],
    whole: ['0'],
    fit: ['f'],
    leave: ['Escape'],
  },
  chart: {
    next: ['ArrowRight'],
    before: ['ArrowLeft'],
    up: ['ArrowUp'],
    down: ['ArrowDown'],
    closer: ['+'],
    farther: ['-'],
    whole: ['0', 'f'],
    leave: ['Escape'],
  },
  labels: {
    next: ['ArrowRight'],
    before: ['ArrowLeft'],
    first: ['Home'],
    last: ['End'],
    leave: ['Escape'],
  },
  grid: {
    up: ['ArrowUp'],
    down: ['ArrowDown'],
    left: ['ArrowLeft'],
    right: ['ArrowRight'],
    pageUp: ['PageUp'],
    pageDown: ['PageDown'],
    first: ['Home'],
    last: ['End'],
    write: ['Enter', 'F2'],
    empty: ['Delete', 'Backspace'],
    leave: ['Escape'],
  },
  rows: {
    up: ['ArrowUp'],
    down: ['ArrowDown'],
    pageUp: ['PageUp'],
    pageDown: ['PageDown'],
    first: ['Home'],
    last: ['End'],
    leave: ['Escape'],
  },
} as const satisfies Readonly<Record<string, Readonly<Record<string, readonly string[]>>>>;

export type ShortcutScope = keyof typeof shortcuts;
export type Command<S extends ShortcutScope> = keyof (typeof shortcuts)[S] & string;

/** What a stroke does there; null where it does nothing. Strokes with Control belong to the page and the browser. */
export function commandOf<S extends ShortcutScope>(scope: S, { key, control }: Stroke): Command<S> | null {
  if (control) return null;
  const found = Object.entries<readonly string[]>(shortcuts[scope]).find(([, keys]) => keys.includes(key));
  return found === undefined ? null : (found[0] as Command<S>);
}

/** Does what a stroke stands for, and keeps it from the browser. */
export function handleStroke<S extends ShortcutScope>(
  scope: S,
  event: KeyEvent & Readonly<{ preventDefault: () => void }>,
  acts: Readonly<Record<Command<S>, () => void>>,
): boolean {
  const command = commandOf(scope, strokeOf(event));
  if (command === null) return false;
  event.preventDefault();
  acts[command]();
  return true;
}

type Pressed = Readonly<{ plain: KeyAction; shifted: KeyAction | null }>;
const always = (action: KeyAction): Pressed => ({ plain: action, shifted: action });
const moving = (plain: 'Left' | 'Right' | 'Home' | 'End'): Pressed => ({
  plain: { type: 'edit', command: `move${plain}` },
  shifted: { type: 'edit', command: `select${plain}` },
});

/** What keys do in the line being written. */
export const lineKeys: Readonly<Record<string, Pressed>> = {
  Enter: always({ type: 'answer' }),
  Escape: always({ type: 'edit', command: 'clear' }),
  Backspace: always({ type: 'edit', command: 'deleteLeft' }),
  Delete: always({ type: 'edit', command: 'deleteRight' }),
  ArrowLeft: moving('Left'),
  ArrowRight: moving('Right'),
  ArrowUp: { plain: { type: 'edit', command: 'moveUp' }, shifted: null },
  ArrowDown: { plain: { type: 'edit', command: 'moveDown' }, shifted: null },
  Home: moving('Home'),
  End: moving('End'),
  '.': always({ type: 'point' }),
};

/** The same with Control held down. */
export const controlKeys: Readonly<Record<string, Pressed>> = {
  z: { plain: { type: 'undo' }, shifted: { type: 'redo' } },
  y: always({ type: 'redo' }),
  a: always({ type: 'edit', command: 'selectAll' }),
};

const pressedIn = (
  keys: Readonly<Record<string, Pressed>>,
  key: string,
  shift: boolean,
): KeyAction | null | undefined => (Object.hasOwn(keys, key) ? keys[key]?.[shift ? 'shifted' : 'plain'] : undefined);

/** What a key of a physical keyboard does in the line; null leaves it to the browser. */
export function actionOfStroke({ key, control, alt, shift }: Stroke): KeyAction | null {
  if (control && !alt) return pressedIn(controlKeys, key.toLowerCase(), shift) ?? null;
  // Some layouts type signs with Control and Alt together.
  if (control !== alt) return null;
  const pressed = pressedIn(lineKeys, key, shift);
  if (pressed !== undefined) return pressed;
  return [...key].length === 1 ? { type: 'type', text: key } : null;
}

/** Keys of the deck that a letter or an arrow stands for, where numbers are keyed by themselves; `Shift` before its name holds it down. */
export const keyedStrokes: Readonly<Record<Exclude<EntryStyle, 'written'>, Readonly<Record<string, KeyId>>>> = {
  running: { k: 'keep', r: 'recall', l: 'toLine', t: 'toColumn' },
  stack: {
    c: 'copy',
    d: 'drop',
    s: 'swap',
    ArrowDown: 'rotateDown',
    ArrowUp: 'rotateUp',
    f: 'pick',
    o: 'operands',
    'Shift Delete': 'clearStack',
    k: 'keep',
    r: 'recall',
    l: 'toLine',
    t: 'toColumn',
  },
};

function keyedAction({ key, control, alt, shift }: Stroke, style: Exclude<EntryStyle, 'written'>): KeyAction | null {
  if (control || alt) return null;
  const table = keyedStrokes[style];
  const name = shift && key.length > 1 ? `Shift ${key}` : key;
  const id = Object.hasOwn(table, name) ? table[name] : undefined;
  return id === undefined ? null : keys[id].does;
}

/** What a stroke does where each key acts at once or operands come first; null leaves it to the browser. */
export function actionInStyle(stroke: Stroke, style: EntryStyle): KeyAction | null {
  const action = actionOfStroke(stroke);
  if (style === 'written') return action;
  const named = keyedAction(stroke, style);
  if (named !== null || action === null) return named;
  // Where there are no relations, the equals sign of a keyboard asks for the answer.
  const isEqual = action.type === 'type' && action.text === '=';
  if (action.type === 'answer' || isEqual)
    return style === 'stack' ? { type: 'stack', operation: 'push' } : { type: 'answer' };
  if (action.type === 'type' && action.text === '~') return { type: 'entry', operation: 'negate' };
  if (action.type !== 'edit') return action;
  switch (action.command) {
    case 'clear':
      return style === 'stack' ? { type: 'entry', operation: 'clearEntry' } : action;
    case 'deleteLeft':
      return action;
    default:
      return null;
  }
}
