import type { MemoryOperation } from '@/core/memory/shelf';
import type { EntryStyle } from '@/core/notebook/schema';
import type { RunningOrder } from '@/core/running/state';
import type { StackDepth } from '@/core/stack/stack';
import { words } from './labels';

/*
 * Names of what belongs to the entry styles and the Shelf.
 */

export const styleNames: Readonly<Record<EntryStyle, string>> = {
  written: 'Written',
  running: 'Running',
  stack: 'Stack',
};
export const styleNotes: Readonly<Record<EntryStyle, string>> = {
  written: 'Expressions as they stand on paper; = answers the line.',
  running: 'Each key acts at once, as on a desk machine.',
  stack: 'Operands first, then what is done with them.',
};
export const orderNames: Readonly<Record<RunningOrder, string>> = {
  precedence: 'precedence',
  leftToRight: 'left to right',
};
export const depthNames: Readonly<Record<StackDepth, string>> = { unlimited: 'any depth', four: 'four levels' };
export const operationNames: Readonly<Record<MemoryOperation, string>> = {
  keep: 'Keep',
  recall: 'Recall',
  recallValue: 'Recall value',
  addTo: 'Add to',
  takeFrom: 'Take from',
  multiplyBy: 'Multiply by',
  divideBy: 'Divide by',
  clear: 'Clear',
};
export const operationNotes: Readonly<Record<MemoryOperation, string>> = {
  keep: 'Choose where the value is kept. What was there is replaced; undo brings it back.',
  recall: 'Choose what is put in. In a line it follows its changes until the line is answered.',
  recallValue: 'Choose what is put in as it is now, whatever becomes of it later.',
  addTo: 'Choose what the value is added to.',
  takeFrom: 'Choose what the value is taken from.',
  multiplyBy: 'Choose what is multiplied by the value.',
  divideBy: 'Choose what is divided by the value.',
  clear: 'Choose what is cleared; nothing else is touched.',
};
export const notInStyle = (style: EntryStyle): string => `It has no meaning in ${styleNames[style]} entry.`;
export const exampleIn = (style: EntryStyle): string => `${words.example}, ${styleNames[style]}`;
export const styleButton = (style: EntryStyle): string => `Entry style: ${styleNames[style]}. Tap to change.`;
export const orderButton = (order: RunningOrder): string => `Order of work: ${orderNames[order]}. Tap to change.`;
export const depthButton = (depth: StackDepth): string => `Stack depth: ${depthNames[depth]}. Tap to change.`;
export const openBrackets = (n: number): string => (n === 1 ? '1 bracket open' : `${n} brackets open`);
export const levelName = (level: number, value: string, source: string): string =>
  `Level ${level}: ${value}${source === value ? '' : `, made ${source}`}`;
export const registerTile = (operation: MemoryOperation, place: string, held: string | null): string =>
  `${operationNames[operation]} ${place}${held === null ? ', empty' : `, holds ${held}`}`;
/** In figures alone, in the order of the browser's language: no word of that stands in a sentence of ours. */
export const keptAt = (at: number): string =>
  new Date(at).toLocaleString(undefined, {
    day: '2-digit',
    month: '2-digit',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  });
