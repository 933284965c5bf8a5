import type { BitsOperationId } from '@/core/radix/bits';

/** Words of the tool Bases. */
export const baseWords = {
  name: 'Bases and bits',
  answers: 'A number in base 2, 8, 10, 16 and any other at once; the bits of a word, and what is done with them.',
  words:
    'binary octal hexadecimal hex radix convert bits byte word and or xor not nand nor shift rotate two’s complement carry overflow twos',
  number: 'Number',
  second: 'Second number',
  hint: '25, 0x1F, 2^10 − 1',
  first: 'Write a number in any of the bases.',
  rational: 'Only whole numbers and fractions are written in other bases.',
  inBases: 'In all bases',
  otherBase: 'Any other base',
  word: 'Word',
  signed: 'First bit is a sign',
  bits: 'Bits',
  tooLarge: 'It needs more bits than the word has.',
  notWhole: 'Only whole numbers have bits.',
  operations: 'What can be done with it',
  withSecond: 'With the second number',
  places: 'Places to shift',
  carry: 'carry',
  overflow: 'does not fit: overflow',
  borrow: 'borrow',
  working: 'Written out',
  show: 'Show it written out',
  hide: 'Hide it',
  inColumns: 'In columns',
  carries: 'carried',
  clear: 'Clear',
  sign: 'Change the sign',
  point: 'point',
  back: 'Backspace',
  done: 'Done',
  tooLong: 'too long to be written out',
  behindPoint: 'Behind the point',
  read: 'Read the remainders from the last up:',
} as const;

const usual: Readonly<Record<number, string>> = { 2: 'Binary', 8: 'Octal', 10: 'Decimal', 16: 'Hexadecimal' };
export const baseName = (base: number): string => usual[base] ?? `Base ${base}`;
export const inBaseSpoken = (base: number, digits: string): string =>
  `${baseName(base)}: ${digits === '' ? 'empty' : digits}`;
export const bitSpoken = (at: number, isOn: boolean): string => `Bit ${at}: ${isOn ? 1 : 0}`;
export const bitsName = (bits: string): string => `${bits} bits`;

const operationNames: Readonly<Record<BitsOperationId, string>> = {
  and: 'and',
  or: 'or',
  xor: 'xor (one of two)',
  nand: 'nand (not and)',
  nor: 'nor (not or)',
  xnor: 'xnor (both alike)',
  not: 'not',
  neg: 'two’s complement',
  shl: 'shift left',
  shr: 'shift right, zeros',
  sar: 'shift right, sign',
  rol: 'rotate left',
  ror: 'rotate right',
  add: 'sum',
  sub: 'difference',
  mul: 'product',
};
export const operationName = (id: BitsOperationId): string => operationNames[id];

/** What left the word, and whether what is left is right. */
export function outcomeNote(id: BitsOperationId, carry: boolean, overflow: boolean): string | null {
  // That zero is less than what is taken from it says nothing.
  const told = [
    ...(carry && id !== 'neg' ? [id === 'sub' ? baseWords.borrow : baseWords.carry] : []),
    ...(overflow ? [baseWords.overflow] : []),
  ];
  return told.length === 0 ? null : told.join('; ');
}

export const divisionText = (of: string, base: number, quotient: string, remainder: string): string =>
  `${of} ÷ ${base} = ${quotient}, remainder ${remainder}`;
export const multiplicationText = (of: string, base: number, product: string, digit: string): string =>
  `${of} × ${base} = ${product}, digit ${digit}`;
export const editIn = (base: number): string => `Digits in base ${base}`;
