import type { Operand } from '@/core/keyed/operand';
import type { SavedShelf } from '@/core/notebook/schema';
import type { SavedValue } from '@/core/notebook/value-codec';
import type { Document } from '@/state/slices/parts';
import { inlined } from '@/state/slices/bench/substitution';

type Freeze = (operand: Operand<SavedValue>) => Operand<SavedValue>;

const each = (operands: readonly Operand<SavedValue>[], freeze: Freeze): readonly Operand<SavedValue>[] => {
  const result = operands.map(freeze);
  return result.every((operand, i) => operand === operands[i]) ? operands : result;
};

/**
 * The document with another Shelf. What the Running and Stack styles hold was worked with the values of before: how it
 * was made is told with those from now on.
 */
export function withShelf(document: Document, shelf: SavedShelf): Document {
  if (shelf === document.shelf) return document;
  let { running, stack } = document;
  for (const [name, kept] of Object.entries(document.shelf)) {
    if (shelf[name] === kept) continue;
    const freeze: Freeze = (operand) => inlined(operand, name, kept);
    stack = { ...stack, levels: each(stack.levels, freeze), operands: each(stack.operands, freeze) };
    running = {
      ...running,
      shown: running.shown && freeze(running.shown),
      repeat: running.repeat && { ...running.repeat, right: freeze(running.repeat.right) },
      frames: running.frames.map((frame) => frame.map((p) => ({ ...p, left: p.left && freeze(p.left) }))),
    };
  }
  return { ...document, shelf, running, stack };
}
