import { currentOf } from '@/core/running/chain';
import type { SavedForm } from '@/core/notebook/schema';
import type { FormsRequest, Showable } from '@/workers/forms';
import type { Pool } from '@/workers/pool';
import { requestFor } from './live';
import type { AppStore, State } from './state';
import { valueOf } from './values';

/*
 * Values that stand in sight outside the tape (levels of the stack, the number shown in Running, what the Shelf keeps)
 * are shown in their forms under the present settings. The forms are known for the object that holds a value.
 */

type HeldValue = Readonly<{ holder: object; item: Showable }>;

/** Everything in sight that has no forms yet under the settings. */
function unknownIn({ document, forms }: State): readonly HeldValue[] {
  const { stack, running, shelf } = document;
  const shown = running.entry === '' && running.shown !== null ? [currentOf(running)] : [];
  const operands = [...stack.levels, ...shown].map((holder) => ({
    holder,
    item: { value: holder.value && valueOf(holder.value), made: holder.made },
  }));
  const kept = Object.values(shelf).map((holder) => ({
    holder,
    item: { value: valueOf(holder.value), made: holder.from },
  }));
  return [...operands, ...kept].filter(({ holder }) => !forms.known.has(holder));
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
export const formsOfHolder = ({ forms }: Pick<State, 'forms'>, holder: object | null): readonly SavedForm[] =>
  (holder === null ? undefined : forms.known.get(holder)) ?? NONE;
const NONE: readonly SavedForm[] = [];

/** Has what stands in sight shown in its forms whenever it, or a setting that shows it, changes. */
export function followForms(store: AppStore, pool: Pick<Pool, 'run'>): () => void {
  let isAsked = false;
  const ask = (): void => {
    const state = store.getState();
    if (isAsked) return;
    const asked = formsRequestOf(state);
    if (asked === null) return;
    isAsked = true;
    const { known } = state.forms;
    void pool.run('forms', asked.request).then((answered) => {
      isAsked = false;
      const isCurrent = store.getState().forms.known === known;
      if (isCurrent && answered !== 'superseded' && answered.ok)
        store.getState().learnForms(asked.holders, answered.value);
      else if (isCurrent && answered !== 'superseded')
        store.getState().learnForms(
          asked.holders,
          asked.holders.map(() => []),
        );
      else ask();
    });
  };
  ask();
  return store.subscribe((now, before) => {
    if (now.document !== before.document || now.forms !== before.forms) ask();
  });
}

/** Has an operation worked out whenever keys wait for one. */
export function followWork(store: AppStore, pool: Pick<Pool, 'run'>): () => void {
  return store.subscribe((now, before) => {
    if (now.work === null || now.work === before.work) return;
    void pool.run('work', now.work.request).then((answered) => store.getState().land(answered));
  });
}
