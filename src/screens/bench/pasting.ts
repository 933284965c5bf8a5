import { functionNames } from '@/core/function';
import { bare } from '@/core/language/brackets';
import { parse } from '@/core/language/parse';
import { TYPED, printText } from '@/core/language/print-text';
import { looksLikeLatex, readLatex } from '@/core/language/read-latex';
import { looksLikeMathml, readMathml } from '@/core/language/read-mathml';
import { useStore } from '@/state/app-store';
import { notice } from '@/state/notice';
import { respell } from '@/state/respell';

/** Longer texts are no formula of a line. */
const LONGEST_SOURCE = 500_000;

/** Typed text for what was copied as LaTeX or MathML; null when it is neither, `unreadable` when it is beyond what is read. */
function asTyped(text: string, html: string): string | 'unreadable' | null {
  const source = [text, html].find(looksLikeMathml);
  if (source === undefined && !looksLikeLatex(text)) return null;
  const made = source !== undefined ? readMathml(source) : readLatex(text);
  const reading =
    made === null ? null : parse(made, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  // The brackets that only kept its parts together go.
  if (reading?.ok === true) return printText(bare(reading.value.tree), TYPED);
  return source === text ? 'unreadable' : null;
}

/** Puts what was pasted into the line: mathematics as it is meant, all else as it stands. What cannot be put in is told. */
export function pasteInto(text: string, html: string): void {
  const { paste, settings, say } = useStore.getState();
  if (text.trim() === '' && !looksLikeMathml(html)) return say(notice('nothing-pasted'));
  if (text.length > LONGEST_SOURCE || html.length > LONGEST_SOURCE)
    return text.length > LONGEST_SOURCE ? say(notice('line-full')) : paste(text);
  const typed = asTyped(text, html);
  if (typed === null) return text.trim() === '' ? say(notice('formula-unreadable')) : paste(text);
  if (typed === 'unreadable') return say(notice('formula-unreadable'));
  const { impliedFirst, display } = settings;
  paste(respell(typed, { decimalSign: '.', impliedFirst }, { decimalSign: display.decimalSign, impliedFirst }), true);
}
