import { itemAt } from '@/core/base/item';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { isEmptyLine } from '@/core/line/line';
import { kindOf } from '@/core/memory/shelf';
import type { SavedForm } from '@/core/notebook/schema';
import { parse } from '@/core/language/parse';
import { readAs } from '@/core/language/read-as';
import { chainTree, currentOf } from '@/core/running/chain';
import { entered } from '@/core/stack/stack';
import { treeOf } from '@/core/keyed/entry';
import { isKeyId, keys } from '@/keys/catalogue';
import { pressSynchronously, settleSynchronously } from '@/state/sync-driver';
import type { Worked } from '@/state/sync-driver';
import { DEFAULT_SETTINGS } from '@/state/slices/parts';
import { lineText, optionsOf } from '@/state/slices/bench/reading';
import { runningSettings } from '@/state/slices/bench/keyed-actions';
import { formsOfHolder } from '@/state/slices/bench/forms';
import { createStore } from '@/state/store';
import type { State } from '@/state/slices/state';
import { shownForm } from '@/state/slices/tape/line';
import { formatTree } from '@/state/slices/bench/work';
import { problemText } from '@/text/problems';
import { NOWHERE } from './numbers';
import type { KeysRequest } from './request';

type ScreenContent = Readonly<{
  sign: '=' | '≈';
  text: string;
  typed: string;
  forms: Readonly<Record<string, string>>;
}>;

function shownOf(forms: readonly SavedForm[], { settings, chosen }: State): ScreenContent | null {
  if (forms.length === 0) return null;
  const { exact, text, typed } = shownForm(forms, chosen, settings);
  return { sign: exact ? '=' : '≈', text, typed, forms: Object.fromEntries(forms.map((f) => [f.id, f.text])) };
}

/** What is being keyed or was worked last, as typed text, and what it comes to. */
function current(state: State): { line: string; result: ScreenContent | null } {
  const { document, settings, live } = state;
  const last = document.tape.at(-1);
  const ofTape = { line: last?.text ?? '', result: last === undefined ? null : shownOf(last.forms, state) };
  switch (settings.style) {
    case 'written': {
      if (isEmptyLine(document.line)) return ofTape;
      const { answer } = live.kind === 'answer' ? live : { answer: null };
      return { line: lineText(state), result: answer && shownOf(answer.forms, state) };
    }
    case 'running': {
      const { running } = document;
      const result = shownOf(formsOfHolder(state, currentOf(running)), state);
      if (running.isDone) return { line: ofTape.line, result };
      return { line: formatTree(chainTree(running, runningSettings(state)), settings), result };
    }
    case 'stack': {
      const top = document.stack.levels.at(-1);
      if (top === undefined) return { line: '', result: null };
      return { line: formatTree(treeOf(top.sourceText), settings), result: shownOf(formsOfHolder(state, top), state) };
    }
  }
}

const readingOf = (line: string, { settings }: State): string => {
  const options = optionsOf(settings);
  const reading = parse(line, options);
  return reading.ok ? readAs(reading.value, options).text : line;
};

function problemOf(state: State): object | null {
  const { refused, reported, live, settings, document } = state;
  const isWrong = settings.style === 'written' && live.kind === 'problem' && !isEmptyLine(document.line);
  const problem = refused?.problem ?? reported ?? (isWrong ? live.problem : null);
  if (problem === null) return null;
  return { code: problem.code, from: problem.at.from, to: problem.at.to, message: problemText(problem) };
}

function memoryOf(state: State): object {
  const { shelf } = state.document;
  const texts = (kind: 'slot' | 'letter' | 'total') =>
    Object.fromEntries(
      Object.entries(shelf)
        .filter(([name]) => kindOf(name) === kind)
        .map(([name, kept]) => [name, shownOf(formsOfHolder(state, kept), state)?.text ?? kept.typed]),
    );
  return { slots: texts('slot'), letters: texts('letter'), total: texts('total')['total'] ?? null };
}

/** Presses keys in a fresh app and answers what is then in sight. Problems: a name that is no key's. */
export function pressKeys({ style, keys: ids, settings }: KeysRequest, worked: Worked): Result<object, Problem> {
  const wrong = ids.findIndex((id) => !isKeyId(id));
  if (wrong >= 0)
    return fail(withSpan({ code: 'undefined-name', name: itemAt(ids, wrong) }, { from: wrong, to: wrong + 1 }));
  const { mode, digits, grouping, decimalSign, ...rest } = settings;
  const given = Object.entries({ mode, digits, grouping, decimalSign }).filter(([, value]) => value !== undefined);
  const store = createStore(() => 0);
  store.getState().set({
    ...DEFAULT_SETTINGS,
    ...(Object.fromEntries(Object.entries(rest).filter(([, value]) => value !== undefined)) as Partial<
      State['settings']
    >),
    style,
    display: { ...DEFAULT_SETTINGS.display, grouping: false, ...Object.fromEntries(given) },
  });
  for (const id of ids) {
    if (!worked.shouldContinue()) return fail(withSpan({ code: 'stopped' }, NOWHERE));
    if (isKeyId(id)) pressSynchronously(store, keys[id].does, worked);
  }
  // The number being keyed is shown as the number that it is.
  const { document, settings: now } = store.getState();
  const { running, stack } = document;
  store.setState({
    document: {
      ...document,
      stack: entered(stack, now.depth),
      running: { ...running, entry: '', shown: currentOf(running) },
    },
  });
  settleSynchronously(store, worked);
  const state = store.getState();
  const { line, result } = current(state);
  return succeed({
    line,
    readAs: readingOf(line, state),
    result,
    stack: state.document.stack.levels.map((level) => ({
      value: shownOf(formsOfHolder(state, level), state)?.text ?? level.sourceText,
      made: formatTree(treeOf(level.sourceText), state.settings),
    })),
    memory: memoryOf(state),
    tape: state.document.tape.map((l) => ({ line: l.text, result: shownOf(l.forms, state)?.text ?? '' })),
    problem: problemOf(state),
  });
}
