import type { Alive } from '@/core/base/alive';
import { drawBelow } from '@/core/base/chance';
import type { Random } from '@/core/function/record';
import type { FromWorker, ToWorker, WorkOf } from './protocol';
import type { TaskKind } from './tasks';

const random: Random = (below) => drawBelow(below, (count) => crypto.getRandomValues(new Uint8Array(count)));

/** Has a worker do what it is sent, each piece within its budget and until a newer one comes. */
export function serve<Kinds extends TaskKind>(
  perform: (work: WorkOf<Kinds>, alive: Alive, random: Random) => FromWorker['result'],
): void {
  let newest: Int32Array | null = null;
  self.onmessage = ({ data }: MessageEvent<ToWorker<Kinds>>) => {
    if (data.type === 'share') {
      newest = new Int32Array(data.newest);
      return;
    }
    const { id, work, budget } = data;
    const end = performance.now() + budget;
    // A loop hears no messages; the shared number tells it that a newer key has come.
    const alive = () => performance.now() < end && (newest === null || Atomics.load(newest, 0) === id);
    const answer: FromWorker = { id, result: perform(work, alive, random) };
    self.postMessage(answer);
  };
}
