import { looksLikeLatex, looksLikeMathml } from '@/core/language/looks-like';
import { useStore } from '@/state/app-store';
import { notice } from '@/state/slices/notice';
import { convertNotation } from '@/state/slices/bench/notation';

/** Longer texts are no formula of a line. */
const LONGEST_SOURCE = 500_000;

/** Puts a formula in as it is meant; what is beyond reading is put in as it stands where it is a text, else told. */
async function pasteFormula(text: string, html: string): Promise<void> {
  const { readFormula } = await import('./read-formula');
  const { paste, settings, say } = useStore.getState();
  const { impliedFirst, display } = settings;
  const typed = readFormula(text, html, display.decimalSign);
  if (typed === null)
    return text.trim() === '' || looksLikeMathml(text) ? say(notice('formula-unreadable')) : paste(text);
  return paste(
    convertNotation(typed, { decimalSign: '.', impliedFirst }, { decimalSign: display.decimalSign, impliedFirst }),
    true,
  );
}

/** Cells that a sheet was asked for: between them stand tabs. */
const SHEET = /^[^\t\n]*\t/;

/** Puts cells of a sheet in as the matrix that they are; what cannot be read as one, as it stands. */
async function pasteSheet(text: string): Promise<void> {
  const { matrixOfSheet } = await import('@/places/kit/parts/pasted-table');
  const { paste, settings } = useStore.getState();
  const { impliedFirst, display } = settings;
  const typed = matrixOfSheet(text, display.decimalSign);
  if (typed === null) return paste(text);
  const spelling = { decimalSign: '.', impliedFirst } as const;
  return paste(convertNotation(typed, spelling, { ...spelling, decimalSign: display.decimalSign }), true);
}

/** Puts what was pasted into the line: mathematics as it is meant, all else as it stands. What cannot be put in is told. */
export function pasteInto(text: string, html: string): void {
  const { paste, say } = useStore.getState();
  if (text.length > LONGEST_SOURCE) return say(notice('line-full'));
  if (SHEET.test(text)) {
    pasteSheet(text).catch(() => say(notice('not-pasted')));
    return undefined;
  }
  const isFormula = looksLikeMathml(text) || looksLikeLatex(text);
  if (!isFormula && (html.length > LONGEST_SOURCE || !looksLikeMathml(html)))
    return text.trim() === '' ? say(notice('nothing-pasted')) : paste(text);
  pasteFormula(text, html).catch(() => say(notice('not-pasted')));
  return undefined;
}
