import { problemText } from '@/text/problems';
import { pressSynchronously, settleSynchronously } from '@/state/sync-driver';
import { DEFAULT_SETTINGS } from '@/state/slices/parts';
import { createStore } from '@/state/store';
import { currentOf } from '@/core/running/chain';
import { formsOfHolder } from '@/state/slices/bench/forms';
import { isEmptyLine } from '@/core/line/line';
import { isKeyId, keyIds, keys } from './catalogue';
import type { KeyId, KeyRecord } from './catalogue';
import {
  DRAWER_ROWS,
  besideKeys,
  clearAllKeys,
  drawers,
  memoryKeyIds,
  numberBlocks,
  rareLineKeys,
  stackToolKeys,
  totalKeys,
} from './decks';

const worked = { shouldContinue: () => true, random: () => 0n };

/** Presses keys one after another and answers what they come to at the end. */
function show({ keys: ids, style }: KeyRecord['example']): string {
  const store = createStore(() => 0);
  store.getState().set({ ...DEFAULT_SETTINGS, complex: true, style });
  for (const id of ids) {
    if (!isKeyId(id)) throw new Error(`no key ${id}`);
    pressSynchronously(store, keys[id].does, worked);
  }
  settleSynchronously(store, worked);
  const state = store.getState();
  const { live, document, settings } = state;
  if (live.kind === 'problem') return problemText(live.problem);
  if (settings.style === 'written')
    return live.kind === 'answer' && !isEmptyLine(document.line)
      ? live.answer.forms[0]!.text
      : (document.tape.at(-1)?.forms[0]?.text ?? '');
  const { running, stack } = document;
  if (settings.style === 'running')
    return running.entry === '' ? formsOfHolder(state, currentOf(running))[0]!.text : running.entry;
  return stack.entry === '' ? formsOfHolder(state, stack.levels.at(-1)!)[0]!.text : stack.entry;
}

test.each(keyIds.map((id) => [id, keys[id].example] as const))('%s does what its example says', (_id, example) => {
  expect(show(example)).toBe(example.shows);
});

test('every drawer fills its rows, with a place for what turns it round', () => {
  for (const { columns, ids, more } of Object.values(drawers))
    expect([ids.length, more === undefined || more.length <= ids.length]).toEqual([
      columns * DRAWER_ROWS - (more === undefined ? 0 : 1),
      true,
    ]);
});

test('every key can be reached, from a drawer, the number block or beside the line', () => {
  const reachable = new Set<KeyId>([
    ...Object.values(drawers).flatMap((d) => [...d.ids, ...(d.more ?? [])]),
    ...Object.values(numberBlocks).flat(2),
    ...Object.values(besideKeys).flat(),
    ...totalKeys,
    ...stackToolKeys,
    ...memoryKeyIds,
    ...clearAllKeys,
    ...rareLineKeys,
  ]);
  expect(keyIds.filter((id) => !reachable.has(id))).toEqual([]);
});
