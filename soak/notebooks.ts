import { EMPTY_KEPT } from '@/state/slices/parts';
import { writeNotebook, toNotebook } from '@/state/slices/notebook';
import { createStore } from '@/state/store';
import { demoDocument } from '../demo/write';
import { actOnce } from './actions';
import { chanceOf } from './chance';
import type { Chance } from './chance';
import { brokenText, mutated } from './mutations';

const worked = (ms: number) => {
  const end = performance.now() + ms;
  return { shouldContinue: () => performance.now() < end, random: () => 0n };
};

/** A notebook in which much has been done: the survey's, or one of chance. */
export function lived(chance: Chance): string {
  if (chance.once(3)) return writeNotebook(toNotebook({ ...EMPTY_KEPT, document: demoDocument() }));
  const store = createStore();
  for (let i = 0; i < 80; i += 1) actOnce(store, chance, worked(100));
  return writeNotebook(toNotebook(store.getState()));
}

/** A notebook that another hand changed: other contents in a valid file, or a text that is broken. */
export function strangeNotebook(seed: number): string {
  const chance = chanceOf(seed);
  const text = lived(chance);
  return chance.once(8) ? brokenText(text, chance) : JSON.stringify(mutated(JSON.parse(text), chance));
}
