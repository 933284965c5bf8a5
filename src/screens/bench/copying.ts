import { batchText } from '@/core/format/layout';
import { functionNames } from '@/core/function';
import { markupText } from '@/core/language/markup';
import { parse } from '@/core/language/parse';
import { printLatex } from '@/core/language/print-latex';
import { printMathml } from '@/core/language/print-mathml';
import { printText } from '@/core/language/print-text';
import type { Tree } from '@/core/language/tree';
import type { TapeLine } from '@/core/notebook/schema';
import { roundToFigures } from '@/core/number/digits';
import { copyText } from '@/platform/clipboard';
import { useStore } from '@/state/app-store';
import { notice } from '@/state/notice';
import { valueOf } from '@/state/values';
import type { SavedValue } from '@/core/notebook/value-codec';

/** Significant digits of an answer that is copied whole, where it does not end before. */
const FULL_DIGITS = 50;

/** Copies, and says whether that worked. */
export async function copy(text: string): Promise<void> {
  const isCopied = await copyText(text);
  useStore.getState().say(notice(isCopied ? 'copied' : 'not-copied'));
}

/** A value with 50 digits, or all that it has when it is exact and shorter. */
export function fullDigits(saved: SavedValue): string | null {
  const value = valueOf(saved);
  const rounded = value && roundToFigures(value, FULL_DIGITS, () => true);
  return rounded === null || typeof rounded === 'string' ? null : batchText(rounded);
}

function treeOf(line: TapeLine): Tree | null {
  const { decimalSign, impliedFirst } = line;
  const reading = parse(line.text, { functions: functionNames, decimalSign, impliedFirst });
  return reading.ok ? reading.value.tree : null;
}

export type CopyKind = 'shown' | 'digits' | 'typed' | 'latex' | 'mathml';

/** What is copied of a tape line. */
export function copyOf(line: TapeLine, kind: CopyKind): string | null {
  const tree = treeOf(line);
  const form = line.forms.find((f) => f.id === line.chosen)!;
  switch (kind) {
    case 'shown':
      return form.text;
    case 'digits':
      return fullDigits(line.value);
    case 'typed':
      return (
        tree && printText(tree, { style: 'typed', decimalSign: line.decimalSign, impliedFirst: line.impliedFirst })
      );
    case 'latex':
      return tree && printLatex(tree);
    case 'mathml':
      return (
        tree &&
        markupText(
          printMathml(tree, { decimalSign: line.decimalSign, impliedFirst: line.impliedFirst, grouping: false }),
        )
      );
  }
}
