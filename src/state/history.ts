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
  | 'points';

type Step<D> = Readonly<{ name: StepName; before: D }>;

export type History<D> = Readonly<{ past: readonly Step<D>[]; future: readonly Step<D>[] }>;

export const NO_HISTORY: History<never> = { past: [], future: [] };
const MOST_STEPS = 5000;

export const recorded = <D>(history: History<D>, name: StepName, before: D): History<D> => ({
  past: [...history.past, { name, before }].slice(-MOST_STEPS),
  future: [],
});

type Moved<D> = Readonly<{ history: History<D>; now: D; name: StepName }>;

export function undone<D>({ past, future }: History<D>, now: D): Moved<D> | null {
  const step = past.at(-1);
  if (step === undefined) return null;
  return {
    history: { past: past.slice(0, -1), future: [...future, { name: step.name, before: now }] },
    now: step.before,
    name: step.name,
  };
}

export function redone<D>({ past, future }: History<D>, now: D): Moved<D> | null {
  const step = future.at(-1);
  if (step === undefined) return null;
  return {
    history: { past: [...past, { name: step.name, before: now }], future: future.slice(0, -1) },
    now: step.before,
    name: step.name,
  };
}
