import { itemAt } from '@/core/base/item';
import { functionNames } from '@/core/function';
import type { DecimalSign } from '@/core/language/numerals';
import { parse } from '@/core/language/parse';
import { printText } from '@/core/language/print-text';
import { chosenForm } from '@/core/format/form';
import type { FormId } from '@/core/format/form';
import { textOf } from '@/core/line/line';
import type { SavedForm, TapeLine } from '@/core/notebook/schema';
import type { Settings } from '@/core/notebook/settings';
import type { LineAnswer } from '@/workers/answer';
import { tapeLineText } from '@/state/slices/bench/notation';
import type { State } from '@/state/slices/state';

/** An id that no line on the tape has. */
function freshId(tape: readonly TapeLine[]): string {
  const numbers = tape.map((l) => Number(l.id.slice(1))).filter(Number.isFinite);
  return `l${Math.max(0, ...numbers) + 1}`;
}

export type Preferred = Pick<Settings, 'form' | 'fractions' | 'complexForm' | 'style'>;

/**
 * The form shown unless another is chosen: the one preferred in the settings where the result has it, else its first;
 * in Running, which is keyed in decimals, the decimal.
 */
export function shownForm(forms: readonly SavedForm[], chosen: FormId | null, preferred: Preferred): SavedForm {
  const of = (id: FormId | null): SavedForm | undefined => forms.find((f) => f.id === id);
  const preferredForm = preferred.form ?? (preferred.style === 'running' ? 'decimal' : null);
  const polar = preferred.complexForm === 'polar' ? of('polar') : undefined;
  const usual = of(chosen) ?? polar ?? of(preferredForm) ?? itemAt(forms, 0);
  const isFraction = usual.id === 'exact' || usual.id === 'fraction';
  return (isFraction && chosen === null && preferred.fractions === 'mixed' ? of('mixed') : undefined) ?? usual;
}

/** What an answer gives a line of the tape. */
const answerOf = (answer: LineAnswer) => ({
  usesAngleUnit: answer.usesAngleUnit,
  readAs: answer.readAs.isAmbiguous ? answer.readAs.text : null,
  kept: answer.target,
  value: answer.saved,
  full: answer.full,
  forms: [...answer.forms],
});

/** The settings that a line's answer depends on, as the line carries them. */
const settingsOf = ({ angle, impliedFirst, complex, display }: Settings) => ({
  angle,
  impliedFirst,
  complex,
  decimalSign: display.decimalSign,
});

/** What Ans stands for in a line: the answer of the line that has the value. */
function ansOf(text: string, source: TapeLine | undefined): Pick<TapeLine, 'ans'> {
  if (!/Ans/.test(text) || source === undefined) return {};
  return { ans: { line: source.id, full: source.full, text: chosenForm(source).text } };
}

/** The line whose answer Ans stands for in a line: the one that gave it, or where that is not known the last before it. */
export function ansSource(tape: readonly TapeLine[], { id, ans }: TapeLine): TapeLine | undefined {
  if (ans !== undefined) return tape.find((line) => line.id === ans.line);
  const at = tape.findIndex((line) => line.id === id);
  return tape.slice(0, at).findLast(({ value }) => value !== null);
}

/**
 * The lines that go on from an answer that is another by now, since the line that gave it was edited or worked again,
 * and those that go on from such lines; with what Ans stood for.
 */
export function outdated(tape: readonly TapeLine[]): ReadonlyMap<string, string> {
  const result = new Map<string, string>();
  const answers = new Map(tape.map(({ id, full }) => [id, full]));
  for (const { id, ans } of tape) {
    const now = ans === undefined ? undefined : answers.get(ans.line);
    if (ans !== undefined && now !== undefined && (now !== ans.full || result.has(ans.line))) result.set(id, ans.text);
  }
  return result;
}

/** The finished line, frozen with the settings it was worked in; an edited one keeps its name, its note and its pin. */
export function finishedLine(
  { document, settings, chosen }: Pick<State, 'document' | 'settings' | 'chosen'>,
  answer: LineAnswer,
): TapeLine {
  const { tape, editing, own, keyed, tries, line, ans } = document;
  const old = tape.find((l) => l.id === editing);
  return {
    id: old?.id ?? freshId(tape),
    text: textOf(line, settings.display.decimalSign),
    ...settingsOf(settings),
    ...answerOf(answer),
    ...ansOf(
      textOf(line, settings.display.decimalSign),
      tape.findLast(({ value }) => value !== null && value === ans),
    ),
    chosen: shownForm(answer.forms, chosen, settings).id,
    own,
    tried: Object.fromEntries(answer.tried.map((letter) => [letter, tries[letter] ?? ''])),
    keys: [...(keyed ?? [])],
    pinned: old?.pinned ?? false,
    note: old?.note ?? '',
    addition: null,
  };
}

/** A step of the Running style as a finished line. */
export function stepLine(
  { document, settings }: Pick<State, 'document' | 'settings'>,
  text: string,
  answer: LineAnswer,
  addition: TapeLine['addition'],
): TapeLine {
  return {
    id: freshId(document.tape),
    text,
    ...settingsOf(settings),
    ...answerOf(answer),
    chosen: shownForm(answer.forms, null, settings).id,
    own: null,
    tried: {},
    keys: [],
    pinned: false,
    note: '',
    addition,
  };
}

/** A line of the tape with the answer that working it again gave. */
export function answeredAnew(
  line: TapeLine,
  answer: LineAnswer,
  settings: Settings,
  tape: readonly TapeLine[],
): TapeLine {
  return {
    ...line,
    ...ansOf(line.text, ansSource(tape, line)),
    text: tapeLineText(line, settings),
    ...settingsOf(settings),
    ...answerOf(answer),
    addition: null,
    chosen: shownForm(answer.forms, line.chosen, settings).id,
  };
}

/** Whether a line goes on from the answer before it. */
export const usesAns = ({ text }: TapeLine): boolean => /Ans/.test(text);

/** The answer as it can be put into a line without losing a digit: exact text, in brackets unless it is one number; null for a real. */
export function operandFor({ forms }: TapeLine, decimalSign: DecimalSign): string | null {
  const exact = forms.find((f) => f.exact && f.id !== 'mixed' && f.id !== 'recurring');
  if (exact === undefined) return null;
  const reading = parse(exact.typed, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) return null;
  const { tree } = reading.value;
  const text = printText(tree, { style: 'typed', decimalSign, impliedFirst: false });
  return tree.kind === 'number' ? text : `(${text})`;
}
