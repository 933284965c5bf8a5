import { keys } from '@/keys/catalogue';
import type { KeyId } from '@/keys/catalogue';
import { againRequest } from '@/state/slices/bench/live';
import { outdated } from '@/state/slices/tape/line';
import { pressSynchronously } from '@/state/sync-driver';
import { answerLine } from '@/workers/answer';
import { createStore } from './store';

const worked = { shouldContinue: () => true, random: () => 0n };

test('lines that rest on an edited one are told, with what Ans was, until they are worked again', () => {
  const store = createStore();
  const press = (...ids: KeyId[]) => ids.forEach((id) => pressSynchronously(store, keys[id].does, worked));
  const told = () => [...outdated(store.getState().document.tape)];
  const shown = (at: number) => store.getState().document.tape[at]!.forms[0]!.text;
  press('d2', 'power', 'd3', 'enter', 'divide', 'd4', 'enter', 'plus', 'd1', 'enter');
  const [first, second, third] = store.getState().document.tape.map(({ id }) => id);
  expect(told()).toEqual([]);
  store.getState().editLine(first!);
  press('deleteLeft', 'd4', 'enter');
  expect(shown(0)).toBe('16');
  expect(told()).toEqual([
    [second, '8'],
    [third, '2'],
  ]);
  const request = againRequest(store.getState(), store.getState().document.tape[1]!, true);
  const answer = answerLine(request, worked.shouldContinue, worked.random);
  if (!answer.ok) throw new Error('no answer');
  store.getState().replaceAnswer(second!, answer.value, store.getState().settings);
  expect(shown(1)).toBe('4');
  expect(told()).toEqual([[third, '2']]);
});
