import type { WorkerLike } from './lane';
import type { WorkerName } from './lanes';

/** Starts a worker. The bundler finds its file by these very expressions. */
export const spawn: Readonly<Record<WorkerName, () => WorkerLike>> = {
  lines: () => new Worker(new URL('./lines.worker.ts', import.meta.url)),
  curves: () => new Worker(new URL('./curves.worker.ts', import.meta.url)),
  kit: () => new Worker(new URL('./kit.worker.ts', import.meta.url)),
  columns: () => new Worker(new URL('./columns.worker.ts', import.meta.url)),
};
