import { createClient } from '@/workers/client';
import { spawnCurveWorker } from '@/workers/spawn-curves';
import type { Tasks } from '@/workers/tasks';

/*
 * Curves are drawn while they are dragged, and points and tables made beside that: each in a worker of its own, begun
 * when it is first needed.
 */
const drawClient = createClient(spawnCurveWorker);
/** Points of many curves take a while; the place says so, and lets it be stopped. */
const POINTS_BUDGET_MS = 8000;
const pointsClient = createClient(spawnCurveWorker, POINTS_BUDGET_MS);
const tableClient = createClient(spawnCurveWorker);
/** All rows of a table, to be taken along: what is in sight does not supersede that. */
const wholeClient = createClient(spawnCurveWorker);
const followClient = createClient(spawnCurveWorker);

export const curveWork = {
  draw: (request: Tasks['draw']['request']) => drawClient.run('draw', request),
  points: (request: Tasks['points']['request']) => pointsClient.run('points', request),
  stopPoints: () => pointsClient.stop(),
  values: (request: Tasks['values']['request']) => tableClient.run('values', request),
  allValues: (request: Tasks['values']['request']) => wholeClient.run('values', request),
  follow: (request: Tasks['follow']['request']) => followClient.run('follow', request),
} as const;
