import { drawBelow } from '@/core/base/chance';
import type { FromWorker, ToWorker } from './protocol';
import { perform } from './tasks';

let newest: Int32Array | null = null;

const draw = (below: bigint): bigint => drawBelow(below, (count) => crypto.getRandomValues(new Uint8Array(count)));

self.onmessage = ({ data }: MessageEvent<ToWorker>) => {
  if (data.type === 'share') {
    newest = new Int32Array(data.newest);
    return;
  }
  const { id, work, budget } = data;
  const end = performance.now() + budget;
  // A loop hears no messages; the shared number tells it that a newer key has come.
  const alive = () => performance.now() < end && (newest === null || Atomics.load(newest, 0) === id);
  const answer: FromWorker = { id, result: perform(work, alive, draw) };
  self.postMessage(answer);
};
