import { changed } from '@/core/line/line';
import type { Line, LineAction } from '@/core/line/line';
import type { ReadingOptions } from '@/core/language/tokens';
import type { KeyAction } from './catalogue';

/** The line after a key, or null when the key does nothing here. */
export const pressed = (on: Line, action: LineAction, options: ReadingOptions): Line | null =>
  changed(on, action, options);

/** Whether an action changes only the line. */
export const isLineAction = (action: KeyAction): action is LineAction =>
  action.type !== 'undo' && action.type !== 'redo' && action.type !== 'answer';
