import { drawBelow } from '@/core/base/chance';
import type { FromWorker, ToWorker } from './protocol';
import { createDrawer } from './curves';
import { perform } from './tasks';

let newest: Int32Array | null = null;

const random = (below: bigint): bigint => drawBelow(below, (count) => crypto.getRandomValues(new Uint8Array(count)));

const drawer = createDrawer();

self.onmessage = ({ data }: MessageEvent<ToWorker>) => {
  if (data.type === 'share') {
    newest = new Int32Array(data.newest);
    return;
  }
  const { id, work, budget } = data;
  const end = performance.now() + budget;
  // A loop hears no messages; the shared number tells it that a newer key has come.
  const alive = () => performance.now() < end && (newest === null || Atomics.load(newest, 0) === id);
  const answer: FromWorker = { id, result: perform(work, alive, random, drawer) };
  self.postMessage(answer);
};
