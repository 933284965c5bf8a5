import { itemAt } from '@/core/base/item';
import { currentOf } from '@/core/running/chain';
import type { SavedForm } from '@/core/notebook/schema';
import type { FormsRequest, Showable } from '@/workers/forms';
import { requestFor } from './live';
import { withForms } from './moment';
import type { State } from '@/state/slices/state';
import { valueOf } from './values';

/*
 * Values that stand in sight outside the tape (levels of the stack, the number shown in Running, what the Shelf keeps)
 * are shown in their forms under the present settings. The forms are known for the object that holds a value.
 */

type HeldValue = Readonly<{ holder: object; item: Showable }>;

/** Everything in sight that is shown in forms. */
function inSight({ document }: Pick<State, 'document'>): readonly HeldValue[] {
  const { stack, running, shelf } = document;
  const shown = running.entry === '' && running.shown !== null ? [currentOf(running)] : [];
  const operands = [...stack.levels, ...shown].map((holder) => ({
    holder,
    item: { value: holder.value && valueOf(holder.value), sourceText: holder.sourceText },
  }));
  const kept = Object.values(shelf).map((holder) => ({
    holder,
    item: { value: valueOf(holder.value), sourceText: holder.from },
  }));
  return [...operands, ...kept];
}

/** What of it has no forms yet under the settings. */
const unknownIn = (state: State): readonly HeldValue[] =>
  inSight(state).filter(({ holder }) => !state.formsCache.known.has(holder));

/** What is known with more forms learnt, and without those of what is no longer in sight. */
export function learnt(
  state: State,
  holders: readonly object[],
  forms: readonly (readonly SavedForm[])[],
): State['formsCache'] {
  const seen = new Set(inSight(state).map(({ holder }) => holder));
  const known = new Map([...state.formsCache.known].filter(([holder]) => seen.has(holder)));
  return withForms(
    { ...state.formsCache, known },
    holders.map((holder, i) => [holder, itemAt(forms, i)] as const),
  );
}

/** What has to be asked so that all that is in sight has its forms; null when it has. */
export function formsRequestOf(state: State): { request: FormsRequest; holders: readonly object[] } | null {
  const unknown = unknownIn(state);
  if (unknown.length === 0) return null;
  return {
    request: { ...requestFor('', state), tries: {}, items: unknown.map(({ item }) => item) },
    holders: unknown.map(({ holder }) => holder),
  };
}

/** The forms of what an object in sight holds; none while they are not known. */
export const formsOfHolder = ({ formsCache }: Pick<State, 'formsCache'>, holder: object | null): readonly SavedForm[] =>
  (holder === null ? undefined : formsCache.known.get(holder)) ?? NONE;
const NONE: readonly SavedForm[] = [];
