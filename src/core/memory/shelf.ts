import type { Value } from '../number/value';

/** The places of the Shelf: ten slots, the letters, and one running total. */
export const slotNames = ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9'] as const;
export const letterNames = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'] as readonly string[];
export const TOTAL = 'total';
export const registerNames: readonly string[] = [...slotNames, ...letterNames, TOTAL];

export type RegisterKind = 'slot' | 'letter' | 'total';
export const kindOf = (name: string): RegisterKind =>
  name === TOTAL ? 'total' : /^\d$/.test(name) ? 'slot' : 'letter';

/** What stands for a place in a line. */
export const registerText = (name: string): string => (kindOf(name) === 'slot' ? `slot(${name})` : name);

/**
 * What a place keeps: the value, its digits as they are copied, the expression it came from, the form that was shown,
 * as typed text, the line of the tape it came from, and when it was kept (milliseconds since 1970).
 */
export type Kept<V = Value> = Readonly<{
  value: V;
  full: string;
  from: string;
  typed: string;
  exact: boolean;
  line: string | null;
  at: number | null;
}>;

export type Shelf<V = Value> = Readonly<Record<string, Kept<V>>>;

/** Keeps a value in a place, instead of what it held. */
export const keep = <V>(shelf: Shelf<V>, name: string, kept: Kept<V>): Shelf<V> => ({ ...shelf, [name]: kept });

/** Clears the places that are meant; the same object when they hold nothing. */
export function cleared<V>(shelf: Shelf<V>, isMeant: (name: string) => boolean): Shelf<V> {
  const left = Object.entries(shelf).filter(([name]) => !isMeant(name));
  return left.length === Object.keys(shelf).length ? shelf : Object.fromEntries(left);
}

/** What is done with a place of the Shelf. */
export const memoryOperations = [
  'keep',
  'recall',
  'recallValue',
  'addTo',
  'takeFrom',
  'multiplyBy',
  'divideBy',
  'clear',
] as const;
export type MemoryOperation = (typeof memoryOperations)[number];

/** The operation by which a memory operation changes what a place holds. */
export const changesBy = {
  addTo: 'plus',
  takeFrom: 'minus',
  multiplyBy: 'times',
  divideBy: 'divide',
} as const satisfies Partial<Record<MemoryOperation, string>>;
export type ChangingOperation = keyof typeof changesBy;
export const isChanging = (operation: MemoryOperation): operation is ChangingOperation =>
  Object.hasOwn(changesBy, operation);
