import { randomBytes } from 'node:crypto';
import { drawBelow } from '@/core/base/chance';
import { lineOf, textOf } from '@/core/line/line';
import { readNotebook, writeNotebook, fromNotebook, toNotebook } from '@/state/slices/notebook';
import { lineText, optionsOf } from '@/state/slices/bench/reading';
import { createStore } from '@/state/store';
import { actOnce } from './actions';
import { chanceOf } from './chance';
import { hostile } from './lines';
import { progress, soaking } from './soaking';

const { seed, actions, lines, timeout } = soaking;

/** Work ends in time, whatever it is; the clock and chance are those of the day. */
const worked = () => {
  const end = performance.now() + 250;
  return { shouldContinue: () => performance.now() < end, random: (below: bigint) => drawBelow(below, randomBytes) };
};

const A_CHECK = 10;
const A_LIFE = 400;
/** Each is a line read four times. */
const MOST_CHANGED = 5000;

// What is written is read again, whatever was done: all actions of all slices, in all entry styles and settings.
test(
  `what is written after any action is read as it is (seed ${seed})`,
  () => {
    let store = createStore();
    for (let done = 0; done < actions; done += 1) {
      progress('actions', done, actions);
      if (done % A_LIFE === 0) store = createStore();
      const chance = chanceOf(seed + done);
      try {
        actOnce(store, chance, worked());
      } catch (error) {
        throw new Error(`action ${done} threw`, { cause: error });
      }
      if (done % A_CHECK !== 0) continue;
      const text = writeNotebook(toNotebook(store.getState()));
      const loaded = readNotebook(text);
      if (loaded.kind !== 'ok') throw new Error(`after action ${done} nothing can be read`);
      const again = writeNotebook(toNotebook(fromNotebook(loaded.notebook)));
      if (loaded.setAside === 0 && again === text) continue;
      const [was, is] = [text, again].map((t) => JSON.parse(t) as Record<string, unknown>);
      const parts = Object.keys(was!).filter((part) => JSON.stringify(was![part]) !== JSON.stringify(is![part]));
      const only = (of: Record<string, unknown>) => Object.fromEntries(parts.map((part) => [part, of[part]]));
      expect({ done, ...only(is!) }).toEqual({ done, ...only(was!) });
    }
  },
  timeout,
);

// The boxes of a line that cannot be read have other signs between their values after the decimal sign changed.
test(`a line after the decimal sign changed is as it will be read (seed ${seed})`, () => {
  for (let i = 0; i < Math.min(lines, MOST_CHANGED); i += 1) {
    const store = createStore();
    store.getState().retype(hostile(chanceOf(seed + i)), 0, 0);
    for (const decimalSign of [',', '.'] as const) {
      const { settings } = store.getState();
      store.getState().set({ display: { ...settings.display, decimalSign } });
      const text = lineText(store.getState());
      const again = lineOf(text, 'boxed', optionsOf(store.getState().settings));
      expect([i, decimalSign, textOf(again, decimalSign)]).toEqual([i, decimalSign, text]);
    }
  }
});
