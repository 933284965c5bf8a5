import { functionNames } from '@/core/function';
import type { DecimalSign } from '@/core/language/numerals';
import { parse } from '@/core/language/parse';
import { printText } from '@/core/language/print-text';
import type { Settings, TapeLine } from '@/core/notebook/schema';
import type { SharedLine } from '@/core/notebook/shared';

type Spelling = Readonly<{ decimalSign: DecimalSign; impliedFirst: boolean }>;

/** A typed line as it must be written after the decimal sign changed; as it is when that did not, or it cannot be read. */
export function respell(text: string, from: Spelling, to: Spelling): string {
  if (from.decimalSign === to.decimalSign) return text;
  const { decimalSign, impliedFirst } = from;
  const reading = parse(text, { functions: functionNames, decimalSign, impliedFirst });
  if (!reading.ok) return text;
  const { target, tree } = reading.value;
  const spelled = printText(tree, { style: 'typed', decimalSign: to.decimalSign, impliedFirst });
  return target === null ? spelled : `${target} := ${spelled}`;
}

/** A line of the tape as it is written under the settings that are now set. */
export const spellingOf = (line: TapeLine, settings: Settings): string =>
  respell(line.text, line, { ...settings, decimalSign: settings.display.decimalSign });

/** The text of a shared line, spelled as is now set. */
export const sharedText = (shared: SharedLine, settings: Settings): string =>
  respell(shared.text, shared, { impliedFirst: shared.impliedFirst, decimalSign: settings.display.decimalSign });
