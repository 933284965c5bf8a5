import { useEffect, useState } from 'react';
import { workBeside } from '@/state/app-store';
import type { TaskKind, Tasks } from '@/state/background';

/** The outcome of a piece of work beside the line; null while it is under way, or when nothing is asked. */
export function useWork<K extends TaskKind>(kind: K, request: Tasks[K]['request'] | null): Tasks[K]['result'] | null {
  const [done, setDone] = useState<{ of: unknown; result: Tasks[K]['result'] } | null>(null);
  useEffect(() => {
    if (request === null) return undefined;
    let isGone = false;
    void workBeside(kind, request).then((result) => {
      if (!isGone && result !== 'superseded') setDone({ of: request, result });
    });
    return () => {
      isGone = true;
    };
  }, [kind, request]);
  return done !== null && done.of === request ? done.result : null;
}
