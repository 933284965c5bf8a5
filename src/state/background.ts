/** What can be worked beside the line being written, and what comes of it: the worker's tasks as the screens see them. */
export type { AngleForms } from '@/workers/angle';
export type { LineAnswer, LineRequest } from '@/workers/answer';
export type { RangeView, SolvedLine } from '@/workers/solve';
export type { SolutionView } from '@/workers/solution-view';
