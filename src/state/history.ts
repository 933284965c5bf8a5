import type { DecimalSign } from '@/core/language/numerals';

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

/**
 * A step: what was before, and the decimal sign in which its line is written. `settings`: those that were set before,
 * where the step changed them too. `weight`: how many cells it alone holds on to.
 */
type Step<D, S> = Readonly<{ name: StepName; before: D; sign: DecimalSign; settings?: S; weight?: number }>;

export type History<D, S = unknown> = Readonly<{ past: readonly Step<D, S>[]; future: readonly Step<D, S>[] }>;

export const NO_HISTORY: History<never, never> = { past: [], future: [] };
const MOST_STEPS = 5000;

/** Steps of large columns hold copies of them: no more cells than this are held on to, but always those of the last few steps. */
const MOST_WEIGHT = 20_000_000;
const FEW_STEPS = 10;

export function recorded<D, S>(history: History<D, S>, step: Step<D, S>): History<D, S> {
  const past = [...history.past, step].slice(-MOST_STEPS);
  if ((step.weight ?? 0) === 0) return { past, future: [] };
  let [weight, first] = [0, past.length];
  while (first > 0 && (weight <= MOST_WEIGHT || past.length - first < FEW_STEPS))
    weight += past[(first -= 1)]!.weight ?? 0;
  return { past: first === 0 ? past : past.slice(first), future: [] };
}

/** `sign`: in which the line that is gone back to is written. */
type Moved<D, S> = Readonly<{ history: History<D, S>; now: D; sign: DecimalSign; settings: S; name: StepName }>;
type Here<D, S> = Readonly<{ now: D; sign: DecimalSign; settings: S }>;

/** The step that leads from where a step goes back to here again. */
const turned = <D, S>({ name, settings, weight }: Step<D, S>, here: Here<D, S>): Step<D, S> => ({
  name,
  ...(weight === undefined ? {} : { weight }),
  before: here.now,
  sign: here.sign,
  ...(settings === undefined ? {} : { settings: here.settings }),
});

const to = <D, S>({ before, sign, settings, name }: Step<D, S>, here: Here<D, S>, history: History<D, S>) => ({
  history,
  now: before,
  sign,
  settings: settings ?? here.settings,
  name,
});

export function undone<D, S>({ past, future }: History<D, S>, here: Here<D, S>): Moved<D, S> | null {
  const last = past.at(-1);
  return last === undefined
    ? null
    : to(last, here, { past: past.slice(0, -1), future: [...future, turned(last, here)] });
}

export function redone<D, S>({ past, future }: History<D, S>, here: Here<D, S>): Moved<D, S> | null {
  const last = future.at(-1);
  return last === undefined
    ? null
    : to(last, here, { past: [...past, turned(last, here)], future: future.slice(0, -1) });
}
