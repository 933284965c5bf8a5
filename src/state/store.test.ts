import fc from 'fast-check';
import { caretOf } from '@/core/line/line';
import { keys } from '@/keys/catalogue';
import type { KeyId } from '@/keys/catalogue';
import { actionOfStroke } from '@/keys/shortcuts';
import { EMPTY_CURVES } from '@/core/notebook/curves';
import { readNotebook, writeNotebook, toNotebook } from '@/state/slices/notebook';
import { EMPTY_RUNNING } from '@/core/running/state';
import { EMPTY_STACK } from '@/core/stack/stack';
import { lineText } from '@/state/slices/bench/reading';
import { followForms, followLine, followWork } from './follow';
import { isReadable } from '@/core/keyed/entry';
import { createStore } from './store';
import { fakeClient, settled } from './testing/fake-client';

const SEED = 20261127;

let made: ReturnType<typeof createStore>[] = [];
// Whatever a test did, what is written of it is read as it is.
afterEach(() => {
  for (const store of made) {
    const notebook = toNotebook(store.getState());
    expect(readNotebook(writeNotebook(notebook))).toMatchObject({ kind: 'ok', setAside: 0, notebook });
  }
  made = [];
});

function started(isHeld = false) {
  const store = createStore();
  made.push(store);
  const { client, release } = fakeClient(isHeld);
  followLine(store, client);
  followWork(store, client);
  followForms(store, client);
  const press = async (...ids: KeyId[]) => {
    for (const id of ids) {
      store.getState().press(keys[id].does);
      if (!isHeld) await settled();
    }
  };
  return { store, press, release };
}

const tapeOf = (store: ReturnType<typeof createStore>) =>
  store.getState().document.tape.map((l) => `${l.text} ${l.forms.find((f) => f.id === l.chosen)!.text} ${l.angle}`);

test('a line is answered, goes on from the answer, and says in which unit it was worked', async () => {
  const { store, press } = started();
  await press('d1', 'divide', 'd3', 'answer', 'times', 'd3', 'answer', 'sin', 'd3', 'd0', 'close', 'answer');
  store.getState().nextAngleUnit();
  await press('sin', 'pi', 'fraction', 'd6', 'answer');
  expect(tapeOf(store)).toEqual(['1÷3 1/3 deg', 'Ans×3 1 deg', 'sin(30) 1/2 deg', 'sin(π/6) 1/2 rad']);
});

test('keys that come while a line is being answered wait for it', async () => {
  const { store, press, release } = started(true);
  await press('d6', 'times', 'd7', 'answer', 'plus', 'd1');
  expect(lineText(store.getState())).toBe('6×7');
  release();
  await settled();
  expect([tapeOf(store), lineText(store.getState())]).toEqual([['6×7 42 deg'], 'Ans+1']);
});

/** What a character of a test does; ⏎ is Enter. */
const strokeAction = (key: string) =>
  actionOfStroke({ key: key === '⏎' ? 'Enter' : key, control: false, alt: false, shift: false })!;

test(`strokes that come before the answers make the same tape as slow ones (seed ${SEED})`, async () => {
  const typed = fc.constantFrom(
    ...['A:=5⏎', 'B := 2A ⏎', '3<=4⏎', '3>=4⏎', '5!⏎', '7⏎', '⏎', 'A+1⏎', '1.5⏎', '2A=4⏎', '7=⏎', '5!=⏎', '7!=5⏎'],
  );
  const run = async (text: string, isHeld: boolean) => {
    const { store, release } = started(isHeld);
    for (const key of text) {
      store.getState().press(strokeAction(key));
      if (!isHeld) await settled();
    }
    for (let turn = 0; turn < 40; turn += 1) {
      release();
      await settled();
    }
    return [tapeOf(store), lineText(store.getState()), store.getState().waiting];
  };
  await fc.assert(
    fc.asyncProperty(fc.array(typed, { maxLength: 5 }), async (parts) => {
      const text = ['A:=2⏎', ...parts].join('');
      const slow = await run(text, false);
      expect(slow[0]!.length).toBeGreaterThan(0);
      expect(await run(text, true)).toEqual(slow);
    }),
    { seed: SEED, numRuns: 30 },
  );
});

test('a problem stays with its line, the caret where it was, and later keys are not put behind it', async () => {
  const { store, press, release } = started(true);
  await press('d1', 'plus', 'sqrt', 'minus', 'd4', 'answer', 'd9');
  release();
  await settled();
  const state = store.getState();
  const caret = caretOf(state.document.line, '.');
  expect([lineText(state), caret, state.reported?.code]).toEqual(['1+sqrt(−4)', 9, 'domain']);
});

test('values that were tried belong to their line: they go with it, and come back with it', async () => {
  const { store, press } = started();
  await press('d2', 'x', 'plus', 'd1');
  store.getState().tryValue('x', '5');
  await settled();
  await press('enter', 'd3', 'x', 'equal', 'd6');
  expect(lineText(store.getState())).toBe('3x=6');
  expect(store.getState().document.tries).toEqual({});
  await press('clear');
  store.getState().useLine(store.getState().document.tape[0]!.id);
  expect([lineText(store.getState()), store.getState().document.tries]).toEqual(['2x+1', { x: '5' }]);
  await press('clear');
  expect(store.getState().document.tries).toEqual({});
  await press('undo');
  expect(store.getState().document.tries).toEqual({ x: '5' });
});

test.each<readonly [string, readonly KeyId[], string]>([
  ['a digit begins another line', ['d4', 'd5', 'keep', 'd0', 'd1', 'd2'], '12'],
  ['a function too', ['d4', 'd5', 'keep', 'd0', 'sin', 'd3'], 'sin(3)'],
  ['an operator goes on from it', ['d4', 'd5', 'keep', 'd0', 'plus', 'd2'], '45+2'],
  ['a caret that was moved goes on writing', ['d4', 'd5', 'keep', 'd0', 'moveLeft', 'moveRight', 'd1'], '451'],
  ['a value that was recalled is multiplied', ['d4', 'd5', 'keep', 'd0', 'clear', 'recallValue', 'd0', 'd2'], '45×2'],
])('after keep and recall the number is ended: %s', async (_name, ids, line) => {
  const { store, press } = started();
  await press(...ids);
  expect(lineText(store.getState())).toBe(line);
});

test('an answer is used with all its digits: exact ones as text, a real as Ans', async () => {
  const { store, press } = started();
  await press('sqrt', 'd2', 'close', 'answer', 'ln', 'd2', 'close', 'answer', 'd5', 'answer');
  const [root, log] = store.getState().document.tape;
  store.getState().useAnswer(root!.id);
  expect(lineText(store.getState())).toBe('(sqrt(2))');
  await press('clear');
  store.getState().useAnswer(log!.id);
  expect([lineText(store.getState()), store.getState().document.ans]).toEqual(['Ans', log!.value]);
});

test('changing the decimal sign spells the line anew and keeps finished lines as they were', async () => {
  const { store, press } = started();
  await press('d2', 'point', 'd5', 'answer', 'log', 'd8', 'separator', 'd2', 'point', 'd5', 'close');
  store.getState().set({ display: { ...store.getState().settings.display, decimalSign: ',' } });
  expect([lineText(store.getState()), store.getState().document.tape[0]!.text]).toEqual(['log(8;2,5)', '2.5']);
  await press('clear');
  store.getState().useLine(store.getState().document.tape[0]!.id);
  expect(lineText(store.getState())).toBe('2,5');
});

type Action = (store: ReturnType<typeof createStore>) => void;
const actions: readonly Action[] = [
  ...(['d1', 'd2', 'plus', 'deleteLeft', 'answer', 'clear', 'ans'] as const).map(
    (id): Action =>
      (s) =>
        s.getState().press(keys[id].does),
  ),
  (s) => s.getState().clearTape(),
  (s) => s.getState().remember('keep', 'A'),
  (s) => s.getState().remember('recall', 'A'),
  (s) => s.getState().remember('clear', 'A'),
  (s) => s.getState().press({ type: 'clearAll', of: 'letter' }),
  (s) => s.getState().removeLine('l1'),
  (s) => s.getState().useLine('l1'),
  (s) => s.getState().useAnswer('l1'),
  (s) => s.getState().chooseTapeForm('l1', 'decimal'),
];

test(`undo takes back every change, and redo makes it again (seed ${SEED})`, async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(fc.constantFrom(...actions), { maxLength: 25 }), async (list) => {
      const { store, press } = started();
      await press('d1', 'answer');
      const start = store.getState().document;
      const steps = store.getState().history.past.length;
      for (const act of list) {
        act(store);
        await settled();
      }
      const end = store.getState().document;
      const made = store.getState().history.past.length - steps;
      for (let i = 0; i < made; i += 1) store.getState().press({ type: 'undo' });
      expect({ ...store.getState().document, line: lineText(store.getState()) }).toEqual({
        ...start,
        line: lineText({ ...store.getState(), document: start }),
      });
      for (let i = 0; i < made; i += 1) store.getState().press({ type: 'redo' });
      expect({ ...store.getState().document, line: lineText(store.getState()) }).toEqual({
        ...end,
        line: lineText({ ...store.getState(), document: end }),
      });
    }),
    { seed: SEED, numRuns: 30 },
  );
  // Sixty runs of the whole store, on a machine that does other things meanwhile.
}, 60_000);

test('a text that no line takes is refused, and the line stays', async () => {
  const { store, press } = started();
  await press('d7');
  store.getState().paste('1+'.repeat(6000));
  expect([lineText(store.getState()), store.getState().notice?.code]).toEqual(['7', 'line-full']);
});

test('a frozen notebook of version 1 still opens', () => {
  const raw = JSON.stringify({
    format: 'ulkav-notebook',
    version: 1,
    settings: {
      angle: 'rad',
      display: { mode: 'places', digits: 3, grouping: false, decimalSign: ',' },
      impliedFirst: true,
      backToPad: true,
      theme: 'dark',
    },
    line: { text: '2A', caret: 1 },
    tape: [
      {
        id: 'l1',
        text: 'A:=ln(2)',
        angle: 'rad',
        impliedFirst: true,
        decimalSign: ',',
        usesAngleUnit: false,
        readAs: null,
        kept: 'A',
        value: [{ rational: '2' }, { op: 'ln', args: [0] }],
        full: '0.69314718055994530942',
        forms: [{ id: 'decimal', exact: false, settled: true, text: '0,693', typed: '0.693' }],
        chosen: 'decimal',
      },
    ],
    letters: {
      A: {
        value: [{ rational: '2' }, { op: 'ln', args: [0] }],
        full: '0.693',
        from: 'A:=ln(2)',
        typed: '0.693',
        exact: false,
      },
    },
    ans: [
      {
        surd: [
          ['1', '-1'],
          ['2', '1/2'],
        ],
      },
    ],
  });
  const loaded = readNotebook(raw);
  const old = JSON.parse(raw) as { settings: object; line: object; tape: object[]; letters: Record<string, object> };
  // Version 2 adds that neither the settings nor the lines knew complex numbers; version 3 how lines were keyed, their
  // notes, pins, own digits and tries; version 4 the other entry styles, the whole Shelf and when a value was kept;
  // version 5 the Curves place; version 6 the Columns place and the points of columns on Curves; version 7 what was set aside;
  // version 9 what is entered in Kit; version 10 bases and words; version 12 examinations; version 13 the order of tables.
  const { letters, ...rest } = old;
  expect(loaded.kind === 'ok' && JSON.parse(writeNotebook(loaded.notebook))).toEqual({
    ...rest,
    version: 13,
    exam: null,
    setAside: [],
    kit: {},
    curves: EMPTY_CURVES,
    columns: { tables: [], open: null, into: null },
    shelf: { A: { ...letters['A'], from: 'ln(2)', line: null, at: null } },
    running: { ...EMPTY_RUNNING },
    stack: { ...EMPTY_STACK },
    settings: {
      ...old.settings,
      complex: false,
      tableOrder: 'across',
      view: 'boxed',
      slash: 'fraction',
      form: null,
      keyStrip: false,
      style: 'written',
      order: 'precedence',
      depth: 'unlimited',
      fractions: 'improper',
      complexForm: 'rectangular',
      bases: false,
      word: 'signed32',
      textSize: 100,
      sound: false,
      haptics: false,
    },
    line: { ...old.line, own: null, keys: [] },
    tape: old.tape.map((line) => ({
      ...line,
      complex: false,
      own: null,
      tried: {},
      keys: [],
      pinned: false,
      note: '',
      addition: null,
    })),
    tries: {},
  });
});

test('undo leaves the table that is open, a name is one step, and older states keep what they knew', () => {
  const store = createStore(() => 0);
  const state = () => store.getState();
  state().addTable();
  const first = state().sight.openTable ?? '';
  state().addTable();
  state().setAxis('y', { name: 'h' });
  state().openTable(first);
  state().press({ type: 'undo' });
  expect(state().sight.openTable).toBe(first);
  const steps = state().history.past.length;
  for (const name of ['t', 'ti', 'tim', 'time']) state().setAxis('x', { name });
  expect(state().history.past).toHaveLength(steps + 1);
  state().press({ type: 'undo' });
  expect(state().document.curves.x.name).toBe('x');
  const holder = {};
  const before = state().formsCache;
  state().learnForms([holder], [[]]);
  expect([before.known.has(holder), state().formsCache.known.has(holder)]).toEqual([false, true]);
});

test('levels that undo brings back stay, whatever depth was set', () => {
  const store = createStore();
  made.push(store);
  const { press, set } = store.getState();
  set({ style: 'stack', depth: 'unlimited' });
  for (let i = 0; i < 6; i += 1) {
    press(keys.d1.does);
    press(keys.push.does);
  }
  set({ depth: 'four' });
  expect(store.getState().document.stack.levels).toHaveLength(4);
  press({ type: 'undo' });
  expect([store.getState().document.stack.levels.length, store.getState().settings.depth]).toEqual([6, 'unlimited']);
});

test('a notebook of version 7 opens: levels, the number in Running and looks of functions had other names then', () => {
  const level = { value: null, made: '2+3', percent: { value: null, made: '5' } };
  const raw = JSON.stringify({
    ...toNotebook(createStore().getState()),
    version: 7,
    stack: { levels: [level], entry: '', replaces: false, operands: [level] },
    running: {
      ...EMPTY_RUNNING,
      shown: level,
      frames: [[{ left: level, sign: '+' }]],
      repeat: { sign: '+', right: level },
    },
    curves: { ...EMPTY_CURVES, functions: [{ id: 'f1', name: 'f', text: 'x', look: 3, on: true }] },
  });
  const loaded = readNotebook(raw);
  if (loaded.kind !== 'ok') throw new Error(loaded.reason);
  const now = { value: null, sourceText: '2+3', percent: { value: null, sourceText: '5' } };
  const { stack, running, curves, setAside } = loaded.notebook;
  expect([stack.levels, stack.operands, curves.functions[0]?.style, setAside]).toEqual([[now], [now], 3, []]);
  expect(running).toMatchObject({ shown: now, frames: [[{ left: now }]], repeat: { right: now } });
});

// In the core's own spelling it takes more parts than as it was pasted.
test('what is pasted into the stack can be read again, or is refused', () => {
  const store = createStore();
  store.getState().set({ style: 'stack' });
  store.getState().paste('3!'.repeat(450), true);
  const { document, refused } = store.getState();
  expect(refused === null || refused.problem.code === 'syntax').toBe(true);
  expect(document.stack.levels.every(({ sourceText }) => isReadable(sourceText))).toBe(true);
});
