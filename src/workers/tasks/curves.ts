import { createDrawer, followAt, pointsInView, valuesOf } from '../curves';
import { defineTask } from './define';
import type { TasksOf } from './define';

/** What can be asked of curves; what was read to draw them is kept for the next drawing. */
export const createCurveTasks = () =>
  [
    defineTask({ kind: 'draw', run: createDrawer() }),
    defineTask({ kind: 'points', run: pointsInView }),
    defineTask({ kind: 'values', run: valuesOf }),
    defineTask({ kind: 'follow', run: followAt }),
  ] as const;

export type CurveTasks = TasksOf<ReturnType<typeof createCurveTasks>>;
