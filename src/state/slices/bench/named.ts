import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { plainOperand } from '@/core/keyed/operand';
import type { Operand } from '@/core/keyed/operand';
import { printText, TYPED } from '@/core/language/print-text';
import type { Tree } from '@/core/language/tree';
import { registerText } from '@/core/memory/shelf';
import type { SavedValue } from '@/core/notebook/value-codec';
import { ansText } from './substitution';
import type { State } from '@/state/slices/state';

type Named = Result<Operand<SavedValue>, Problem>;

const missing = (name: string): Named => fail(withSpan({ code: 'undefined-name', name }, { from: 0, to: name.length }));

/** What a place of the Shelf holds, told by its name. Problems: `undefined-name` where it holds nothing. */
export function fromRegister({ document }: Pick<State, 'document'>, name: string): Named {
  const kept = document.shelf[name];
  const sourceText = registerText(name);
  return kept === undefined ? missing(sourceText) : succeed({ value: kept.value, sourceText, percent: null });
}

/** The operand that a name stands for at this moment: what is kept under it, the last answer, a constant, an open letter. */
export function named(state: State, tree: Tree): Named {
  const { document, settings } = state;
  if (tree.kind === 'letter') return /[A-Z]/.test(tree.name) ? fromRegister(state, tree.name) : plain(tree);
  if (tree.kind !== 'constant') return plain(tree);
  switch (tree.name) {
    case 'Ans':
      if (document.ans === null) return missing('Ans');
      return succeed({ value: document.ans, sourceText: ansText(document), percent: null });
    case 'total':
      return fromRegister(state, 'total');
    case 'i':
      return settings.complex ? plain(tree) : missing('i');
    default:
      return plain(tree);
  }
}

const plain = (tree: Tree): Named => succeed(plainOperand(printText(tree, TYPED)));
