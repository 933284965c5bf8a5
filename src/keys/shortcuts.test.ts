import { shortcutHelp } from '@/text/shortcuts';
import { actionInStyle, actionOfStroke, commandOf, controlKeys, lineKeys, shortcuts, strokeOf } from './shortcuts';
import type { ShortcutScope } from './shortcuts';

const scopes = Object.keys(shortcuts) as ShortcutScope[];
const plain = (key: string) => ({ key, control: false, alt: false, shift: false });

test.each(scopes)('in %s each key does one thing, and the help names all of them', (scope) => {
  const keys = Object.values<readonly string[]>(shortcuts[scope]).flat();
  expect(new Set(keys).size).toBe(keys.length);
  for (const [command, its] of Object.entries<readonly string[]>(shortcuts[scope]))
    for (const key of its) expect(commandOf(scope, plain(key))).toBe(command);
  expect(shortcutHelp(scope).flatMap(([names]) => names.split('  '))).toHaveLength(keys.length);
});

test.each(scopes)('in %s strokes with Control, and other keys, are left to the page', (scope) => {
  for (const key of Object.values<readonly string[]>(shortcuts[scope]).flat())
    expect(commandOf(scope, { ...plain(key), control: true })).toBeNull();
  expect(commandOf(scope, plain('constructor'))).toBeNull();
});

test.each([
  ...Object.entries(lineKeys).map(([key, { plain: does }]) => [key, {}, does] as const),
  ...Object.entries(lineKeys).map(([key, { shifted }]) => [key, { shift: true }, shifted] as const),
  ...Object.entries(controlKeys).map(([key, { plain: does }]) => [key, { control: true }, does] as const),
  ['Z', { control: true, shift: true }, { type: 'redo' }],
  ['=', {}, { type: 'type', text: '=' }],
  ['7', {}, { type: 'type', text: '7' }],
  ['@', { control: true, alt: true }, { type: 'type', text: '@' }],
  ['c', { control: true }, null],
  ['x', { alt: true }, null],
  ['F5', {}, null],
  ['toString', {}, null],
] as const)('in the line, %s with %j', (key, held, does) =>
  expect(actionOfStroke({ ...plain(key), ...held })).toEqual(does),
);

test.each([
  ['Enter', 'stack', { type: 'stack', operation: 'push' }],
  ['=', 'running', { type: 'answer' }],
  ['~', 'running', { type: 'entry', operation: 'negate' }],
  ['Escape', 'stack', { type: 'entry', operation: 'clearEntry' }],
  ['ArrowLeft', 'running', null],
  ['Backspace', 'stack', { type: 'edit', command: 'deleteLeft' }],
] as const)('%s in %s', (key, style, does) => expect(actionInStyle(plain(key), style)).toEqual(does));

test('the command key of one keyboard is the control key of another', () =>
  expect(strokeOf({ key: 'z', ctrlKey: false, metaKey: true, altKey: false, shiftKey: false })).toEqual({
    ...plain('z'),
    control: true,
  }));
