import { recorded } from './history';
import type { History, Step } from './history';
import { isSame } from './same';

/**
 * A change of the document as a step of undo; null when it changes nothing. Steps with the same thought (a name that is
 * being typed, choices tried one after another) are one step: undo is for what came before the first of them. When the
 * last of them leads back to that, there is no step.
 */
export function transact<D, S, N extends string>(
  history: History<D, S, N>,
  step: Step<D, S, N>,
  after: D,
): Readonly<{ document: D; history: History<D, S, N> }> | null {
  if (isSame(step.before, after)) return null;
  const last = history.past.at(-1);
  const isGoingOn =
    step.thought !== undefined &&
    last?.thought === step.thought &&
    last.name === step.name &&
    history.future.length === 0;
  if (!isGoingOn) return { document: after, history: recorded(history, step) };
  return {
    document: after,
    history: isSame(last.before, after) ? { past: history.past.slice(0, -1), future: [] } : history,
  };
}
