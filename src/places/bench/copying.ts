import { chosenForm } from '@/core/format/form';
import { functionNames } from '@/core/function';
import { markupText } from '@/core/language/markup';
import { parse } from '@/core/language/parse';
import { printBraille } from '@/core/language/print-linear';
import { printLatex } from '@/core/language/print-latex';
import { printMathml } from '@/core/language/print-mathml';
import { printText } from '@/core/language/print-text';
import type { Tree } from '@/core/language/tree';
import type { TapeLine } from '@/core/notebook/schema';
import { copyText } from '@/platform/clipboard';
import { useStore } from '@/state/app-store';
import { notice } from '@/state/slices/notice';
import { unitOf } from '@/ui/tape/unit-of';

/** Copies, and says whether that worked. */
export async function copy(text: string): Promise<void> {
  const isCopied = await copyText(text);
  useStore.getState().say(notice(isCopied ? 'copied' : 'not-copied'));
}

/** A line with what is needed to read it. */
export type Written = Pick<TapeLine, 'text' | 'decimalSign' | 'impliedFirst'>;

function read({ text, decimalSign, impliedFirst }: Written): { tree: Tree; target: string | null } | null {
  const reading = parse(text, { functions: functionNames, decimalSign, impliedFirst });
  return reading.ok ? reading.value : null;
}

export type LineCopy = 'typed' | 'latex' | 'mathml' | 'linear';

/** A line as it is copied; as it was typed where it cannot be read. */
export function copyOfLine(line: Written, kind: LineCopy): string {
  const reading = read(line);
  if (reading === null) return line.text;
  const { tree, target } = reading;
  const { decimalSign, impliedFirst } = line;
  const kept = (text: string): string => (target === null ? text : `${target} := ${text}`);
  switch (kind) {
    case 'typed':
      return kept(printText(tree, { style: 'typed', decimalSign, impliedFirst }));
    case 'linear':
      return kept(printBraille(tree, { decimalSign, impliedFirst }));
    case 'latex':
      return target === null ? printLatex(tree) : `${target} := ${printLatex(tree)}`;
    case 'mathml':
      return markupText(printMathml(tree, { decimalSign, impliedFirst, grouping: false }));
  }
}

export type AnswerCopy = 'shown' | 'digits';

export const copyOfAnswer = (line: TapeLine, kind: AnswerCopy): string =>
  kind === 'digits' ? line.full : chosenForm(line).text;

/** The answer of a line as LaTeX, in the form that is shown. */
function answerLatex(line: TapeLine): string {
  const form = chosenForm(line);
  const reading = read({ text: form.typed, decimalSign: '.', impliedFirst: false });
  return reading === null ? `\\text{${form.text}}` : printLatex(reading.tree);
}

/** The whole tape, a line each: what was keyed, what it comes to, the settings and notes it carries. */
export function tapeText(tape: readonly TapeLine[], kind: 'text' | 'latex'): string {
  const lines = tape.map((line) => {
    const form = chosenForm(line);
    const marks = [unitOf(line) ?? '', line.complex ? 'complex' : '', line.note].filter((m) => m !== '');
    if (kind === 'latex') {
      const note = marks.length === 0 ? '' : ` && \\text{${marks.join(', ')}}`;
      return `${copyOfLine(line, 'latex')} &${form.exact ? '=' : '\\approx '} ${answerLatex(line)}${note} \\\\`;
    }
    const note = marks.length === 0 ? '' : `   [${marks.join(', ')}]`;
    return `${line.text} ${form.exact ? '=' : '≈'} ${form.text}${note}`;
  });
  return kind === 'latex' ? `\\begin{align*}\n${lines.join('\n')}\n\\end{align*}` : lines.join('\n');
}
