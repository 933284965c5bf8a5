import { isDecimalText } from '@/core/evaluate/observe';
import { chosenForm } from '@/core/format/form';
import { kindOf } from '@/core/memory/shelf';
import type { TapeLine } from '@/core/notebook/schema';
import type { Value } from '@/core/number/value';
import type { LineRequest } from '@/workers/answer';
import { columnsNamed } from '@/state/slices/columns/named';
import { displayIn, isOff } from '@/state/slices/exam/off';
import { lineText } from './reading';
import type { State } from '@/state/slices/state';
import { ansSource } from '@/state/slices/tape/line';
import { tapeLineText } from './notation';
import { valueOf } from './values';

/** The last answer as it is shown, in typed text; '' where no line of the tape has it. */
function ansTyped({ tape, ans }: State['document']): string {
  const line = tape.findLast((l) => l.value === ans);
  return line === undefined ? '' : chosenForm(line).typed;
}

/** The functions that solve equations. */
const SOLVING: readonly string[] = ['solve'];

/** The question that a text asks, with all that its answer depends on. */
export function requestFor(
  text: string,
  state: Pick<State, 'document' | 'settings'> & Partial<Pick<State, 'sight' | 'rules'>>,
): LineRequest {
  const { document, settings } = state;
  const columns = columnsNamed(text, state);
  const letters = new Map<string, Value>();
  const slots = new Map<number, Value>();
  let total: Value | null = null;
  let namesDecimals = text.includes('Ans') && isDecimalText(ansTyped(document));
  for (const [name, kept] of Object.entries(document.shelf)) {
    // Only what the line names crosses to the worker: values can be large, and they are copied at every key.
    const kind = kindOf(name);
    if (!text.includes(kind === 'slot' ? 'slot' : name)) continue;
    const value = valueOf(kept.value);
    if (value === null) continue;
    namesDecimals ||= isDecimalText(kept.typed);
    if (kind === 'letter') letters.set(name, value);
    else if (kind === 'slot') slots.set(Number(name), value);
    else total = value;
  }
  return {
    text,
    angle: settings.angle,
    impliedFirst: settings.impliedFirst,
    complex: settings.complex,
    bases: settings.bases,
    word: settings.word,
    display: { ...displayIn(state), ...document.own },
    tries: document.tries,
    ...(columns === undefined ? {} : { lists: columns }),
    namesDecimals,
    ans: document.ans === null || !text.includes('Ans') ? null : valueOf(document.ans),
    letters,
    slots,
    total,
    ...(isOff(state, 'solve') ? { off: SOLVING } : {}),
  };
}

export const requestOf = (state: State): LineRequest => requestFor(lineText(state), state);

/** Whether columns that the line names hold the same. */
function hasSameColumns(a: State, b: State): boolean {
  if (a.document.columns === b.document.columns && a.rules === b.rules && a.sight === b.sight) return true;
  const [before, after] = [columnsNamed(lineText(a), a), columnsNamed(lineText(b), b)];
  if (before?.size !== after?.size) return false;
  return [...(before ?? [])].every(([name, cells]) => after?.get(name) === cells);
}

/** Whether the answer to the line depends on nothing that differs between the two. */
export const isSameQuestion = (a: State, b: State): boolean =>
  (a.document.line === b.document.line || lineText(a) === lineText(b)) &&
  a.document.shelf === b.document.shelf &&
  hasSameColumns(a, b) &&
  a.document.ans === b.document.ans &&
  a.document.own === b.document.own &&
  a.document.tries === b.document.tries &&
  a.document.exam === b.document.exam &&
  a.settings.angle === b.settings.angle &&
  a.settings.impliedFirst === b.settings.impliedFirst &&
  a.settings.complex === b.settings.complex &&
  a.settings.bases === b.settings.bases &&
  a.settings.word === b.settings.word &&
  a.settings.display === b.settings.display &&
  a.asked === b.asked;

/** The question that working a line of the tape again asks: in its own settings or in those that are set now. */
export function againRequest(state: State, line: TapeLine, inOwn: boolean): LineRequest {
  const { document, settings } = state;
  const own = { ...settings, angle: line.angle, complex: line.complex, impliedFirst: line.impliedFirst };
  const text = inOwn ? line.text : tapeLineText(line, settings);
  const decimalSign = inOwn ? line.decimalSign : settings.display.decimalSign;
  // The answer that Ans stood for may have been worked again since.
  const before = ansSource(document.tape, line);
  const asked = requestFor(text, {
    ...state,
    settings: { ...(inOwn ? own : settings), display: { ...settings.display, decimalSign } },
    document: { ...document, own: line.own, tries: { ...document.tries, ...line.tried } },
  });
  return { ...asked, ans: before?.value == null || !text.includes('Ans') ? asked.ans : valueOf(before.value) };
}
