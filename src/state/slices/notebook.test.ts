import { EMPTY_KEPT } from '@/state/slices/parts';
import { readFileSync } from 'node:fs';
import { DEFAULT_SETTINGS, EMPTY_DOCUMENT } from './parts';
import { fromNotebook, toNotebook, readNotebook, writeNotebook } from './notebook';
import { mendedJson } from '@/state/kernel/mend-json';
import { tapeLineSchema } from '@/core/notebook/schema';
import type { Notebook } from './notebook';
import type { SavedValue } from '@/core/notebook/value-codec';
import { decode, encode } from '@/core/notebook/value-codec';

const fresh = toNotebook({ ...EMPTY_KEPT, document: EMPTY_DOCUMENT });

const FIVE: SavedValue = [{ rational: '5' }];
/** An answered line as it is kept; the browser tests begin with it too. */
const sampleLine = tapeLineSchema.parse(JSON.parse(readFileSync('src/core/notebook/sample-line.json', 'utf8')));
const line = (part: Partial<Notebook['tape'][number]> = {}): Notebook['tape'][number] => ({ ...sampleLine, ...part });
const kept = (value: unknown) => ({ value, full: '5', from: '2+3', typed: '5', exact: true, line: 'l9', at: 1 });
const level = (sourceText: string, value: unknown = null) => ({ value, sourceText, percent: null });

type Read = Readonly<{ notebook: Notebook; aside: readonly string[] }>;
function read(change: object): Read {
  const loaded = readNotebook(JSON.stringify({ ...fresh, ...change }));
  if (loaded.kind !== 'ok') throw new Error(loaded.reason);
  const aside = loaded.notebook.setAside.map(({ of, name, text }) => [of, name, text].join('|'));
  return { notebook: loaded.notebook, aside };
}

// Each row: what is in the file, what is read of it, and what is set aside with its text.
test.each<[string, object, (n: Notebook) => unknown, unknown, string[]]>([
  [
    'a tape line without a value that fits',
    { tape: [line(), line({ id: 'l2', value: [{ op: 'add', args: [0, 1] }] })] },
    (n) => n.tape.map((l) => l.id),
    ['l1'],
    ['tape|2|2+3'],
  ],
  ['a form that the line does not have', { tape: [line({ chosen: 'polar' })] }, (n) => n.tape[0]!.chosen, 'exact', []],
  [
    'a form twice',
    { tape: [line({ forms: [line().forms[0]!, line().forms[0]!] })] },
    (n) => n.tape[0]!.forms.length,
    1,
    [],
  ],
  ['one id twice on the tape', { tape: [line(), line()] }, (n) => n.tape.map((l) => l.id), ['l1', 'l2'], []],
  [
    'a place with no value',
    { shelf: { A: kept(FIVE), B: kept([{ complex: [0, 0] }]), nowhere: kept(FIVE) } },
    (n) => Object.keys(n.shelf),
    ['A'],
    ['place|B|2+3', 'place|nowhere|2+3'],
  ],
  [
    'levels that cannot be read',
    { stack: { levels: [level('5'), level('not x'), level('(x<2)+3')], entry: '', replaces: false, operands: [] } },
    (n) => n.stack.levels.map((l) => l.sourceText),
    ['5'],
    ['level|2|not x', 'level|3|(x<2)+3'],
  ],
  [
    'a number being keyed that is none',
    { stack: { ...fresh.stack, entry: '1.2.3' } },
    (n) => n.stack.entry,
    '',
    ['level||1.2.3'],
  ],
  [
    'more levels than the setting keeps',
    {
      settings: { ...DEFAULT_SETTINGS, depth: 'four' },
      stack: { ...fresh.stack, levels: ['1', '2', '3', '4', '5'].map((made) => level(made)) },
    },
    (n) => fromNotebook(n).settings.depth,
    'unlimited',
    [],
  ],
  [
    'Running with a wrong number',
    { running: { ...fresh.running, shown: level('(((') } },
    (n) => n.running.shown,
    null,
    ['running||((('],
  ],
  [
    'a setting that is none',
    { settings: { ...DEFAULT_SETTINGS, angle: 'turns', theme: 'dark' } },
    (n) => [n.settings.angle, n.settings.theme],
    ['deg', 'dark'],
    ['setting|angle|'],
  ],
  ['no settings at all', { settings: undefined }, (n) => n.settings, DEFAULT_SETTINGS, []],
  [
    'a line with a caret that is none',
    { line: { text: '1+2', caret: -1, own: null, keys: 7 } },
    (n) => [n.line.text, n.line.caret],
    ['1+2', 3],
    [],
  ],
  [
    'a line that is too long',
    { line: { ...fresh.line, text: 'x'.repeat(20_001) } },
    (n) => n.line.text,
    '',
    [`line||${'x'.repeat(20_000)}`],
  ],
  ['the last answer', { ans: [{ radical: ['1', '8', 3] }] }, (n) => n.ans, null, ['answer||']],
  [
    'a tried value that is too long',
    { tries: { x: '1', y: 'y'.repeat(20_001) } },
    (n) => n.tries,
    { x: '1' },
    [`tried|y|${'y'.repeat(20_000)}`],
  ],
  [
    'lists that are none',
    { tape: 5, shelf: [], stack: null, running: '', curves: 0, columns: 'x', setAside: {} },
    (n) => [n.tape, n.shelf, n.columns.tables],
    [[], {}, []],
    ['running||', 'stack||', 'tape||', 'place||', 'view||', 'table||'],
  ],
])('%s: the rest is read', (_, change, of, expected, aside) => {
  const made = read(change);
  expect([of(made.notebook), made.aside]).toEqual([expected, aside]);
  // What was set aside stays, and is not found anew.
  const again = readNotebook(writeNotebook(made.notebook));
  expect(again).toMatchObject({ kind: 'ok', setAside: 0, notebook: made.notebook });
});

test.each([
  ['{', undefined],
  ['[1,2', [1]],
  ['{"a":1,"b":{"c":[1,2,{"d":3},"x', { a: 1, b: { c: [1, 2, { d: 3 }] } }],
  ['{"a":"}","b":"\\\"",', { a: '}', b: '"' }],
  ['nothing', undefined],
])('of the text %s that breaks off %j is read', (text, expected) => expect(mendedJson(text)).toEqual(expected));

test('a notebook that breaks off is read up to there', () => {
  const raw = writeNotebook({ ...fresh, tape: [line(), line({ id: 'l2' }), line({ id: 'l3' })] });
  const loaded = readNotebook(raw.slice(0, raw.indexOf('"l3"')));
  expect(loaded).toMatchObject({ kind: 'ok', isMended: true, notebook: { settings: DEFAULT_SETTINGS } });
  expect(loaded.kind === 'ok' && loaded.notebook.tape.map((l) => l.id)).toEqual(['l1', 'l2']);
});

test.each([
  ['', 'not-json'],
  ['7', 'not-a-notebook'],
  ['{"format":"elsewhere"}', 'not-a-notebook'],
])('%j is no notebook', (raw, reason) => expect(readNotebook(raw)).toEqual({ kind: 'damaged', reason }));

// Cube roots of decimals whose numbers have large factors: what was answered is checked when it is read, not factorised anew.
test.each([['123456789'], ['19.73820461'], ['0.00000007'], ['99999989/7']])(
  'the cube root of %s is read again',
  (of) => {
    const answered = read({ ans: null }).notebook;
    expect(answered.ans).toBeNull();
    const [n, d = '1'] = of.includes('/')
      ? of.split('/')
      : [of.replace('.', ''), `1${'0'.repeat((of.split('.')[1] ?? '').length)}`];
    const value = decode([{ radical: [`1/${d}`, `${BigInt(n!) * BigInt(d) ** 2n}`, 3] }]);
    // Some of these hold a cube, and are not kept so.
    if (value !== null) expect(decode(encode(value))).toEqual(value);
  },
);

test('the demo notebook of every version stays readable', () => {
  const schema = JSON.parse(readFileSync('docs/notebook.schema.json', 'utf8')) as { properties: object };
  expect(Object.keys(schema.properties)).toContain('setAside');
});
