import type { EntryStyle } from '@/core/notebook/schema';
import type { KeyAction } from './catalogue';

type Stroke = Readonly<{ key: string; control: boolean; alt: boolean; shift: boolean }>;

/** What a key of a physical keyboard does in the line; null leaves it to the browser. `before` stands left of the caret. */
export function actionOfStroke({ key, control, alt, shift }: Stroke, before: string): KeyAction | null {
  const letter = key.toLowerCase();
  if (control && letter === 'z') return { type: shift ? 'redo' : 'undo' };
  if (control && letter === 'y') return { type: 'redo' };
  if (control && letter === 'a' && !alt) return { type: 'edit', command: 'selectAll' };
  // Some layouts type signs with Control and Alt together.
  if (control !== alt) return null;
  switch (key) {
    case 'Enter':
      return { type: 'answer' };
    case '=':
      // After a sign that it completes it belongs to it; 5! = is an answer asked for.
      return /[:<>]/.test(before) ? { type: 'type', text: '=' } : { type: 'answer', orEqual: true };
    case 'Escape':
      return { type: 'edit', command: 'clear' };
    case 'Backspace':
      return { type: 'edit', command: 'deleteLeft' };
    case 'Delete':
      return { type: 'edit', command: 'deleteRight' };
    case 'ArrowLeft':
      return { type: 'edit', command: shift ? 'selectLeft' : 'moveLeft' };
    case 'ArrowRight':
      return { type: 'edit', command: shift ? 'selectRight' : 'moveRight' };
    case 'ArrowUp':
      return shift ? null : { type: 'edit', command: 'moveUp' };
    case 'ArrowDown':
      return shift ? null : { type: 'edit', command: 'moveDown' };
    case 'Home':
      return { type: 'edit', command: shift ? 'selectHome' : 'moveHome' };
    case 'End':
      return { type: 'edit', command: shift ? 'selectEnd' : 'moveEnd' };
    case '.':
      return { type: 'point' };
    default:
      return [...key].length === 1 ? { type: 'type', text: key } : null;
  }
}

/** What a stroke does where each key acts at once or operands come first; null leaves it to the browser. */
export function actionInStyle(stroke: Stroke, before: string, style: EntryStyle): KeyAction | null {
  const action = actionOfStroke(stroke, before);
  if (style === 'written' || action === null) return action;
  if (action.type === 'answer') return style === 'stack' ? { type: 'stack', operation: 'push' } : { type: 'answer' };
  if (action.type === 'type' && action.text === '~') return { type: 'entry', operation: 'negate' };
  if (action.type !== 'edit') return action;
  switch (action.command) {
    case 'clear':
      return style === 'stack' ? { type: 'entry', operation: 'clearEntry' } : action;
    case 'deleteLeft':
      return action;
    default:
      return null;
  }
}
