import fc from 'fast-check';
import type { ExamPlan } from '@/core/notebook/exam';
import { DEFAULT_SETTINGS, handedOnSchema } from '@/core/notebook/settings';
import { keys } from '@/keys/catalogue';
import type { KeyId } from '@/keys/catalogue';
import { answerLine } from '@/workers/answer';
import { requestFor } from '@/state/slices/bench/live';
import { fromNotebook, readNotebook, toNotebook, writeNotebook } from '@/state/slices/notebook';
import { EMPTY_DOCUMENT } from '@/state/slices/parts';
import { pressSynchronously } from '@/state/sync-driver';
import { createStore } from '@/state/store';
import type { AppStore } from '@/state/store';
import { isOff } from './off';

const SEED = 20261129;
const worked = { shouldContinue: () => true, random: () => 0n };
const START = 1_790_000_000_000;
const ALL: ExamPlan = { off: ['forms', 'steps', 'solve', 'search', 'curves', 'columns', 'kit'], settings: null };

function begun() {
  let now = START;
  const store = createStore(() => now);
  const press = (...ids: KeyId[]) => ids.forEach((id) => pressSynchronously(store, keys[id].does, worked));
  return { store, press, wait: (ms: number) => (now += ms), state: () => store.getState() };
}

/** Things that change what is kept, in every part of it. */
const deeds: readonly ((store: AppStore) => void)[] = [
  (store) => ['d7', 'divide', 'd3', 'answer'].forEach((id) => pressed(store, id as KeyId)),
  (store) => ['A', 'assign', 'd5', 'answer'].forEach((id) => pressed(store, id as KeyId)),
  (store) => ['d1', 'plus'].forEach((id) => pressed(store, id as KeyId)),
  (store) => store.getState().addFunction('x^2'),
  (store) => store.getState().putTable('Tides', [{ name: 'h', unit: 'm', cells: ['1', '2'] }]),
  (store) => store.getState().enter('percent', { of: '12' }),
  (store) => store.getState().set({ angle: 'rad' }),
  (store) => store.getState().set({ view: 'typed' }),
  (store) => pressed(store, 'undo'),
];
const pressed = (store: AppStore, id: KeyId) => pressSynchronously(store, keys[id].does, worked);
const some = fc.array(fc.constantFrom(...deeds), { maxLength: 8 });

test(`what was there comes back whole, with the lines of the examination after one's own, seed ${SEED}`, () => {
  fc.assert(
    fc.property(some, some, (before, during) => {
      const { store, state } = begun();
      before.forEach((deed) => deed(store));
      const was = toNotebook(state());
      state().startExam(ALL);
      expect({ ...state().document, exam: null }).toEqual({ ...EMPTY_DOCUMENT, line: state().document.line });
      expect([state().history.past, state().document.exam?.since]).toEqual([[], START]);
      during.forEach((deed) => deed(store));
      const done = state().document.tape;
      // The notebook on the device has all of it.
      const loaded = readNotebook(writeNotebook(toNotebook(state())));
      if (loaded.kind !== 'ok') throw new Error(loaded.reason);
      expect(loaded).toMatchObject({ setAside: 0, notebook: toNotebook(state()) });
      state().openNotebook(loaded.notebook, true);
      state().endExam();
      const { tape, ...rest } = toNotebook(state());
      expect(rest).toEqual({ ...was, tape: undefined, settings: { ...was.settings, theme: state().settings.theme } });
      expect(tape.slice(0, was.tape.length)).toEqual(was.tape);
      expect(tape.slice(was.tape.length).map(({ text }) => text)).toEqual(done.map(({ text }) => text));
      expect(new Set(tape.map(({ id }) => id)).size).toBe(tape.length);
    }),
    { seed: SEED, numRuns: 60 },
  );
});

test('no undo leads out of it or back into it; after its end one step shows what was there', () => {
  const { press, state, wait } = begun();
  press('d4', 'answer');
  state().startExam(ALL);
  for (let i = 0; i < 3; i += 1) press('undo');
  expect(state().document.exam).not.toBeNull();
  press('B', 'assign', 'd9', 'answer', 'undo', 'undo', 'redo', 'redo');
  // It is on, so nothing begins anew.
  state().startExam({ off: [], settings: null });
  expect(isOff(state(), 'kit')).toBe(true);
  wait(43 * 60_000 + 5);
  state().endExam();
  expect([state().notice, state().document.shelf]).toMatchObject([{ code: 'exam-ended', fact: '43' }, {}]);
  press('undo');
  expect([state().document.exam, Object.keys(state().document.shelf)]).toEqual([null, ['B']]);
  press('redo');
  expect(state().document.tape.map(({ text }) => text)).toEqual(['4', 'B := 9']);
  // What is over cannot be ended.
  const before = state();
  before.endExam();
  expect(state().document).toBe(before.document);
});

test('its settings hold until it ends; how the page looks is left to each', () => {
  const { state } = begun();
  const settings = handedOnSchema.parse({ ...DEFAULT_SETTINGS, angle: 'grad', word: undefined });
  state().set({ angle: 'rad', theme: 'light', word: 'signed8' });
  state().startExam({ off: [], settings });
  expect(state().settings).toMatchObject({ angle: 'grad', theme: 'light', word: 'signed8' });
  state().set({ theme: 'dark', word: 'unsigned8' });
  state().endExam();
  expect(state().settings).toMatchObject({ angle: 'rad', theme: 'dark', word: 'signed8' });
});

test('what would lead out of it is not opened; what it saved opens without it, and with what was before', () => {
  const { press, state } = begun();
  press('C', 'assign', 'd2', 'answer');
  const own = toNotebook(state());
  state().startExam(ALL);
  press('d3', 'answer');
  const sheet = { kind: 'sheet', sheet: { title: 'Moorings' } } as never;
  for (const act of [
    () => state().appendCell(null, '4'),
    () => state().openNotebook(own, false),
    () => state().offer({ kind: 'exam', plan: ALL }),
    () => state().offer(sheet),
  ]) {
    state().say(null);
    act();
    expect([state().notice?.code, state().offered, state().document.exam?.off.length]).toEqual([
      'not-in-exam',
      null,
      7,
    ]);
  }
  const saved = toNotebook(state());
  const other = begun();
  other.press('d8', 'answer');
  other.state().openNotebook(saved, false);
  expect([other.state().document.exam, other.state().document.tape.map(({ text }) => text)]).toEqual([
    null,
    ['C := 2', '3'],
  ]);
  other.press('undo');
  expect(other.state().document.tape.map(({ text }) => text)).toEqual(['8']);
});

/** The forms of what a text comes to, and how many numbers it may have been rounded from. */
function answered(store: AppStore, text: string): unknown {
  const result = answerLine(requestFor(text, store.getState()), worked.shouldContinue, worked.random);
  return result.ok ? [result.value.forms.map((form) => form.text), result.value.near.length] : result.problem;
}

// Forms that are off leave one; a base that the line asks for is what it asks for.
test.each<[string, unknown]>([
  ['1/4+1/2', [['0.75'], 0]],
  ['sqrt(2)', [['1.414213562'], 0]],
  ['6', [['6'], 0]],
  ['sin(60)', [['0.8660254038'], 0]],
  ['0.3333333333', [['0.3333333333'], 0]],
  ['[[1/2, 3], [0, 1]]', [['[[0.5, 3], [0, 1]]'], 0]],
  ['1<2', [['true'], 0]],
  ['10 to base 2', [['1010₂'], 0]],
  ['solve([[2, 3], [1, -1]], [8, -1])', { code: 'domain', reason: 'off-now' }],
])('with all off, %s comes to %j', (text, expected) => {
  const { store, state } = begun();
  state().set({ display: { ...DEFAULT_SETTINGS.display, grouping: false } });
  state().startExam(ALL);
  const found = answered(store, text);
  if (Array.isArray(expected)) expect(found).toEqual(expected);
  else expect(found).toMatchObject(expected as object);
});

// It stays on where any of it can be read; what was put aside and cannot be is told.
test.each<[unknown, unknown, number]>([
  [7, null, 1],
  [{ since: 1, before: [{}] }, null, 1],
  [
    { off: ['kit'], settings: null, since: 1, before: 'lost' },
    { off: ['kit'], settings: null, since: 1, before: [] },
    1,
  ],
  [{ off: ['kit', 'keys'], since: -1, before: [{}] }, { off: ['kit'], settings: null, since: 0, before: [{}] }, 0],
])('an examination that cannot be read, %j, is %j', (exam, expected, setAside) => {
  const { state } = begun();
  const loaded = readNotebook(JSON.stringify({ ...toNotebook(state()), exam }));
  if (loaded.kind !== 'ok') throw new Error(loaded.reason);
  expect([loaded.notebook.exam, loaded.setAside]).toEqual([expected, setAside]);
});

test('where what was put aside cannot be found, what is there stays', () => {
  const { press, state } = begun();
  state().startExam(ALL);
  press('d3', 'answer');
  const { exam, ...rest } = toNotebook(state());
  state().openNotebook({ ...rest, exam: exam === null ? null : { ...exam, before: [] } }, true);
  state().endExam();
  expect([state().notice?.code, state().document.exam, fromNotebook(toNotebook(state())).document.tape.length]).toEqual(
    ['exam-not-put-back', null, 1],
  );
});
