import type { Storage } from '@/platform/storage';
import { pressSynchronously } from '@/state/sync-driver';
import { createKeeper } from '@/state/kernel/persist';
import { createStore } from '@/state/store';
import { chanceOf } from './chance';
import { soaking } from './soaking';

const { seed, notebooks, timeout } = soaking;
const worked = { shouldContinue: () => true, random: () => 0n };

function memory(): Storage {
  const kept = new Map<string, string>();
  return {
    read: (key) => Promise.resolve(kept.get(key) ?? null),
    write: (key, value) => Promise.resolve(void kept.set(key, value)),
    remove: (key) => Promise.resolve(void kept.delete(key)),
    keys: (prefix) => Promise.resolve([...kept.keys()].filter((key) => key.startsWith(prefix))),
  };
}
const settled = async () => {
  for (let i = 0; i < 6; i += 1) await new Promise((resolve) => setImmediate(resolve));
};

type Store = ReturnType<typeof createStore>;

/** Each thing that is done carries a number of its own, by which it is found again. */
const operations: readonly ((store: Store, mark: string, place: string) => void)[] = [
  (store, mark) => {
    store.getState().rewrite(`${mark}+1`, 'paste');
    pressSynchronously(store, { type: 'answer' }, worked);
  },
  (store, mark) => {
    store.getState().rewrite(`${mark}+1`, 'paste');
    pressSynchronously(store, { type: 'answer' }, worked);
  },
  (store, mark) => store.getState().addFunction(`x+${mark}`),
  (store, mark) => store.getState().putTable('', [{ name: '', unit: '', cells: [mark] }]),
];

test(
  `of two tabs that write at any time nothing is lost (seed ${seed})`,
  async () => {
    for (let round = 0; round < Math.ceil(notebooks / 10); round += 1) {
      const chance = chanceOf(seed + round);
      const storage = memory();
      const told = new Set<() => void>();
      const tabs = await Promise.all(
        [0, 1].map(async () => {
          const store = createStore();
          let call = (): void => undefined;
          const keeper = createKeeper(store, storage, {
            alone: (what) => what(),
            tell: () => told.forEach((other) => other !== call && other()),
            onTold: (mine) => {
              call = mine;
              // Now and then a tab hears nothing of the other until it writes itself.
              if (chance.once(2)) told.add(mine);
              return () => told.delete(mine);
            },
          });
          await keeper.restore(() => Promise.resolve(null));
          return { store, keeper, end: keeper.follow() };
        }),
      );
      const marks: string[] = [];
      for (let i = 0; i < 12; i += 1) {
        const { store, keeper } = chance.pick(tabs);
        const mark = `${10_000 * (round + 1) + i}`;
        chance.pick(operations)(store, mark, '0');
        marks.push(mark);
        if (chance.once(2)) {
          keeper.now();
          await settled();
        }
      }
      for (const { keeper } of [...tabs, ...tabs]) {
        keeper.now();
        await settled();
      }
      tabs.forEach(({ end }) => end());
      const again = createStore();
      await createKeeper(again, storage, {
        alone: (what) => what(),
        tell: () => undefined,
        onTold: () => () => undefined,
      }).restore(() => Promise.resolve(null));
      const { tape, curves, columns, setAside } = again.getState().document;
      const all = JSON.stringify([tape.map((l) => l.text), curves.functions, columns.tables, setAside]);
      expect({ round, lost: marks.filter((mark) => !all.includes(mark)) }).toEqual({ round, lost: [] });
    }
  },
  timeout,
);
