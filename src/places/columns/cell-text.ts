import { isWord } from '@/core/column/delimited';
import { functionNames } from '@/core/function';
import type { DecimalSign } from '@/core/language/numerals';
import { parse } from '@/core/language/parse';
import { printText } from '@/core/language/print-text';

const NUMERAL = /^-?\d+(\.\d+)?(E[+-]?\d+)?$/;

/** A number written with digits alone: it needs no value beside it. */
export const isNumeral = (text: string): boolean => NUMERAL.test(text);

const known = new Map<string, string>();
const MOST_KNOWN = 5000;

/** A cell as it stands on paper; as it was found where it cannot be read. */
export function cellText(text: string, decimalSign: DecimalSign): string {
  if (isNumeral(text)) return text.replace('-', '−').replace('.', decimalSign);
  const key = decimalSign + text;
  const before = known.get(key);
  if (before !== undefined) return before;
  if (isWord(text, functionNames)) return text;
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  const result = reading.ok
    ? printText(reading.value.tree, { style: 'reading', decimalSign, impliedFirst: false, grouping: false })
    : text;
  if (known.size > MOST_KNOWN) known.clear();
  known.set(key, result);
  return result;
}
