import { letterIds } from './catalogue';
import type { EntryStyle } from '@/core/notebook/schema';
import type { KeyId } from './catalogue';

export const drawerIds = [
  'pad',
  'powers',
  'angles',
  'logs',
  'counting',
  'calculus',
  'matrices',
  'letters',
  'more',
] as const;
export type DrawerId = (typeof drawerIds)[number];

/** The keys of a drawer, row after row; `columns` is how many stand side by side. `more`: those of its other side. */
export type Drawer = Readonly<{ columns: number; ids: readonly KeyId[]; more?: readonly KeyId[] }>;

/** Every drawer has as many rows, so that opening one moves no key above or below it. */
export const DRAWER_ROWS = 3;

const FIRST_LETTERS = 3 * 7 - 1;

// oxfmt-ignore
export const drawers: Readonly<Record<DrawerId, Drawer>> = {
  pad: {
    columns: 6,
    ids: [
      'sqrt', 'square', 'power', 'fraction', 'open', 'close',
      'sin', 'cos', 'tan', 'log', 'ln', 'pi',
      'asin', 'acos', 'atan', 'tenTo', 'eTo', 'abs',
    ],
  },
  powers: {
    columns: 7,
    ids: [
      'square', 'cube', 'power', 'inverse', 'fraction', 'open', 'close',
      'sqrt', 'cbrt', 'root', 'tenTo', 'eTo', 'tenPower', 'separator',
      'i', 're', 'im', 'conj', 'arg', 'abs', 'mixed',
    ],
  },
  angles: {
    columns: 7,
    ids: [
      'sin', 'cos', 'tan', 'sec', 'csc', 'cot', 'open',
      'asin', 'acos', 'atan', 'asec', 'acsc', 'acot', 'close',
      'minute', 'second', 'deg', 'rad', 'grad', 'pi', 'fraction',
    ],
  },
  logs: {
    columns: 6,
    ids: [
      'ln', 'log', 'lg', 'exp', 'open', 'close',
      'e', 'eTo', 'tenTo', 'power', 'inverse', 'logBase',
      'sinh', 'cosh', 'tanh', 'asinh', 'acosh', 'atanh',
    ],
  },
  counting: {
    columns: 7,
    ids: [
      'factorial', 'nCr', 'nPr', 'percent', 'fraction', 'open', 'close',
      'gcd', 'lcm', 'mod', 'div', 'abs', 'power', 'separator',
      'random', 'randint', 'min', 'max', 'sum', 'prod',
    ],
    more: [
      'normalBelow', 'normalAbove', 'normalBetween', 'normalInverse', 'separator', 'open', 'close',
      'binomialAt', 'binomialBelow', 'binomialAbove', 'binomialBetween', 'poissonAt', 'poissonBelow', 'geometricBelow',
      'tAbove', 'tInverse', 'chiSquaredAbove', 'chiSquaredInverse', 'FAbove', 'FInverse',
    ],
  },
  calculus: {
    columns: 6,
    ids: [
      'integral', 'derivative', 'sum', 'prod', 'open', 'close',
      'k', 'pi', 'infinity', 'power', 'fraction', 'separator',
      'sin', 'cos', 'ln', 'exp', 'sqrt', 'square',
    ],
  },
  matrices: {
    columns: 7,
    ids: [
      'matrix22', 'matrix33', 'vector2', 'vector3', 'addRow', 'addColumn', 'separator',
      'det', 'inverseOf', 'transpose', 'rref', 'rank', 'removeRow', 'removeColumn',
      'dot', 'cross', 'norm', 'unit', 'angleBetween', 'proj',
    ],
    more: [
      'identity', 'solveFor', 'trace', 'kernel', 'open', 'close', 'separator',
      'charpoly', 'eigenvalues', 'eigenvectors', 'squareOpen', 'squareClose', 'inverse', 'fraction',
      'A', 'B', 'C', 'sqrt', 'power', 'assign',
    ],
  },
  letters: {
    columns: 7,
    ids: letterIds.slice(0, FIRST_LETTERS),
    more: [...letterIds.slice(FIRST_LETTERS), 'assign', 'total'],
  },
  more: {
    columns: 7,
    ids: [
      'round', 'roundsig', 'floor', 'ceil', 'trunc', 'frac', 'separator',
      'assign', 'unequal', 'less', 'atMost', 'greater', 'atLeast', 'open',
      'and', 'or', 'not', 'cases', 'sign', 'close',
    ],
    more: [
      'binaryPrefix', 'octalPrefix', 'hexadecimalPrefix', 'base', 'bitnot', 'separator', 'open',
      'A', 'B', 'C', 'D', 'E', 'F', 'close',
      'bitand', 'bitor', 'bitxor', 'shl', 'shr', 'mod',
    ],
  },
};

/** The number block of each entry style. */
// oxfmt-ignore
export const numberBlocks: Readonly<Record<EntryStyle, readonly (readonly KeyId[])[]>> = {
  written: [
    ['d7', 'd8', 'd9', 'divide', 'deleteLeft', 'ans'],
    ['d4', 'd5', 'd6', 'times', 'percent', 'degree'],
    ['d1', 'd2', 'd3', 'minus', 'x', 'y'],
    ['d0', 'point', 'equal', 'plus', 'enter'],
  ],
  running: [
    ['d7', 'd8', 'd9', 'divide', 'deleteLeft', 'clearEntry'],
    ['d4', 'd5', 'd6', 'times', 'percent', 'ans'],
    ['d1', 'd2', 'd3', 'minus', 'negate', 'tenPower'],
    ['d0', 'point', 'degree', 'plus', 'answer'],
  ],
  stack: [
    ['d7', 'd8', 'd9', 'divide', 'deleteLeft', 'clearEntry'],
    ['d4', 'd5', 'd6', 'times', 'negate', 'swap'],
    ['d1', 'd2', 'd3', 'minus', 'tenPower', 'drop'],
    ['d0', 'point', 'x', 'plus', 'push'],
  ],
};

/** Keys that stand beside what is being keyed. */
export const besideKeys: Readonly<Record<EntryStyle, readonly KeyId[]>> = {
  written: ['moveLeft', 'moveRight', 'moveUp', 'moveDown', 'undo', 'redo', 'clear'],
  running: ['keep', 'recall', 'toLine', 'undo', 'redo', 'clear'],
  stack: ['copy', 'rotateDown', 'rotateUp', 'pick', 'operands', 'undo', 'redo'],
};

/** What Running does with the running total. */
export const totalKeys: readonly KeyId[] = ['keepTotal', 'recallTotal', 'addToTotal', 'takeFromTotal', 'clearTotal'];

/** Keys below the stack. */
export const stackToolKeys: readonly KeyId[] = ['keep', 'recall', 'toLine', 'toColumn', 'clearStack'];

/** What can be done with a place of the Shelf, and with all of a kind. */
export const memoryKeyIds: readonly KeyId[] = [
  'keep',
  'recall',
  'recallValue',
  'addTo',
  'takeFrom',
  'multiplyBy',
  'divideBy',
  'clearKept',
];
export const clearAllKeys: readonly KeyId[] = ['clearSlots', 'clearLetters', 'clearTotal'];

/** Keys for what is done more rarely, in the sheet of the line. */
export const rareLineKeys: readonly KeyId[] = ['moveHome', 'moveEnd', 'deleteRight'];
