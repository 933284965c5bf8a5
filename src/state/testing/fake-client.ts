import type { Pool } from '@/workers/pool';
import { performLine } from '@/workers/tasks/lines';

/** A client that answers at once, or only when it is let. */
export function fakeClient(isHeld = false) {
  const open: (() => void)[] = [];
  const client: Pool = {
    stop: () => undefined,
    run: (kind, request) =>
      new Promise((resolve) => {
        const work = { kind, request } as Parameters<typeof performLine>[0];
        const settle = () =>
          resolve(
            performLine(
              work,
              () => true,
              () => 0n,
            ),
          );
        if (isHeld) open.push(settle);
        else settle();
      }),
  };
  return { client, release: () => open.splice(0).forEach((settle) => settle()) };
}

/** Lets what was answered be heard of. */
export const settled = () => new Promise((resolve) => setImmediate(resolve));
