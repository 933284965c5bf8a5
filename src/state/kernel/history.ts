import { itemAt } from '@/core/base/item';
import type { DecimalSign } from '@/core/language/numerals';

/**
 * A step of undo: what was before, and the decimal sign in which its line is written. `thought`: what it was about, where
 * further steps about the same are one with it. `settings`: those that were set before, where the step changed them too.
 * `weight`: how many cells it alone holds on to.
 */
export type Step<D, S, N extends string> = Readonly<{
  name: N;
  before: D;
  sign: DecimalSign;
  thought?: string;
  settings?: S;
  weight?: number;
}>;

/** Undo and redo over snapshots that share what did not change. Each step knows what it takes back. */
export type History<D, S, N extends string> = Readonly<{
  past: readonly Step<D, S, N>[];
  future: readonly Step<D, S, N>[];
}>;

export const NO_HISTORY: History<never, never, never> = { past: [], future: [] };
const MOST_STEPS = 5000;

/** Steps of large columns hold copies of them: no more cells than this are held on to, but always those of the last few steps. */
const MOST_WEIGHT = 20_000_000;
const FEW_STEPS = 10;

/** The history with one more step; what was undone before can no longer be done again. */
export function recorded<D, S, N extends string>(history: History<D, S, N>, step: Step<D, S, N>): History<D, S, N> {
  const past = [...history.past, step].slice(-MOST_STEPS);
  if ((step.weight ?? 0) === 0) return { past, future: [] };
  let [weight, first] = [0, past.length];
  while (first > 0 && (weight <= MOST_WEIGHT || past.length - first < FEW_STEPS))
    weight += itemAt(past, (first -= 1)).weight ?? 0;
  return { past: first === 0 ? past : past.slice(first), future: [] };
}

/** `sign`: in which the line that is gone back to is written. */
type Moved<D, S, N extends string> = Readonly<{
  history: History<D, S, N>;
  now: D;
  sign: DecimalSign;
  settings: S;
  name: N;
}>;
type Here<D, S> = Readonly<{ now: D; sign: DecimalSign; settings: S }>;

/** The step that leads from where a step goes back to here again. */
const turned = <D, S, N extends string>({ settings, ...step }: Step<D, S, N>, here: Here<D, S>): Step<D, S, N> => ({
  ...step,
  before: here.now,
  sign: here.sign,
  ...(settings === undefined ? {} : { settings: here.settings }),
});

const to = <D, S, N extends string>(
  { before, sign, settings, name }: Step<D, S, N>,
  here: Here<D, S>,
  history: History<D, S, N>,
): Moved<D, S, N> => ({ history, now: before, sign, settings: settings ?? here.settings, name });

export function undone<D, S, N extends string>(
  { past, future }: History<D, S, N>,
  here: Here<D, S>,
): Moved<D, S, N> | null {
  const last = past.at(-1);
  return last === undefined
    ? null
    : to(last, here, { past: past.slice(0, -1), future: [...future, turned(last, here)] });
}

export function redone<D, S, N extends string>(
  { past, future }: History<D, S, N>,
  here: Here<D, S>,
): Moved<D, S, N> | null {
  const last = future.at(-1);
  return last === undefined
    ? null
    : to(last, here, { past: [...past, turned(last, here)], future: future.slice(0, -1) });
}
