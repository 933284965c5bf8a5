import { withSpan } from '@/core/base/problem';
import type { Problem, ProblemData } from '@/core/base/problem';
import { fail } from '@/core/base/result';
import type { FromWorker, ToWorker, TaskCall } from './protocol';
import type { TaskKind, Tasks } from './tasks';

/** What came of a piece of work, unless newer work took its place. */
export type TaskAnswer<K extends TaskKind> = Tasks[K]['result'] | 'superseded';
export type Answered = TaskAnswer<'answer'>;

/** Told what share of long work is done. */
export type OnShare = (share: number) => void;

/** Does pieces of work, one at a time: a newer one supersedes the older. */
export type Lane = Readonly<{
  run: <K extends TaskKind>(kind: K, request: Tasks[K]['request'], onShare?: OnShare) => Promise<TaskAnswer<K>>;
  /** Ends what is being worked on; it is answered as stopped. */
  stop: () => void;
}>;

/** The part of a Worker that is used; tests hand over one of their own. */
export type WorkerLike = Readonly<{
  postMessage: (message: ToWorker) => void;
  terminate: () => void;
}> & {
  onmessage: ((event: MessageEvent<FromWorker>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
};

/** What one piece of work may take, and how much later a worker counts as deaf. */
const BUDGET_MS = 2000;
const DEAF_AFTER_MS = 600;
/** How long a worker may take to be loaded before its first work. */
const LOAD_MS = 15_000;
/** How long newer work waits for a busy worker: one that can be told to stop, and one that cannot, for want of shared memory. */
const PATIENCE_MS = 250;
const SHORT_PATIENCE_MS = 60;

/** How often it is looked whether a worker is late, and after which time between two looks the page has stood still. */
const TICK_MS = 50;
const PAUSE_MS = 500;

type Asked = Readonly<{
  work: TaskCall;
  resolve: (outcome: TaskAnswer<TaskKind>) => void;
  onShare: OnShare | undefined;
  isAgain?: boolean;
}>;
/** `wasPaused`: the page stood still meanwhile; `isAgain`: it was asked anew for that. */
type Under = Asked & Readonly<{ id: number; isWanted: boolean; wasPaused: boolean; isAgain: boolean }>;

/**
 * A client over a worker that `spawn` starts. A worker is given one piece of work at a time; one that does not hear in
 * time is replaced, so that no work pays for another's. A bug in the worker, or one that cannot be loaded, is answered
 * as such at once, and the next work gets a new worker.
 */
export function createLane(spawn: () => WorkerLike, budget = BUDGET_MS): Lane {
  const shared = typeof SharedArrayBuffer === 'undefined' ? null : new SharedArrayBuffer(4);
  const newest = shared && new Int32Array(shared);
  const patience = shared === null ? SHORT_PATIENCE_MS : PATIENCE_MS;
  let worker: WorkerLike | null = null;
  let isLoaded = false;
  /** What the worker has, until it answers or is ended; no longer wanted when newer work came. */
  let under: Under | null = null;
  let next: Asked | null = null;
  let timer: ReturnType<typeof setInterval> | undefined;
  let lastId = 0;

  const refused = ({ work }: Asked, problemData: ProblemData): { ok: false; problem: Problem } =>
    fail(withSpan(problemData, { from: 0, to: 'text' in work.request ? work.request.text.length : 0 }));

  const end = (): void => {
    clearInterval(timer);
    worker?.terminate();
    worker = null;
    under = null;
  };

  /** Ends the worker with an answer to what it had, and goes on with what waits. */
  const broken = (problemData: ProblemData): void => {
    const had = under;
    end();
    if (had !== null && isToBeAsked(had, problemData.code)) next ??= { ...had, isAgain: true };
    else if (had?.isWanted === true) had.resolve(refused(had, problemData));
    // The next work does not pay for this one: its worker is begun now.
    if (problemData.code === 'stopped' && had !== null) worker = start();
    goOn();
  };

  const start = (): WorkerLike => {
    const started = spawn();
    isLoaded = false;
    started.onmessage = ({ data }) => {
      if (started !== worker) return;
      const wasLoaded = isLoaded;
      isLoaded = true;
      // The time of the work begins once there is something to do it.
      if (!wasLoaded && data.type === 'ready' && under !== null) watch();
      if (data.type === 'ready' || data.id !== under?.id) return;
      if (data.type === 'progress') {
        if (under.isWanted) under.onShare?.(data.share);
        return;
      }
      const had = under;
      clearInterval(timer);
      under = null;
      const code = data.result.ok ? null : data.result.problem.code;
      if (isToBeAsked(had, code)) next ??= { ...had, isAgain: true };
      else if (had.isWanted) had.resolve(data.result);
      goOn();
    };
    started.onerror = (event) => {
      event.preventDefault();
      if (started === worker) broken({ code: 'internal', reason: isLoaded ? 'bug' : 'not-loaded' });
    };
    if (shared) started.postMessage({ type: 'share', newest: shared });
    return started;
  };

  /** Ends the worker where it does not hear in time. One that is still being loaded is not begun anew for newer work. */
  function watch(): void {
    const forWork = under?.isWanted === true ? budget + DEAF_AFTER_MS : patience;
    let left = Math.ceil((forWork + (isLoaded ? 0 : LOAD_MS)) / TICK_MS);
    let last = Date.now();
    clearInterval(timer);
    timer = setInterval(() => {
      const now = Date.now();
      // A page that stood still for whatever time has had one tick.
      if (now - last > PAUSE_MS && under !== null) under = { ...under, wasPaused: true };
      last = now;
      left -= 1;
      if (left <= 0) broken({ code: 'stopped' });
    }, TICK_MS);
  }

  /** What was stopped by the clock while the page or the machine stood still is asked once more by itself. */
  const isToBeAsked = (had: Under, code: string | null): boolean =>
    code === 'stopped' && had.isWanted && had.wasPaused && !had.isAgain && next === null;

  /** Gives the worker what waits. */
  function goOn(): void {
    if (next === null || under !== null) return;
    const asked = next;
    next = null;
    lastId += 1;
    if (newest) Atomics.store(newest, 0, lastId);
    under = { isAgain: false, ...asked, id: lastId, isWanted: true, wasPaused: false };
    try {
      worker ??= start();
      worker.postMessage({ type: 'work', id: lastId, work: asked.work, budget });
      watch();
    } catch {
      broken({ code: 'internal', reason: isLoaded ? 'bug' : 'not-loaded' });
    }
  }

  return {
    stop: () => {
      if (next !== null) next.resolve(refused(next, { code: 'stopped' }));
      next = null;
      if (under !== null) broken({ code: 'stopped' });
    },
    run: <K extends TaskKind>(kind: K, request: Tasks[K]['request'], onShare?: OnShare) =>
      new Promise<TaskAnswer<K>>((resolve) => {
        next?.resolve('superseded');
        // A worker answers each piece of work with a result of its kind.
        next = { work: { kind, request } as TaskCall, resolve, onShare };
        if (under?.isWanted === true) {
          under.resolve('superseded');
          under = { ...under, isWanted: false };
          if (newest) Atomics.store(newest, 0, lastId + 1);
          watch();
        }
        goOn();
      }),
  };
}
