import { functionNames } from '@/core/function';
import { markupText } from '@/core/language/markup';
import { parse } from '@/core/language/parse';
import { printLatex } from '@/core/language/print-latex';
import { printMathml } from '@/core/language/print-mathml';
import { printText } from '@/core/language/print-text';
import type { Tree } from '@/core/language/tree';
import type { TapeLine } from '@/core/notebook/schema';
import { copyText } from '@/platform/clipboard';
import { useStore } from '@/state/app-store';
import { notice } from '@/state/notice';

/** Copies, and says whether that worked. */
export async function copy(text: string): Promise<void> {
  const isCopied = await copyText(text);
  useStore.getState().say(notice(isCopied ? 'copied' : 'not-copied'));
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
      return line.full;
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
