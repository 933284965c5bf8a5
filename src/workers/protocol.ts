import type { TaskKind, Tasks } from './tasks';

/** A piece of work of some kinds, with what it is given. */
export type TaskCallOf<Kinds extends TaskKind> = {
  [K in Kinds]: Readonly<{ kind: K; request: Tasks[K]['request'] }>;
}[Kinds];
export type TaskCall = TaskCallOf<TaskKind>;

/** `newest` is shared memory with the number of the newest request, where the page is allowed to share memory. */
export type ToWorker<Kinds extends TaskKind = TaskKind> =
  | Readonly<{ type: 'share'; newest: SharedArrayBuffer }>
  | Readonly<{ type: 'work'; id: number; work: TaskCallOf<Kinds>; budget: number }>;

export type WorkerAnswer = Readonly<{ type: 'answer'; id: number; result: Tasks[TaskKind]['result'] }>;
/** `ready` says that the worker was loaded, `progress` what share of the work is done. */
export type FromWorker =
  | WorkerAnswer
  | Readonly<{ type: 'ready' }>
  | Readonly<{ type: 'progress'; id: number; share: number }>;
