import { writeNotebook, toNotebook } from '@/state/slices/notebook';
import type { State } from '@/state/slices/state';
import { createStore } from '@/state/store';
import { actOnce } from './actions';
import { chanceOf } from './chance';
import { progress, soaking } from './soaking';

const { seed, undone, timeout } = soaking;

const worked = () => {
  const end = performance.now() + 100;
  return { shouldContinue: () => performance.now() < end, random: () => 0n };
};

/** All that undo goes back in, as text: not the settings, nor what is only looked at, nor where the caret stands. */
function contents(state: State): string {
  const { line, columns, ...rest } = toNotebook(state);
  return writeNotebook({ ...rest, settings: null, line: { ...line, caret: 0 }, columns: columns.tables } as never);
}

const A_LIFE = 100;
const A_CHECK = 5;

// Whatever was done, by any action of any slice: going back any number of steps and forward again leads here again, and
// what changed nothing is no step.
test(
  `undo and redo lead back to what was there, after any action (seed ${seed})`,
  () => {
    let store = createStore();
    for (let done = 0; done < undone; done += 1) {
      progress('undo', done, undone);
      if (done % A_LIFE === 0) store = createStore();
      const chance = chanceOf(seed + done);
      const before = store.getState();
      actOnce(store, chance, worked());
      const after = store.getState();
      const isStep = after.history.past.length > before.history.past.length && after.history.future.length === 0;
      // A line that was opened with its settings may differ in these alone.
      if (isStep && after.history.past.at(-1)?.settings === undefined)
        expect([done, contents(after) === contents(before)]).toEqual([done, false]);
      if (done % A_CHECK !== 0) continue;
      const here = contents(after);
      const steps = chance.below(after.history.past.length + 1);
      const way: string[] = [];
      for (let i = 0; i < steps; i += 1) {
        way.push(contents(store.getState()));
        store.getState().press({ type: 'undo' });
      }
      for (let i = steps - 1; i >= 0; i -= 1) {
        store.getState().press({ type: 'redo' });
        expect([done, i, contents(store.getState())]).toEqual([done, i, way[i]]);
      }
      expect([done, contents(store.getState())]).toEqual([done, here]);
    }
  },
  timeout,
);
