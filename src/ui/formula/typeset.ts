import { functionNames } from '@/core/function';
import { parseUnfinished } from '@/core/language/parse';
import type { DecimalSign } from '@/core/language/numerals';
import { element } from '@/core/language/markup';
import type { Markup } from '@/core/language/markup';
import { printMathml } from '@/core/language/print-mathml';

export type Spelling = Readonly<{ decimalSign: DecimalSign; impliedFirst: boolean }>;
/** How a formula is to be shown. */
export type NumberLayout = Readonly<{ decimalSign: DecimalSign; grouping: boolean }>;

/** The typed text as markup, with boxes where something is missing; null when it cannot be drawn as a formula. */
export function typeset(text: string, spelling: Spelling, shown: NumberLayout): Markup | null {
  const reading = parseUnfinished(text, { functions: functionNames, ...spelling });
  if (reading === null) return null;
  const drawn = printMathml(reading.tree, { ...shown, impliedFirst: spelling.impliedFirst });
  return reading.target === null ? drawn : element('mrow', element('mi', reading.target), element('mo', ':='), drawn);
}

/** The spelling of typed text that comes from the core itself. */
export const CORE_SPELLING: Spelling = { decimalSign: '.', impliedFirst: false };
