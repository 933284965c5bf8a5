import type { WorkerLike } from './client';

/** Starts the worker. The bundler finds it by this very expression. */
export const spawnCurveWorker = (): WorkerLike => new Worker(new URL('./curves.worker.ts', import.meta.url));
