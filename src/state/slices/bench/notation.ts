import { functionNames } from '@/core/function';
import type { DecimalSign } from '@/core/language/numerals';
import { parse } from '@/core/language/parse';
import { printText } from '@/core/language/print-text';
import { caretOf, lineOf, textOf } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import type { Settings } from '@/core/notebook/settings';
import type { TapeLine } from '@/core/notebook/schema';
import type { SharedLine } from '@/core/notebook/shared';
import { optionsOf } from './reading';

type Notation = Readonly<{ decimalSign: DecimalSign; impliedFirst: boolean }>;

/** A typed line as it must be written after the decimal sign changed; as it is when that did not, or it cannot be read. */
export function convertNotation(text: string, from: Notation, to: Notation): string {
  if (from.decimalSign === to.decimalSign) return text;
  const { decimalSign, impliedFirst } = from;
  const reading = parse(text, { functions: functionNames, decimalSign, impliedFirst });
  if (!reading.ok) return text;
  const { target, tree } = reading.value;
  const converted = printText(tree, { style: 'typed', decimalSign: to.decimalSign, impliedFirst });
  return target === null ? converted : `${target} := ${converted}`;
}

/** A typed line written so that it means under other settings what it meant under its own; as it is when it cannot be read. */
export function inNotation(text: string, from: Notation, to: Notation): string {
  if (from.decimalSign === to.decimalSign && from.impliedFirst === to.impliedFirst) return text;
  const reading = parse(text, { functions: functionNames, ...from });
  if (!reading.ok) return text;
  const { target, tree } = reading.value;
  const written = printText(tree, { style: 'typed', ...to });
  return target === null ? written : `${target} := ${written}`;
}

/**
 * The line being written after the decimal sign or the order of implied products changed. One that cannot be read keeps
 * its boxes, whose signs are then those of the new settings, as they will be when it is read from the store.
 */
export function convertLine(line: Line, from: Notation, settings: Settings): Line {
  const options = optionsOf(settings);
  const { decimalSign, impliedFirst } = options;
  if (from.decimalSign === decimalSign && from.impliedFirst === impliedFirst) return line;
  const old = textOf(line, from.decimalSign);
  const text = convertNotation(old, from, { decimalSign, impliedFirst });
  if (text !== old) return lineOf(text, line.kind, options, Math.min(text.length, caretOf(line, from.decimalSign)));
  return lineOf(textOf(line, decimalSign), line.kind, options, caretOf(line, decimalSign));
}

/** A line of the tape as it is written under the settings that are now set. */
export const tapeLineText = (line: TapeLine, settings: Settings): string =>
  convertNotation(line.text, line, { ...settings, decimalSign: settings.display.decimalSign });

/** The text of a shared line as it is written under the settings that are now set. */
export const sharedLineText = (shared: SharedLine, settings: Settings): string =>
  convertNotation(shared.text, shared, {
    impliedFirst: shared.impliedFirst,
    decimalSign: settings.display.decimalSign,
  });
