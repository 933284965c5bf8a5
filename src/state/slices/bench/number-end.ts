import { changed } from '@/core/line/line';
import type { LineAction } from '@/core/line/line';
import { entryOf } from '@/keys/log';
import type { State } from '@/state/slices/state';
import { optionsOf } from './reading';
import { written } from './written';

/* What a key means after a number that Keep or Recall has ended, in the Written style. */

const isDigitKey = (action: LineAction): boolean =>
  action.type === 'point' || ((action.type === 'insert' || action.type === 'type') && /^\d$/.test(action.text));

/** Whether a key begins another line after the one that was kept: operators go on from it, operands do not. */
export function begins({ numberEnd, document }: State, action: LineAction): boolean {
  if (numberEnd?.by !== 'keep' || numberEnd.line !== document.line) return false;
  if (isDigitKey(action)) return true;
  switch (action.type) {
    case 'insert':
      return /^[\p{L}\p{N}∞]/u.test(action.text);
    case 'call':
    case 'raise':
    case 'open':
      return true;
    default:
      return false;
  }
}

/** Whether a key would go on writing the digits of a number that was recalled. */
export const multiplies = ({ numberEnd, document }: State, action: LineAction): boolean =>
  numberEnd?.by === 'recall' && numberEnd.line === document.line && isDigitKey(action);

/** The number recalled times the one that a key begins. */
export function multiplied(state: State, action: LineAction): Partial<State> {
  const { document, settings } = state;
  const options = optionsOf(settings);
  const times = changed(document.line, { type: 'operate', text: '×' }, options);
  const next = times && changed(times, action, options);
  return next === null ? {} : written(state, 'typing', next, { entry: entryOf(action) });
}
