import type { WorkerLike } from './client';

/** Starts the worker. The bundler finds it by this very expression. */
export const spawnWorker = (): WorkerLike => new Worker(new URL('./evaluate.worker.ts', import.meta.url));
