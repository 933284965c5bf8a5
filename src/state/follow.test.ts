import fc from 'fast-check';
import { keys } from '@/keys/catalogue';
import { requestOf } from '@/state/slices/bench/live';
import type { State } from '@/state/slices/state';
import { answerLine } from '@/workers/answer';
import { followLine } from './follow';
import { createStore } from './store';
import { fakeClient, settled } from './testing/fake-client';

const SEED = 20261127;

/** The answer to the line as it stands, worked at once. */
const answerNow = (state: State) => {
  const result = answerLine(
    requestOf(state),
    () => true,
    () => 0n,
  );
  return result.ok ? result.value : result.problem;
};

test(`what is said of the line answers what it asks now, however late answers come (seed ${SEED})`, async () => {
  const deeds = ['d3', 'sin', 'unit', 'paint', 'release'] as const;
  await fc.assert(
    fc.asyncProperty(fc.array(fc.constantFrom(...deeds), { maxLength: 12 }), async (done) => {
      const store = createStore();
      const { client, release } = fakeClient(true);
      let painted: () => void = () => undefined;
      followLine(store, client, (call) => {
        painted = call;
        return () => (painted = () => undefined);
      });
      for (const deed of done) {
        if (deed === 'unit') store.getState().nextAngleUnit();
        else if (deed === 'paint') painted();
        else if (deed === 'release') release();
        else store.getState().press(keys[deed].does);
        await settled();
        const { live } = store.getState();
        if (live.kind === 'answer') expect(live.answer).toEqual(answerNow(store.getState()));
      }
    }),
    { seed: SEED, numRuns: 150, examples: [[['sin', 'd3', 'paint', 'unit', 'release']]] },
  );
});
