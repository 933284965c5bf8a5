import { functionNames } from '@/core/function';
import type { DecimalSign } from '@/core/language/numerals';
import { parse } from '@/core/language/parse';
import { printText } from '@/core/language/print-text';
import type { FormId } from '@/core/format/form';
import { textOf } from '@/core/line/line';
import type { SavedForm, Settings, TapeLine } from '@/core/notebook/schema';
import type { LineAnswer } from '@/workers/answer';
import { spellingOf } from './respell';
import type { State } from './state';

/** An id that no line on the tape has. */
function freshId(tape: readonly TapeLine[]): string {
  const numbers = tape.map((l) => Number(l.id.slice(1))).filter(Number.isFinite);
  return `l${Math.max(0, ...numbers) + 1}`;
}

/** The form shown unless another is chosen: the one preferred in the settings where the result has it, else its first. */
export const shownForm = (forms: readonly SavedForm[], chosen: FormId | null, preferred: FormId | null): SavedForm =>
  forms.find((f) => f.id === chosen) ?? forms.find((f) => f.id === preferred) ?? forms[0]!;

/** What an answer gives a line of the tape. */
const answerOf = (answer: LineAnswer) => ({
  usesAngleUnit: answer.usesAngleUnit,
  readAs: answer.readAs.isTelling ? answer.readAs.text : null,
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

/** The finished line, frozen with the settings it was worked in; an edited one keeps its name, its note and its pin. */
export function finishedLine(
  { document, settings, chosen }: Pick<State, 'document' | 'settings' | 'chosen'>,
  answer: LineAnswer,
): TapeLine {
  const { tape, editing, own, keyed, tries, line } = document;
  const old = tape.find((l) => l.id === editing);
  return {
    id: old?.id ?? freshId(tape),
    text: textOf(line, settings.display.decimalSign),
    ...settingsOf(settings),
    ...answerOf(answer),
    chosen: shownForm(answer.forms, chosen, settings.form).id,
    own,
    tried: Object.fromEntries(answer.tried.map((letter) => [letter, tries[letter] ?? ''])),
    keys: [...(keyed ?? [])],
    pinned: old?.pinned ?? false,
    note: old?.note ?? '',
  };
}

/** A line of the tape with the answer that working it again gave. */
export function answeredAnew(line: TapeLine, answer: LineAnswer, settings: Settings): TapeLine {
  return {
    ...line,
    text: spellingOf(line, settings),
    ...settingsOf(settings),
    ...answerOf(answer),
    chosen: shownForm(answer.forms, line.chosen, settings.form).id,
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
