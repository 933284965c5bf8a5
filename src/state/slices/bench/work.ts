import { present } from '@/core/base/item';
import { printText } from '@/core/language/print-text';
import type { Tree } from '@/core/language/tree';
import { treeOf } from '@/core/keyed/entry';
import type { Operand, Calculation } from '@/core/keyed/operand';
import type { Settings } from '@/core/notebook/settings';
import type { SavedValue } from '@/core/notebook/value-codec';
import type { WorkRequest } from '@/workers/answer';
import { requestFor } from './live';
import type { PendingWork } from './moment';
import type { State } from '@/state/slices/state';
import { valueOf } from './values';

/** An expression of the core's own spelling as it is written under the settings. */
export const formatTree = (tree: Tree, { display, impliedFirst }: Settings): string =>
  printText(tree, { style: 'typed', decimalSign: display.decimalSign, impliedFirst });

/** The state that waits for an operation on values. */
export function workOn(state: State, work: Calculation<SavedValue>, land: PendingWork<State>['land']): Partial<State> {
  const text = formatTree(work.written, state.settings);
  const bound = work.bound.map((saved) => present(valueOf(saved)));
  const request: WorkRequest = { ...requestFor(text, state), tries: {}, work: work.work, bound };
  return { work: { request, land }, waiting: [], refused: null, notice: null };
}

/** How an operand was made, as it is written under the settings. */
export const formatOperand = (operand: Operand<SavedValue>, settings: Settings): string =>
  formatTree(treeOf(operand.sourceText), settings);
