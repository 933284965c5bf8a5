import { useCallback, useEffect, useRef, useState } from 'react';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { LaneOf } from '@/workers/lanes';
import { homeOf } from '@/workers/lanes';
import type { TaskKind, Tasks } from '@/workers/tasks';
import { useStore } from './app-store';
import { isSameRequest } from './same-request';
import type { State } from '@/state/slices/state';
import { tasks } from './tasks';

/**
 * `value` is the last one that there was, `isStale` while it answers an older request than the present one. `slow` is
 * work that has been under way for a while. `stop` ends the work, which is answered as the problem `stopped`.
 */
export type TaskState<Value> = Readonly<{
  state: 'idle' | 'working' | 'slow' | 'done' | 'problem';
  value: Value | null;
  problem: Problem | null;
  isStale: boolean;
  /** How much of slow work is done, from 0 to 1, where the work knows. */
  share: number | null;
  stop: () => void;
}>;

export type ValueOf<K extends TaskKind> = Extract<Tasks[K]['result'], { ok: true }>['value'];

/** `settleMs`: how long a request must have stood before it is asked; `slowMs`: after which time work counts as slow. */
type Options<K extends TaskKind> = Readonly<{ lane?: LaneOf<K>; settleMs?: number; slowMs?: number }>;

const SLOW_MS = 300;

/**
 * What is asked of a worker, derived from the state: the same object as long as nothing in it changed, so that nothing
 * that an answer depends on can be forgotten, and nothing is asked twice.
 */
export function useRequest<Request extends object | null>(select: (state: State) => Request): Request {
  const last = useRef<Readonly<{ request: Request }> | null>(null);
  return useStore((state) => {
    const request = select(state);
    if (last.current === null || !isSameRequest(last.current.request, request)) last.current = { request };
    return last.current.request;
  });
}

/** Has a request worked by its worker, whenever it is another one; nothing is asked for null. */
export function useTask<K extends TaskKind>(
  kind: K,
  request: Tasks[K]['request'] | null,
  { lane, settleMs = 0, slowMs = SLOW_MS }: Options<K> = {},
): TaskState<ValueOf<K>> {
  const [last, setLast] = useState<Readonly<{ of: unknown; value: ValueOf<K> | null; problem: Problem | null }> | null>(
    null,
  );
  const [slow, setSlow] = useState<unknown>(null);
  const [share, setShare] = useState<Readonly<{ of: unknown; done: number }> | null>(null);
  useEffect(() => {
    if (request === null) {
      setLast(null);
      return undefined;
    }
    let isGone = false;
    let slowTimer: ReturnType<typeof setTimeout> | undefined;
    const ask = (): void => {
      slowTimer = setTimeout(() => setSlow(request), slowMs);
      const onShare = (done: number): void => {
        if (!isGone) setShare({ of: request, done });
      };
      void tasks.run(kind, request, lane, onShare).then((result) => {
        clearTimeout(slowTimer);
        if (isGone || result === 'superseded') return;
        // A value that was there stays in sight beside what is wrong with the newer request.
        setLast((before) =>
          result.ok
            ? { of: request, value: result.value, problem: null }
            : { of: request, value: before?.value ?? null, problem: result.problem },
        );
      });
    };
    const timer = settleMs === 0 ? undefined : setTimeout(ask, settleMs);
    if (timer === undefined) ask();
    return () => {
      isGone = true;
      clearTimeout(timer);
      clearTimeout(slowTimer);
    };
  }, [kind, request, lane, settleMs, slowMs]);
  const stop = useCallback(() => tasks.stop(lane ?? homeOf(kind)), [kind, lane]);
  if (request === null) return { state: 'idle', value: null, problem: null, isStale: false, share: null, stop };
  const isCurrent = last !== null && last.of === request;
  const underWay = slow === request ? 'slow' : 'working';
  return {
    state: isCurrent ? (last.problem === null ? 'done' : 'problem') : underWay,
    value: last?.value ?? null,
    problem: isCurrent ? last.problem : null,
    isStale: last !== null && last.value !== null && (!isCurrent || last.problem !== null),
    share: share !== null && share.of === request && !isCurrent ? share.done : null,
    stop,
  };
}

/** The answer to the present request alone; null while there is none. */
export function useAnswer<K extends TaskKind>(
  kind: K,
  request: Tasks[K]['request'] | null,
  options?: Options<K>,
): Result<ValueOf<K>, Problem> | null {
  const { value, problem, isStale } = useTask(kind, request, options);
  if (problem !== null) return fail(problem);
  return value === null || isStale ? null : succeed(value);
}
