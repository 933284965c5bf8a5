import type { ShouldContinue } from '@/core/base/should-continue';
import { drawBelow } from '@/core/base/chance';
import { problemThrown } from '@/core/base/limits';
import { withSpan } from '@/core/base/problem';
import { fail } from '@/core/base/result';
import type { Span } from '@/core/base/span';
import type { Random } from '@/core/function/record';
import type { FromWorker, ToWorker, TaskCallOf, WorkerAnswer } from './protocol';
import type { TaskKind } from './tasks';

const random: Random = (below) => drawBelow(below, (count) => crypto.getRandomValues(new Uint8Array(count)));

/** How often the share that is done is told. */
const TOLD_MS = 250;

/**
 * The longest time between two looks at the clock that counts as work: a longer one is a machine that slept or was busy
 * with something else, or a single step, which the lane ends where it takes too long.
 */
const MOST_STEP_MS = 100;

/** Has a worker do what it is sent, each piece within its budget and until a newer one comes. */
export function serve<Kinds extends TaskKind>(
  perform: (work: TaskCallOf<Kinds>, shouldContinue: ShouldContinue, random: Random) => WorkerAnswer['result'],
): void {
  let newest: Int32Array | null = null;
  self.onmessage = ({ data }: MessageEvent<ToWorker<Kinds>>) => {
    if (data.type === 'share') {
      newest = new Int32Array(data.newest);
      return;
    }
    const { id, work, budget } = data;
    let spent = 0;
    let last = performance.now();
    // A loop hears no messages; the shared number tells it that a newer key has come.
    let told = performance.now();
    const shouldContinue: ShouldContinue = (share) => {
      const now = performance.now();
      spent += Math.min(now - last, MOST_STEP_MS);
      last = now;
      if (share !== undefined && now - told > TOLD_MS) {
        told = now;
        post({ type: 'progress', id, share });
      }
      return spent < budget && (newest === null || Atomics.load(newest, 0) === id);
    };
    const text = 'text' in work.request ? work.request.text : '';
    const result = performed(() => perform(work, shouldContinue, random), { from: 0, to: text.length });
    post({ type: 'answer', id, result });
  };
  post({ type: 'ready' });
}

const post = (message: FromWorker): void => self.postMessage(message);

/** What a piece of work answers, also when it throws: a limit of the engine or of time as that, all else as a bug of ours. */
function performed(work: () => WorkerAnswer['result'], at: Span): WorkerAnswer['result'] {
  try {
    return work();
  } catch (error) {
    const problemData = problemThrown(error);
    if (problemData === null) console.error(error);
    return fail(withSpan(problemData ?? { code: 'internal', reason: 'bug' }, at));
  }
}
