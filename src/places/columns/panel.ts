import type { Problem } from '@/core/base/problem';
import type { WithCellErrors } from '@/state/slices/columns/requests';
import type { TaskState } from '@/state/use-task';

/** What a panel shows: what came of the columns, or why nothing did. `isSlow` once it takes a while. */
export type Panel<T> = Readonly<{
  result: T | null;
  flags: WithCellErrors<T>['flags'];
  hasMore: boolean;
  problem: Problem | null;
  isSlow: boolean;
  share: number | null;
  stop: () => void;
}>;

/** A piece of work on columns as a panel shows it: the last answer stays in sight until the next one comes. */
export function panelOf<T>({ state, value, problem, share, stop }: TaskState<WithCellErrors<T>>): Panel<T> {
  const shown = problem === null ? value : null;
  return {
    result: shown?.result ?? null,
    flags: shown?.flags ?? [],
    hasMore: shown?.hasMore ?? false,
    problem,
    isSlow: state === 'slow',
    share,
    stop,
  };
}
