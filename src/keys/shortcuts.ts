import type { KeyAction } from './catalogue';

/** Characters that a physical keyboard has in place of the sign that is meant, or that need something before them. */
const characters: Readonly<Record<string, KeyAction>> = {
  '*': { type: 'operate', text: '×' },
  '+': { type: 'operate', text: '+' },
  '/': { type: 'operate', text: '/' },
  '^': { type: 'operate', text: '^' },
  '!': { type: 'operate', text: '!' },
  '%': { type: 'operate', text: '%' },
  '-': { type: 'insert', text: '−' },
  '.': { type: 'point' },
};

type Stroke = Readonly<{ key: string; control: boolean; alt: boolean; shift: boolean }>;

/** What a key of a physical keyboard does in the line; null leaves it to the browser. `before` stands left of the caret. */
export function actionOfStroke({ key, control, alt, shift }: Stroke, before: string): KeyAction | null {
  const letter = key.toLowerCase();
  if (control && letter === 'z') return { type: shift ? 'redo' : 'undo' };
  if (control && letter === 'y') return { type: 'redo' };
  // Some layouts type signs with Control and Alt together.
  if (control !== alt) return null;
  switch (key) {
    case 'Enter':
      return { type: 'answer' };
    case '=':
      // After a sign that it completes it belongs to it; 5! = is an answer asked for.
      return /[:<>]/.test(before) ? { type: 'insert', text: '=' } : { type: 'answer' };
    case 'Escape':
      return { type: 'edit', command: 'clear' };
    case 'Backspace':
      return { type: 'edit', command: 'deleteLeft' };
    case 'Delete':
      return { type: 'edit', command: 'deleteRight' };
    case 'ArrowLeft':
      return shift ? null : { type: 'edit', command: 'moveLeft' };
    case 'ArrowRight':
      return shift ? null : { type: 'edit', command: 'moveRight' };
    case 'Home':
      return shift ? null : { type: 'edit', command: 'moveHome' };
    case 'End':
      return shift ? null : { type: 'edit', command: 'moveEnd' };
    default:
      return [...key].length === 1 ? (characters[key] ?? { type: 'insert', text: key }) : null;
  }
}
