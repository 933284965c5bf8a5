import { useCallback, useEffect, useMemo, useRef } from 'react';
import type { LaneOf } from '@/workers/lanes';
import type { TaskKind, Tasks } from '@/workers/tasks';
import { tasks } from './tasks';

type Piece<K extends TaskKind, Wish> = Readonly<{
  /** What is asked for a wish; null where there is nothing to ask, now that it comes to it. */
  request: (wish: Wish) => Tasks[K]['request'] | null;
  take: (wish: Wish, answer: Tasks[K]['result']) => void;
}>;

/** Twice as long each time, so that one of two is done before the other asks again. */
const FIRST_PAUSE_MS = 50;
const LONGEST_PAUSE_MS = 3000;

export type Pieces<Wish> = Readonly<{
  /** Wishes for a piece in the place of one that is still waiting. */
  ask: (wish: Wish) => void;
  isWaiting: () => boolean;
}>;

/**
 * Work done in pieces, one at a time and the newest wish first, as for rows that come into sight. `basis` is what all
 * pieces rest on: what was begun on another one is dropped. A piece that other work of its lane took the place of is
 * asked for again after a pause, unless something else is wished for by then: two that ask of one lane would else take
 * each other's place for ever, with no time left for the page.
 */
export function usePieces<K extends TaskKind, Wish>(
  kind: K,
  basis: unknown,
  piece: Piece<K, Wish>,
  lane?: LaneOf<K>,
): Pieces<Wish> {
  const latest = useRef({ basis, piece });
  const waiting = useRef<Readonly<{ wish: Wish }> | null>(null);
  const isBusy = useRef(false);
  /** Whether the screen is still there that takes the pieces. */
  const isThere = useRef((): boolean => true);
  useEffect(() => {
    latest.current = { basis, piece };
  });
  useEffect(() => {
    isThere.current = () => true;
    return () => {
      isThere.current = () => false;
    };
  }, []);

  const work = useCallback(async (): Promise<void> => {
    if (isBusy.current) return;
    isBusy.current = true;
    let pause = FIRST_PAUSE_MS;
    for (let next = waiting.current; next !== null && isThere.current(); next = waiting.current) {
      waiting.current = null;
      const { basis: begunOn, piece: asked } = latest.current;
      const request = asked.request(next.wish);
      if (request === null) continue;
      const answer = await tasks.run(kind, request, lane);
      if (!isThere.current() || begunOn !== latest.current.basis) continue;
      if (answer === 'superseded') {
        await new Promise((resume) => setTimeout(resume, pause));
        pause = Math.min(LONGEST_PAUSE_MS, 2 * pause);
        waiting.current ??= next;
      } else {
        pause = FIRST_PAUSE_MS;
        latest.current.piece.take(next.wish, answer);
      }
    }
    isBusy.current = false;
  }, [kind, lane]);

  const ask = useCallback(
    (wish: Wish): void => {
      waiting.current = { wish };
      void work();
    },
    [work],
  );
  const isWaiting = useCallback(() => waiting.current !== null, []);
  return useMemo(() => ({ ask, isWaiting }), [ask, isWaiting]);
}
