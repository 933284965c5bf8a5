import { functionNamed } from '@/core/function';
import { boxAt } from '@/core/line/row';
import type { Box, CaretPosition, Row } from '@/core/line/row';

/** What each slot of a box is called, in the order of typed text. */
const names: Readonly<Record<string, readonly string[]>> = {
  sqrt: ['number under the root'],
  cbrt: ['number under the root'],
  root: ['index of the root', 'number under the root'],
  sum: ['expression that is summed', 'letter of the sum', 'lower limit of the sum', 'upper limit of the sum'],
  prod: [
    'expression that is multiplied',
    'letter of the product',
    'lower limit of the product',
    'upper limit of the product',
  ],
  integral: [
    'expression that is integrated',
    'letter of the integral',
    'lower limit of the integral',
    'upper limit of the integral',
  ],
  derivative: ['expression that is differentiated', 'letter of the derivative', 'place of the derivative'],
};

/** Names the slot of a box, as in “The denominator is empty.” */
export function slotName(box: Box, slot: number): string {
  switch (box.kind) {
    case 'fraction':
      return slot === 0 ? 'numerator' : 'denominator';
    case 'power':
      return 'exponent';
    case 'group':
      return 'bracket';
    case 'grid': {
      const { columns } = box;
      const row = Math.floor(slot / columns) + 1;
      return columns === 1 ? `entry ${row}` : `row ${row}, column ${(slot % columns) + 1}`;
    }
    case 'call': {
      const known = names[box.fn]?.[slot];
      if (known !== undefined) return known;
      if (box.fn === 'log' && box.slots.length === 2)
        return slot === 0 ? 'number of the logarithm' : 'base of the logarithm';
      const record = functionNamed(box.fn);
      const told = record?.binds === 'chance' ? record.takes[slot] : undefined;
      if (told !== undefined) return `${told} of ${box.fn}`;
      return box.slots.length === 1 ? `value for ${box.fn}` : `value ${slot + 1} for ${box.fn}`;
    }
  }
}

export const emptySlotText = (name: string): string => `The ${name} is empty.`;

/** Which box the caret is in, as a screen reader tells it when it gets there; the line itself where it is in none. */
export function caretText(row: Row, { path }: CaretPosition): string {
  const last = path.at(-1);
  const box = last === undefined ? null : boxAt(row, path);
  return last === undefined || box === null ? 'line' : slotName(box, last.slot);
}

/** What is selected, in the text of the line. */
export const selectedWords = (text: string): string => `${text} selected`;
