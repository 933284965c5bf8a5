import type { Pool } from '@/workers/pool';
import type { TaskKind } from '@/workers/tasks';
import { createColumnTasks } from '@/workers/tasks/columns';
import { createCurveTasks } from '@/workers/tasks/curves';
import { performerOf } from '@/workers/tasks/define';
import { kitTasks } from '@/workers/tasks/kit';
import { lineTasks } from '@/workers/tasks/lines';

const perform = performerOf([...lineTasks, ...createCurveTasks(), ...createColumnTasks(), ...kitTasks]);

/** The work of all workers, done in the page itself: what a unit test has in their place. */
export const tasks: Pick<Pool, 'run' | 'stop'> = {
  run: (kind: TaskKind, request: unknown) =>
    Promise.resolve(
      perform(
        { kind, request } as Parameters<typeof perform>[0],
        () => true,
        () => 0n,
      ) as never,
    ),
  stop: () => undefined,
};
