import { changed } from '@/core/line/line';
import type { Line, LineAction } from '@/core/line/line';
import type { ReadingOptions } from '@/core/language/tokens';
import { isOpen } from '@/core/keyed/operand';
import { meaningOf } from '@/core/keyed/operation';
import type { EntryStyle } from '@/core/notebook/schema';
import type { KeyAction } from './catalogue';

/** The line after a key, or null when the key does nothing here. */
export const pressed = (on: Line, action: LineAction, options: ReadingOptions): Line | null =>
  changed(on, action, options);

/** Whether an action changes only the line. */
export function isLineAction(action: KeyAction): action is LineAction {
  switch (action.type) {
    case 'undo':
    case 'redo':
    case 'answer':
    case 'stack':
    case 'entry':
    case 'pick':
    case 'toLine':
    case 'toColumn':
    case 'memory':
    case 'total':
    case 'clearAll':
      return false;
    default:
      return true;
  }
}

/** Whether a key means anything in an entry style; one that does not is dimmed there. */
export function meansIn(style: EntryStyle, action: KeyAction): boolean {
  switch (action.type) {
    case 'undo':
    case 'redo':
    case 'memory':
    case 'total':
    case 'clearAll':
      return true;
    case 'answer':
      return style !== 'stack';
    case 'stack':
    case 'pick':
      return style === 'stack';
    case 'entry':
    case 'toLine':
    case 'toColumn':
      return style !== 'written';
    default: {
      if (style === 'written') return true;
      const meaning = meaningOf(action);
      if (meaning === null) return false;
      if (style === 'stack') return !['open', 'close', 'clear', 'next'].includes(meaning.kind);
      if (meaning.kind === 'name') return !isOpen(meaning.tree);
      if (meaning.kind !== 'operation') return true;
      const { takes, infix, takesTogether, name } = meaning.operation;
      return (takes < 2 || infix !== undefined || takesTogether !== undefined) && name !== 'not';
    }
  }
}

/** How many levels of the stack a key takes, where that is more than its sign shows; else null. */
export function levelsTaken(action: KeyAction): number | null {
  const meaning = isLineAction(action) ? meaningOf(action) : null;
  return meaning?.kind === 'operation' && meaning.operation.takes > 2 ? meaning.operation.takes : null;
}
