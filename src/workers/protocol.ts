import type { TaskKind, Tasks } from './tasks';

/** A piece of work with what it is given. */
export type Work = { [K in TaskKind]: Readonly<{ kind: K; request: Tasks[K]['request'] }> }[TaskKind];

/** `newest` is shared memory with the number of the newest request, where the page is allowed to share memory. */
export type ToWorker =
  | Readonly<{ type: 'share'; newest: SharedArrayBuffer }>
  | Readonly<{ type: 'work'; id: number; work: Work; budget: number }>;

export type FromWorker = Readonly<{ id: number; result: Tasks[TaskKind]['result'] }>;
