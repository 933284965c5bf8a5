/** Undo and redo over snapshots that share what did not change. Each step knows what it takes back. */
export type StepName =
  | 'typing'
  | 'answer'
  | 'clear-line'
  | 'use-line'
  | 'use-answer'
  | 'remove-line'
  | 'clear-tape'
  | 'choose-form'
  | 'keep'
  | 'change-kept'
  | 'clear-place'
  | 'clear-slots'
  | 'clear-letters'
  | 'operation'
  | 'clear-running'
  | 'clear-stack'
  | 'depth'
  | 'to-line'
  | 'open-notebook'
  | 'paste'
  | 'brackets'
  | 'edit-line'
  | 'work-again'
  | 'note'
  | 'pin'
  | 'digits'
  | 'solution'
  | 'replay'
  | 'shared-line'
  | 'function'
  | 'switch-function'
  | 'move-function'
  | 'remove-function'
  | 'clear-functions'
  | 'view'
  | 'axes'
  | 'table'
  | 'add-table'
  | 'remove-table'
  | 'table-name'
  | 'add-column'
  | 'column'
  | 'move-column'
  | 'empty-column'
  | 'remove-column'
  | 'cell'
  | 'rows'
  | 'sort'
  | 'put-in'
  | 'use'
  | 'points'
  | 'remove-aside';

/** `settings`: those that were set before, where the step changed them too. */
type Step<D, S> = Readonly<{ name: StepName; before: D; settings?: S }>;

export type History<D, S = unknown> = Readonly<{ past: readonly Step<D, S>[]; future: readonly Step<D, S>[] }>;

export const NO_HISTORY: History<never, never> = { past: [], future: [] };
const MOST_STEPS = 5000;

export const recorded = <D, S>(history: History<D, S>, name: StepName, before: D, settings?: S): History<D, S> => ({
  past: [...history.past, { name, before, ...(settings === undefined ? {} : { settings }) }].slice(-MOST_STEPS),
  future: [],
});

type Moved<D, S> = Readonly<{ history: History<D, S>; now: D; settings: S; name: StepName }>;

/** One step of a history turned round: what it goes back to, and the step that leads here again. */
function turned<D, S>(
  { name, before, settings }: Step<D, S>,
  now: D,
  set: S,
): { step: Step<D, S>; to: D; settings: S } {
  return settings === undefined
    ? { step: { name, before: now }, to: before, settings: set }
    : { step: { name, before: now, settings: set }, to: before, settings };
}

export function undone<D, S>({ past, future }: History<D, S>, now: D, set: S): Moved<D, S> | null {
  const last = past.at(-1);
  if (last === undefined) return null;
  const { step, to, settings } = turned(last, now, set);
  return { history: { past: past.slice(0, -1), future: [...future, step] }, now: to, settings, name: last.name };
}

export function redone<D, S>({ past, future }: History<D, S>, now: D, set: S): Moved<D, S> | null {
  const last = future.at(-1);
  if (last === undefined) return null;
  const { step, to, settings } = turned(last, now, set);
  return { history: { past: [...past, step], future: future.slice(0, -1) }, now: to, settings, name: last.name };
}
