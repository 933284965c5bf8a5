import { createClient } from '@/workers/client';
import { spawnCurveWorker } from '@/workers/spawn-curves';
import type { Tasks } from '@/workers/tasks';

/*
 * Curves are drawn while they are dragged, and points and tables made beside that: each in a worker of its own, begun
 * when it is first needed.
 */
const drawClient = createClient(spawnCurveWorker);
const pointsClient = createClient(spawnCurveWorker);
const tableClient = createClient(spawnCurveWorker);
const followClient = createClient(spawnCurveWorker);

export const curveWork = {
  draw: (request: Tasks['draw']['request']) => drawClient.run('draw', request),
  points: (request: Tasks['points']['request']) => pointsClient.run('points', request),
  values: (request: Tasks['values']['request']) => tableClient.run('values', request),
  follow: (request: Tasks['follow']['request']) => followClient.run('follow', request),
} as const;
