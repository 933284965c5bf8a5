import { place } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { LineAnswer, LineRequest } from './answer';
import type { FromWorker, ToWorker } from './protocol';

export type Answered = Result<LineAnswer, Problem> | 'superseded';

/** Answers lines, one at a time: a newer request supersedes the older one. */
export type LineClient = Readonly<{
  answer: (request: LineRequest) => Promise<Answered>;
  /** Ends what is being worked on; it is answered as stopped. */
  stop: () => void;
}>;

/** The part of a Worker that is used; tests hand over one of their own. */
export type WorkerLike = Readonly<{
  postMessage: (message: ToWorker) => void;
  terminate: () => void;
}> & { onmessage: ((event: MessageEvent<FromWorker>) => void) | null };

/** What one line may take, and how much later a worker counts as deaf. */
const BUDGET_MS = 2000;
const DEAF_AFTER_MS = 2600;
/** Without shared memory a busy worker cannot be told to stop: it is replaced when a newer request comes after this. */
const PATIENCE_MS = 60;

type Pending = {
  id: number;
  since: number;
  request: LineRequest;
  resolve: (answered: Answered) => void;
  watch: ReturnType<typeof setTimeout>;
};

/** A client over a worker that `spawn` starts, at the first request and again after a deaf one was ended. */
export function createClient(spawn: () => WorkerLike): LineClient {
  const shared = typeof SharedArrayBuffer === 'undefined' ? null : new SharedArrayBuffer(4);
  const newest = shared && new Int32Array(shared);
  let worker: WorkerLike | null = null;
  let pending: Pending | null = null;
  let lastId = 0;

  const settle = (answered: Answered) => {
    if (pending === null) return;
    clearTimeout(pending.watch);
    const { resolve } = pending;
    pending = null;
    resolve(answered);
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

  const stopped = (request: LineRequest) => fail(place({ code: 'stopped' }, { from: 0, to: request.text.length }));

  const stop = () => {
    if (pending === null) return;
    const { request } = pending;
    end();
    settle(stopped(request));
  };

  return {
    stop,
    answer: (request) =>
      new Promise((resolve) => {
        if (pending !== null) {
          const isBusy = performance.now() - pending.since > PATIENCE_MS;
          settle('superseded');
          if (shared === null && isBusy) end();
        }
        lastId += 1;
        if (newest) Atomics.store(newest, 0, lastId);
        worker ??= start();
        pending = { id: lastId, since: performance.now(), request, resolve, watch: setTimeout(stop, DEAF_AFTER_MS) };
        worker.postMessage({ type: 'answer', id: lastId, request, budget: BUDGET_MS });
      }),
  };
}
