import type { Problem } from '@/core/base/problem';
import type { Result } from '@/core/base/result';
import type { LineAnswer, LineRequest } from './answer';

/** `newest` is shared memory with the number of the newest request, where the page is allowed to share memory. */
export type ToWorker =
  | Readonly<{ type: 'share'; newest: SharedArrayBuffer }>
  | Readonly<{ type: 'answer'; id: number; request: LineRequest; budget: number }>;

export type FromWorker = Readonly<{ id: number; result: Result<LineAnswer, Problem> }>;
