import type { Value } from '@/core/number/value';
import type { LineRequest } from '@/workers/answer';
import type { LineClient } from '@/workers/client';
import type { createStore, State } from './store';
import { valueOf } from './values';

export function requestOf({ document, settings }: State): LineRequest {
  const letters = new Map<string, Value>();
  const { text } = document.line;
  for (const [name, kept] of Object.entries(document.letters)) {
    // Only what the line names crosses to the worker: values can be large, and they are copied at every key.
    if (!text.includes(name)) continue;
    const value = valueOf(kept.value);
    if (value !== null) letters.set(name, value);
  }
  return {
    text,
    angle: settings.angle,
    impliedFirst: settings.impliedFirst,
    complex: settings.complex,
    display: settings.display,
    ans: document.ans === null || !text.includes('Ans') ? null : valueOf(document.ans),
    letters,
  };
}

const isSameQuestion = (a: State, b: State): boolean =>
  a.document.line.text === b.document.line.text &&
  a.document.letters === b.document.letters &&
  a.document.ans === b.document.ans &&
  a.settings.angle === b.settings.angle &&
  a.settings.impliedFirst === b.settings.impliedFirst &&
  a.settings.complex === b.settings.complex &&
  a.settings.display === b.settings.display;

/** Has the line being written answered whenever it, or what its answer depends on, changes. */
export function followLine(store: ReturnType<typeof createStore>, client: LineClient): () => void {
  const ask = () => {
    store.getState().working();
    const state = store.getState();
    if (state.live.kind !== 'working') return;
    const { text } = state.document.line;
    void client.answer(requestOf(state)).then((answered) => store.getState().settle(answered, text));
  };
  ask();
  return store.subscribe((now, before) => {
    if (!isSameQuestion(now, before)) ask();
  });
}
