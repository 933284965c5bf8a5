import type { Pool } from '@/workers/pool';
import { formsRequestOf } from './slices/bench/forms';
import { isSameQuestion, requestOf } from './slices/bench/live';
import { rulesRequest } from './slices/columns/requests';
import { hasRules } from './slices/columns/resolved';
import { isSameRequest } from './same-request';
import { lineText } from './slices/bench/reading';
import type { AppStore } from './store';

/* What is asked of the workers whenever the state changes. */

/** Calls when there is time, and answers how to call that off. */
export type WhenIdle = (call: () => void) => () => void;

const atOnce: WhenIdle = (call) => {
  call();
  return () => undefined;
};

/**
 * Has the line being written answered whenever it, or what its answer depends on, changes. In the app the question waits
 * until the line has been painted, so that the worker does not take the processor from that (`npm run bench`).
 */
export function followLine(store: AppStore, pool: Pick<Pool, 'run'>, whenIdle: WhenIdle = atOnce): () => void {
  let callOff = (): void => undefined;
  let asked = 0;
  const ask = () => {
    callOff();
    asked += 1;
    const own = asked;
    store.getState().working();
    const state = store.getState();
    if (state.live.kind !== 'working') return;
    callOff = whenIdle(() => {
      const text = lineText(state);
      void pool.run('answer', requestOf(state)).then((answered) => {
        // The same text may ask something else by now: in another angle unit, or with other values kept.
        if (own === asked) store.getState().settle(answered, text);
      });
    });
  };
  ask();
  const unsubscribe = store.subscribe((now, before) => {
    if (!isSameQuestion(now, before)) ask();
  });
  return () => {
    callOff();
    unsubscribe();
  };
}

/** Has what stands in sight shown in its forms whenever it, or a setting that shows it, changes. */
export function followForms(store: AppStore, pool: Pick<Pool, 'run'>): () => void {
  let isAsked = false;
  const ask = (): void => {
    const state = store.getState();
    if (isAsked) return;
    const asked = formsRequestOf(state);
    if (asked === null) return;
    isAsked = true;
    const { under } = state.formsCache;
    void pool.run('forms', asked.request).then((answered) => {
      isAsked = false;
      const isCurrent = store.getState().formsCache.under === under;
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
    if (now.document !== before.document || now.formsCache !== before.formsCache) ask();
  });
}

/** Has the columns that are worked from others, and the rows that take part, worked out whenever these change. */
export function followRules(store: AppStore, pool: Pick<Pool, 'run'>): () => void {
  const asked = new Map<string, unknown>();
  let isAsked = false;
  const ask = (): void => {
    const state = store.getState();
    if (isAsked) return;
    for (const table of state.document.columns.tables) {
      if (!hasRules(table)) continue;
      const request = rulesRequest(state, table);
      const before = asked.get(table.id);
      if (before !== undefined && state.rules.has(table.id) && isSameRequest(before, request)) continue;
      isAsked = true;
      asked.set(table.id, request);
      void pool.run('rules', request).then((answered) => {
        isAsked = false;
        if (answered !== 'superseded')
          store
            .getState()
            .learnRules(
              table,
              answered.ok
                ? answered.value
                : { columns: [], kept: null, faults: [{ column: null, problem: answered.problem }] },
            );
        ask();
      });
      return;
    }
  };
  ask();
  return store.subscribe((now, before) => {
    const isSame =
      now.document.columns === before.document.columns &&
      now.document.shelf === before.document.shelf &&
      now.document.ans === before.document.ans &&
      now.settings === before.settings;
    if (!isSame) ask();
  });
}

/** Has an operation worked out whenever keys wait for one. */
export function followWork(store: AppStore, pool: Pick<Pool, 'run'>): () => void {
  return store.subscribe((now, before) => {
    if (now.work === null || now.work === before.work) return;
    void pool.run('work', now.work.request).then((answered) => store.getState().land(answered));
  });
}
