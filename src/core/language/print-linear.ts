import type { DecimalSign } from './numerals';
import { printText } from './print-text';
import type { Tree } from './tree';

/** Signs that a braille display or a plain terminal may lack, as characters that every one has. */
const plain: Readonly<Record<string, string>> = {
  '×': '*',
  '÷': '/',
  '−': '-',
  π: 'pi',
  '∞': 'inf',
  '°': ' deg',
  '′': "'",
  '″': '"',
  '≠': '!=',
  '≤': '<=',
  '≥': '>=',
};

/** A digit that recurs, in brackets as in print without a bar: 2.8(3). */
const barred = (text: string): string =>
  text.replace(/(?:\d\u0305)+/g, (block) => `(${block.replaceAll('\u0305', '')})`);

/**
 * An expression in one line of plain characters, its fractions, powers and roots written out with brackets, spaces
 * around sums and relations only: what a braille display reads well.
 */
export function printBraille(tree: Tree, style: Readonly<{ decimalSign: DecimalSign; impliedFirst: boolean }>): string {
  const typed = printText(tree, { style: 'typed', ...style });
  return barred(typed)
    .replace(/[×÷−π∞°′″≠≤≥]/g, (sign) => plain[sign] ?? sign)
    .replace(/(?<=[\w)%!"'°])\s*(\+|-|!=|<=|>=|=|<|>)\s*/g, ' $1 ')
    .replace(/\s+/g, ' ')
    .trim();
}
