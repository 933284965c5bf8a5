import type { EntryStyle } from '@/core/notebook/schema';
import { keyedStrokes, shortcuts } from '@/keys/shortcuts';
import type { Command, ShortcutScope } from '@/keys/shortcuts';
import { keyText } from './keys';

/* What the keys of a physical keyboard are said to do: first the keys, then what they do. */

export type KeyboardHelp = readonly (readonly [string, string])[];

const keyNames: Readonly<Record<string, string>> = {
  ArrowLeft: '←',
  ArrowRight: '→',
  ArrowUp: '↑',
  ArrowDown: '↓',
  PageUp: 'Page up',
  PageDown: 'Page down',
};

/** What each command does; what one sentence says of several is said once. */
const commandWords: { readonly [S in ShortcutScope]: Readonly<Record<Command<S>, string>> } = {
  bench: {
    form: 'the next form of the answer; with Shift the one before',
    find: 'finds keys and functions',
    angle: 'the next angle unit',
  },
  graph: {
    left: 'move the view; while a curve is followed, along it',
    right: 'move the view; while a curve is followed, along it',
    up: 'move the view; while a curve is followed, to another',
    down: 'move the view; while a curve is followed, to another',
    closer: 'closer',
    farther: 'farther',
    whole: 'the view as it was at first',
    fit: 'fits the heights of what is shown',
    leave: 'stops following',
  },
  chart: {
    next: 'to the next part, and back',
    before: 'to the next part, and back',
    up: 'move the view',
    down: 'move the view',
    closer: 'closer',
    farther: 'farther',
    whole: 'all of it',
    leave: 'chooses nothing',
  },
  labels: {
    next: 'to the next part, and back',
    before: 'to the next part, and back',
    first: 'to the first and the last',
    last: 'to the first and the last',
    leave: 'chooses nothing',
  },
  grid: {
    up: 'to another cell',
    down: 'to another cell',
    left: 'to another cell',
    right: 'to another cell',
    pageUp: 'ten rows up and down',
    pageDown: 'ten rows up and down',
    first: 'to the first and the last row',
    last: 'to the first and the last row',
    write: 'writes into the cell; so does whatever is typed',
    empty: 'empty the cell',
    leave: 'leaves the cell',
  },
  rows: {
    up: 'to another row',
    down: 'to another row',
    pageUp: 'ten rows up and down',
    pageDown: 'ten rows up and down',
    first: 'to the first and the last row',
    last: 'to the first and the last row',
    leave: 'chooses nothing',
  },
};

/** The keys of a part of the interface, in the order of their table. */
export function shortcutHelp(scope: ShortcutScope): KeyboardHelp {
  const keysOf = new Map<string, string[]>();
  for (const [command, keys] of Object.entries<readonly string[]>(shortcuts[scope])) {
    const does = (commandWords[scope] as Readonly<Record<string, string>>)[command] ?? '';
    const names = keys.map((key) => keyNames[key] ?? (key.length === 1 ? key.toUpperCase() : key));
    keysOf.set(does, [...(keysOf.get(does) ?? []), ...names]);
  }
  return [...keysOf].map(([does, keys]) => [keys.join('  '), does]);
}

/** The same as a sentence to be spoken. */
export const shortcutSentence = (scope: ShortcutScope): string =>
  `${shortcutHelp(scope)
    .map(([stroke, does]) => `${stroke}: ${does}`)
    .join('. ')}.`;

const everywhere: KeyboardHelp = [['Ctrl Z, Ctrl Y', 'undo and redo']];
const keyed: KeyboardHelp = [
  ['+  -  *  /  ^  !  %', 'work as their keys do'],
  ['~', 'changes the sign'],
  ['p, A to Z', 'π, and what a letter keeps'],
  ['Backspace', 'takes the last digit back'],
];

/** The keys of the deck that letters and arrows stand for. */
const named = (style: Exclude<EntryStyle, 'written'>): KeyboardHelp =>
  Object.entries(keyedStrokes[style]).map(([name, id]) => [
    name.replace(/\w+$/, (key) => keyNames[key] ?? (key.length === 1 ? key.toUpperCase() : key)),
    keyText(id, style).say,
  ]);

/** What the keyboard does on the Bench. */
export const keyboardHelp: Readonly<Record<EntryStyle, KeyboardHelp>> = {
  written: [
    ['Enter or =', 'answers the line'],
    ['sqrt(  pi  sin  ^  /  !  %', 'are typed as they are named'],
    ['<  <=  and  or  not', 'compare; the sign a=b is on More'],
    ...everywhere,
    ['Escape', 'clears the line'],
    ['Arrows', 'move; with Shift they select'],
    ['Up in an empty line', 'brings earlier lines back'],
    ['Tab', 'completes a name, else goes on'],
    ...shortcutHelp('bench'),
  ],
  running: [
    ['Enter or =', 'works out what is pending'],
    ...keyed,
    ['(  )', 'open and close a bracket'],
    [';', 'sets a value beside the next, for a function of several'],
    ...everywhere,
    ['Escape', 'clears all that is pending'],
    ...named('running'),
    ...shortcutHelp('bench'),
  ],
  stack: [
    ['Enter', 'pushes'],
    ...keyed,
    ...everywhere,
    ['Escape', 'clears the number being keyed'],
    ...named('stack'),
    ...shortcutHelp('bench'),
  ],
};
