import { functionNames } from '@/core/function';
import { bare } from '@/core/language/brackets';
import { parse } from '@/core/language/parse';
import { TYPED, printText } from '@/core/language/print-text';
import { looksLikeLatex, readLatex } from '@/core/language/read-latex';
import { looksLikeMathml, readMathml } from '@/core/language/read-mathml';
import { useStore } from '@/state/app-store';
import { respell } from '@/state/respell';

/** Typed text for what was copied as LaTeX or MathML; null when it is neither, or beyond what is read. */
function asTyped(text: string, html: string): string | null {
  const source = [text, html].find(looksLikeMathml);
  const made = source !== undefined ? readMathml(source) : looksLikeLatex(text) ? readLatex(text) : null;
  if (made === null) return null;
  const reading = parse(made, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  // The brackets that only kept its parts together go.
  return reading.ok ? printText(bare(reading.value.tree), TYPED) : null;
}

/** Puts what was pasted into the line: mathematics as it is meant, all else as it stands. */
export function pasteInto(text: string, html: string): void {
  const { paste, settings } = useStore.getState();
  const typed = asTyped(text, html);
  if (typed === null) return paste(text);
  const { impliedFirst, display } = settings;
  paste(respell(typed, { decimalSign: '.', impliedFirst }, { decimalSign: display.decimalSign, impliedFirst }), true);
}
