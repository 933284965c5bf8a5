import * as line from '@/core/line/line';
import type { Line } from '@/core/line/line';
import type { DecimalSign } from '@/core/language/numerals';
import type { KeyAction } from './catalogue';

/** Actions that change only the line. */
export type LineAction = Exclude<KeyAction, { type: 'undo' | 'redo' | 'answer' }>;

/** The line after a key, or null when the key does nothing here. */
export function pressed(on: Line, action: LineAction, decimalSign: DecimalSign): Line | null {
  switch (action.type) {
    case 'insert':
      return line.insert(on, action.text);
    case 'operate':
      return line.insertAfterOperand(on, action.text);
    case 'powerOfTen':
      return line.insertPowerOfTen(on);
    case 'separate':
      return line.insert(on, decimalSign === ',' ? ';' : ',');
    case 'point':
      return line.insert(on, decimalSign);
    case 'edit':
      return line.lineCommands[action.command](on);
  }
}

export const isLineAction = (action: KeyAction): action is LineAction =>
  action.type !== 'undo' && action.type !== 'redo' && action.type !== 'answer';
