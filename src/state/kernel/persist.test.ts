import sampleLine from '@/core/notebook/sample-line.json';
import type { TapeLine } from '@/core/notebook/schema';
import { keys } from '@/keys/catalogue';
import type { KeyId } from '@/keys/catalogue';
import type { Storage } from '@/platform/storage';
import type { Tabs } from '@/platform/tabs';
import { writeNotebook, toNotebook } from '@/state/slices/notebook';
import { pressSynchronously } from '@/state/sync-driver';
import { createKeeper } from './persist';
import { createStore } from '@/state/store';
import type { AppStore } from '@/state/store';

const worked = { shouldContinue: () => true, random: () => 0n };
const nothing = () => Promise.resolve(null);
const settled = async () => {
  for (let i = 0; i < 30; i += 1) await new Promise((resolve) => setImmediate(resolve));
};
const KEY = 'ulkav.notebook';

function memory(start: Record<string, string> = {}, isFull = false) {
  const kept = new Map(Object.entries(start));
  const storage: Storage = {
    read: (key) => Promise.resolve(kept.get(key) ?? null),
    write: (key, value) => {
      if (isFull) return Promise.reject(new Error('full'));
      kept.set(key, value);
      return Promise.resolve();
    },
    remove: (key) => Promise.resolve(void kept.delete(key)),
    keys: (prefix) => Promise.resolve([...kept.keys()].filter((key) => key.startsWith(prefix))),
  };
  return { storage, kept };
}

/** Tabs of one device: what one tells reaches the others. */
function device() {
  const calls = new Map<number, () => void>();
  let last: Promise<unknown> = Promise.resolve();
  return (): Tabs => {
    const id = calls.size;
    calls.set(id, () => undefined);
    return {
      alone: (what) => {
        const done = last.then(what, what);
        last = done.catch(() => undefined);
        return done;
      },
      tell: () => calls.forEach((call, other) => other !== id && call()),
      onTold: (call) => {
        calls.set(id, call);
        return () => calls.delete(id);
      },
    };
  };
}

async function tab(storage: Storage, tabs: Tabs = device()(), clock?: () => number) {
  const store = createStore();
  const keeper = createKeeper(store, storage, tabs, clock, () => 0.5);
  await keeper.restore(nothing);
  const end = keeper.follow();
  const press = async (...ids: KeyId[]) => {
    for (const id of ids) pressSynchronously(store, keys[id].does, worked);
    await new Promise((resolve) => setTimeout(resolve, 170));
    await settled();
  };
  return { store, keeper, press, end };
}

const lines = (store: ReturnType<typeof createStore>) => store.getState().document.tape.map((l) => l.text);

test('what is kept comes back whole', async () => {
  const { storage } = memory();
  const one = await tab(storage);
  await one.press('A', 'assign', 'sin', 'd1', 'close', 'answer', 'd4', 'fraction', 'd6', 'answer', 'd7');
  const again = await tab(storage);
  expect({ ...again.store.getState().document }).toEqual(
    JSON.parse(JSON.stringify(one.store.getState().document)) as object,
  );
});

test('what two tabs answer is all there after both are opened anew', async () => {
  const { storage } = memory();
  const of = device();
  const [first, second] = [await tab(storage, of()), await tab(storage, of())];
  await first.press('d1', 'd1', 'plus', 'd1', 'answer');
  await second.press('d2', 'd2', 'plus', 'd2', 'answer');
  await first.press('d3', 'd3', 'plus', 'd3', 'answer');
  await second.press('d4', 'd4', 'plus', 'd4', 'answer');
  const all = ['11+1', '22+2', '33+3', '44+4'];
  expect([lines(first.store), lines(second.store)]).toEqual([all, all]);
  first.keeper.now();
  second.keeper.now();
  await settled();
  expect(lines((await tab(storage)).store)).toEqual(all);
  // Undo takes back what this tab did, and leaves the other's.
  await first.press('undo');
  expect(lines(first.store).includes('44+4')).toBe(true);
});

test('what both tabs changed at once stays, one of it set aside', async () => {
  const { storage } = memory();
  const deaf = (): Tabs => ({ alone: (what) => what(), tell: () => undefined, onTold: () => () => undefined });
  const [first, second] = [await tab(storage, deaf()), await tab(storage, deaf())];
  const put = (store: ReturnType<typeof createStore>, text: string) => store.getState().addFunction(text);
  await first.press('d5', 'answer');
  put(first.store, 'x+1');
  await first.press();
  put(second.store, 'x+2');
  await second.press('d6', 'answer');
  const { document } = second.store.getState();
  expect(lines(second.store)).toEqual(['5', '6']);
  expect(document.curves.functions.map(({ id, text }) => [id, text])).toEqual([
    ['f1', 'x+1'],
    ['f2', 'x+2'],
  ]);
  expect(new Set(document.tape.map((l) => l.id)).size).toBe(2);
});

test('a page that goes while another tab holds the store still writes', async () => {
  const { storage } = memory();
  const held: Tabs = {
    alone: () => new Promise(() => undefined),
    tell: () => undefined,
    onTold: () => () => undefined,
  };
  const one = await tab(storage, held);
  await one.press('d7', 'answer');
  one.keeper.now();
  await settled();
  expect(lines((await tab(storage)).store)).toEqual(['7']);
});

test('a long column is kept apart, written once, and comes back', async () => {
  const { storage, kept } = memory();
  const one = await tab(storage);
  const cells = Array.from({ length: 5000 }, (_, i) => `${i}`);
  one.store.getState().putTable('Tide', [{ name: 'h', unit: 'm', cells }]);
  await one.press('d1');
  expect(kept.get(KEY)!.length).toBeLessThan(5000);
  const [again, apart] = [await tab(storage), [...kept.keys()].filter((key) => key.includes('.cells.'))];
  expect(again.store.getState().document.columns.tables[0]!.columns[0]!.cells).toEqual(cells);
  await again.press('d2');
  expect([...kept.keys()].filter((key) => key.includes('.cells.'))).toEqual(apart);
  kept.delete(apart[0]!);
  const bare = await tab(storage);
  expect(bare.store.getState().document.setAside).toMatchObject([{ of: 'column', name: 'Tide: h' }]);
});

const long = (count: number): string =>
  writeNotebook({
    ...toNotebook(createStore().getState()),
    tape: Array.from({ length: count }, (_, i) => ({ ...(sampleLine as TapeLine), id: `l${i + 1}`, note: `${i + 1}` })),
  });

test('of a long tape a pause writes what has changed; it comes back whole, and so it does where the main text breaks off', async () => {
  const { storage, kept } = memory({ [KEY]: long(1000) });
  const written: string[] = [];
  const watched: Storage = { ...storage, write: (key, value) => (written.push(key), storage.write(key, value)) };
  const one = await tab(watched);
  const notes = (store: AppStore) => store.getState().document.tape.map(({ note }) => note);
  const groupsWritten = async (change: () => void): Promise<number> => {
    written.length = 0;
    change();
    await one.press('d1');
    return written.filter((key) => key.includes('.cells.')).length;
  };
  expect(await groupsWritten(() => undefined)).toBe(15);
  const main = kept.get(KEY)!;
  expect(main.length).toBeLessThan(long(1000).length / 10);
  expect(await groupsWritten(() => one.store.getState().noteLine('l990', 'new'))).toBe(0);
  expect(await groupsWritten(() => one.store.getState().removeLine('l100'))).toBe(1);
  const again = await tab(watched);
  expect(notes(again.store)).toEqual(notes(one.store));
  written.length = 0;
  await again.press('d2');
  expect(written.filter((key) => key.includes('.cells.'))).toEqual([]);
  kept.delete('ulkav.starts');
  kept.set(KEY, kept.get(KEY)!.slice(0, -30));
  const mended = await tab(storage);
  expect(notes(mended.store)).toEqual(notes(one.store));
  const { keeping } = mended.store.getState();
  expect(keeping.kind === 'damaged' && keeping.raw.includes('"note":"500"')).toBe(true);
});

const damagedValue = (): string => {
  return writeNotebook({ ...toNotebook(createStore().getState()), ans: [{ op: 'add', args: [0, 1] }] });
};

test('parts that cannot be read are set aside, and said', async () => {
  const { storage } = memory({ [KEY]: damagedValue() });
  const { store } = await tab(storage);
  expect(store.getState().notice).toMatchObject({ code: 'parts-set-aside', fact: '1' });
  expect(store.getState().document.setAside).toMatchObject([{ of: 'answer', reason: 'unreadable' }]);
});

test.each([
  ['{', 'unreadable'],
  ['{"format":"other"}', 'unreadable'],
  [damagedValue().slice(0, -20), 'broken-off'],
  [damagedValue().replace(/"version":\d+/, '"version":99'), 'newer'],
])('a store of %.30s… is set aside whole (%s)', async (raw, why) => {
  const { storage, kept } = memory({ [KEY]: raw });
  const { store } = await tab(storage, undefined, () => 500);
  expect(store.getState().keeping).toEqual({ kind: 'damaged', why, raw, setAsideAs: 'ulkav.set-aside.500' });
  expect(kept.get('ulkav.set-aside.500')).toBe(raw);
});

test('of copies set aside the newest three stay, and none twice', async () => {
  const { storage, kept } = memory();
  for (const now of [100, 200, 200, 300, 400, 500]) {
    kept.set(KEY, `{ ${now}`);
    await tab(storage, undefined, () => now);
    await tab(storage, undefined, () => now + 1);
  }
  expect([...kept.keys()].filter((key) => key.includes('set-aside'))).toEqual(
    [300, 400, 500].map((n) => `ulkav.set-aside.${n}`),
  );
});

test('a notebook with which two starts did not come to their end is set aside at the third', async () => {
  const { storage } = memory();
  const one = await tab(storage);
  await one.press('d1', 'answer');
  const [first, second, third] = [await tab(storage), await tab(storage), await tab(storage)];
  expect([lines(first.store), lines(second.store)]).toEqual([['1'], ['1']]);
  expect([lines(third.store), third.store.getState().keeping]).toMatchObject([[], { why: 'not-drawn' }]);
  await third.press('d2', 'answer');
  const fourth = await tab(storage);
  fourth.keeper.drawn();
  expect(lines(fourth.store)).toEqual(['2']);
});

test('a device that refuses is reported, and a damaged store that cannot be set aside is not written over', async () => {
  const { store, press } = await tab(memory({}, true).storage);
  await press('d1');
  expect(store.getState().keeping.kind).toBe('refused');
  const other = await tab(memory({ [KEY]: '{' }, true).storage);
  expect(other.store.getState().keeping).toMatchObject({ kind: 'damaged', setAsideAs: null });
});

test('a device that cannot be read is not written over', async () => {
  const written: string[] = [];
  const storage: Storage = {
    read: () => Promise.reject(new Error('not allowed')),
    write: (key) => Promise.resolve(void written.push(key)),
    remove: () => Promise.resolve(),
    keys: () => Promise.resolve([]),
  };
  const { store, press } = await tab(storage);
  await press('d1');
  expect([store.getState().keeping.kind, written]).toEqual(['unreadable', []]);
});

test('an examination holds over a reload and in every tab, and what it put aside is written once', async () => {
  const { storage, kept } = memory();
  const tabs = device();
  const one = await tab(storage, tabs());
  const other = await tab(storage, tabs());
  await one.press('A', 'assign', 'd5', 'answer');
  await other.press('d6', 'd7');
  one.store.getState().startExam({ off: ['kit'], settings: null });
  await one.press('d1', 'answer');
  const { document, history } = other.store.getState();
  expect([document.exam?.off, Object.keys(document.shelf), document.line, history.past]).toEqual([
    ['kit'],
    [],
    one.store.getState().document.line,
    [],
  ]);
  const named = (): string => /"before":\{"apart":"([^"]+)"\}/.exec(kept.get(KEY) ?? '')?.[1] ?? '';
  await other.press('d2', 'answer');
  const key = named();
  expect(kept.get(key)).toContain('A := 5');
  const again = await tab(storage, tabs());
  await again.press('d3', 'answer');
  expect([named(), again.store.getState().document.exam?.before]).toEqual([key, document.exam?.before]);
  again.store.getState().endExam();
  await again.press();
  for (const { store } of [one, other, again])
    expect([store.getState().document.exam, Object.keys(store.getState().document.shelf), lines(store)]).toEqual([
      null,
      ['A'],
      ['A := 5', '1', '2', '3'],
    ]);
  // The line that the other tab was writing when it began.
  expect(again.store.getState().document.setAside.map(({ of, text }) => [of, text])).toEqual([['line', '67']]);
});
