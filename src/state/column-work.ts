import { createClient } from '@/workers/client';
import { spawnColumnWorker } from '@/workers/spawn-columns';
import type { Tasks } from '@/workers/tasks';

/*
 * Cells in sight, what is told below them, and what the panel beside them shows are worked at once, each in a worker of
 * its own, begun when it is first needed.
 */
const cellsClient = createClient(spawnColumnWorker);
const previewClient = createClient(spawnColumnWorker);
/** A fit through ten thousand points takes a while; the place says so, and lets it be stopped. */
const PANEL_BUDGET_MS = 20_000;
const panelClient = createClient(spawnColumnWorker, PANEL_BUDGET_MS);
const pointsClient = createClient(spawnColumnWorker);
const sideClient = createClient(spawnColumnWorker, PANEL_BUDGET_MS);

export const columnWork = {
  cells: (request: Tasks['cells']['request']) => cellsClient.run('cells', request),
  look: (request: Tasks['look']['request']) => previewClient.run('look', request),
  summary: (request: Tasks['summary']['request']) => panelClient.run('summary', request),
  chart: (request: Tasks['chart']['request']) => panelClient.run('chart', request),
  fit: (request: Tasks['fit']['request']) => panelClient.run('fit', request),
  stopPanel: () => panelClient.stop(),
  points: (request: Tasks['chart']['request']) => pointsClient.run('chart', request),
  /** The same fit, read row by row beside the panel. */
  residuals: (request: Tasks['fit']['request']) => sideClient.run('fit', request),
  order: (request: Tasks['order']['request']) => sideClient.run('order', request),
  delimited: (request: Tasks['delimited']['request']) => sideClient.run('delimited', request),
  decimals: (request: Tasks['decimals']['request']) => sideClient.run('decimals', request),
} as const;
