import type { WorkerLike } from './client';

/** Starts the worker. The bundler finds it by this very expression. */
export const spawnColumnWorker = (): WorkerLike => new Worker(new URL('./columns.worker.ts', import.meta.url));
