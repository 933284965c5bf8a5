import { place } from '@/core/base/problem';
import { fail } from '@/core/base/result';
import type { FromWorker, ToWorker, Work } from './protocol';
import type { TaskKind, Tasks } from './tasks';

/** What came of a piece of work, unless newer work took its place. */
export type Outcome<K extends TaskKind> = Tasks[K]['result'] | 'superseded';
export type Answered = Outcome<'answer'>;

/** Does pieces of work, one at a time: a newer one supersedes the older. */
export type WorkClient = Readonly<{
  run: <K extends TaskKind>(kind: K, request: Tasks[K]['request']) => Promise<Outcome<K>>;
  /** Ends what is being worked on; it is answered as stopped. */
  stop: () => void;
}>;

/** The part of a Worker that is used; tests hand over one of their own. */
export type WorkerLike = Readonly<{
  postMessage: (message: ToWorker) => void;
  terminate: () => void;
}> & { onmessage: ((event: MessageEvent<FromWorker>) => void) | null };

/** What one piece of work may take, and how much later a worker counts as deaf. */
const BUDGET_MS = 2000;
const DEAF_AFTER_MS = 600;
/** Without shared memory a busy worker cannot be told to stop: it is replaced when a newer request comes after this. */
const PATIENCE_MS = 60;

type Pending = {
  id: number;
  since: number;
  text: string;
  resolve: (outcome: Outcome<TaskKind>) => void;
  watch: ReturnType<typeof setTimeout>;
};

/** A client over a worker that `spawn` starts, at the first request and again after a deaf one was ended. */
export function createClient(spawn: () => WorkerLike, budget = BUDGET_MS): WorkClient {
  const shared = typeof SharedArrayBuffer === 'undefined' ? null : new SharedArrayBuffer(4);
  const newest = shared && new Int32Array(shared);
  let worker: WorkerLike | null = null;
  let pending: Pending | null = null;
  let lastId = 0;

  const settle = (outcome: Outcome<TaskKind>) => {
    if (pending === null) return;
    clearTimeout(pending.watch);
    const { resolve } = pending;
    pending = null;
    resolve(outcome);
  };

  const end = () => {
    worker?.terminate();
    worker = null;
  };

  const start = (): WorkerLike => {
    const made = spawn();
    made.onmessage = ({ data }) => {
      if (data.id === pending?.id) settle(data.result);
    };
    if (shared) made.postMessage({ type: 'share', newest: shared });
    return made;
  };

  const stopped = (text: string) => fail(place({ code: 'stopped' }, { from: 0, to: text.length }));

  const stop = () => {
    if (pending === null) return;
    const { text } = pending;
    end();
    settle(stopped(text));
  };

  return {
    stop,
    run: <K extends TaskKind>(kind: K, request: Tasks[K]['request']) =>
      new Promise<Outcome<K>>((resolve) => {
        if (pending !== null) {
          const isBusy = performance.now() - pending.since > PATIENCE_MS;
          settle('superseded');
          if (shared === null && isBusy) end();
        }
        lastId += 1;
        if (newest) Atomics.store(newest, 0, lastId);
        worker ??= start();
        pending = {
          id: lastId,
          since: performance.now(),
          text: request.text,
          // A worker answers each piece of work with a result of its kind.
          resolve: resolve,
          watch: setTimeout(stop, budget + DEAF_AFTER_MS),
        };
        worker.postMessage({ type: 'work', id: lastId, work: { kind, request } as Work, budget });
      }),
  };
}
