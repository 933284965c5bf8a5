import { functionNames } from '@/core/function';
import type { DecimalSign } from '@/core/language/numerals';
import { parse } from '@/core/language/parse';
import { printText } from '@/core/language/print-text';
import type { TapeLine } from '@/core/notebook/schema';
import type { LineAnswer } from '@/workers/answer';
import type { State } from './store';

/** An id that no line on the tape has. */
function freshId(tape: readonly TapeLine[]): string {
  const numbers = tape.map((l) => Number(l.id.slice(1))).filter(Number.isFinite);
  return `l${Math.max(0, ...numbers) + 1}`;
}

/** The finished line, frozen with the settings it was worked in. */
export function finishedLine(
  { document, settings, chosen }: Pick<State, 'document' | 'settings' | 'chosen'>,
  answer: LineAnswer,
): TapeLine {
  const form = answer.forms.find((f) => f.id === chosen) ?? answer.forms[0]!;
  return {
    id: freshId(document.tape),
    text: document.line.text,
    angle: settings.angle,
    impliedFirst: settings.impliedFirst,
    complex: settings.complex,
    decimalSign: settings.display.decimalSign,
    usesAngleUnit: answer.usesAngleUnit,
    readAs: answer.readAs.isTelling ? answer.readAs.text : null,
    kept: answer.target,
    value: answer.saved,
    full: answer.full,
    forms: [...answer.forms],
    chosen: form.id,
  };
}

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
