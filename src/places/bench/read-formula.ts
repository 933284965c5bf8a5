import { functionNames } from '@/core/function';
import { bare } from '@/core/language/brackets';
import { looksLikeMathml } from '@/core/language/looks-like';
import type { DecimalSign } from '@/core/language/numerals';
import { parse } from '@/core/language/parse';
import { TYPED, printText } from '@/core/language/print-text';
import { readLatex } from '@/core/language/read-latex';
import { readMathml } from '@/core/language/read-mathml';

/** A formula that was copied as LaTeX or MathML, as typed text with a point; null for one that is beyond what is read. */
export function readFormula(text: string, html: string, decimalSign: DecimalSign): string | null {
  const source = [text, html].find(looksLikeMathml);
  const result = source !== undefined ? readMathml(source, decimalSign) : readLatex(text, decimalSign);
  const reading =
    result === null ? null : parse(result, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  // The brackets that only kept its parts together go.
  return reading?.ok === true ? printText(bare(reading.value.tree), TYPED) : null;
}
