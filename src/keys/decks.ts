import { letterIds } from './catalogue';
import type { KeyId } from './catalogue';

export const drawerIds = ['pad', 'powers', 'angles', 'logs', 'counting', 'calculus', 'letters', 'more'] as const;
export type DrawerId = (typeof drawerIds)[number];

/** The keys of each drawer, row after row; `columns` is how many stand side by side. */
// prettier-ignore
export const drawers: Readonly<Record<DrawerId, Readonly<{ columns: number; ids: readonly KeyId[] }>>> = {
  pad: {
    columns: 6,
    ids: [
      'sqrt', 'square', 'power', 'fraction', 'open', 'close',
      'sin', 'cos', 'tan', 'log', 'ln', 'pi',
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
    columns: 6,
    ids: [
      'factorial', 'nCr', 'nPr', 'percent', 'open', 'close',
      'gcd', 'lcm', 'mod', 'div', 'abs', 'separator',
      'random', 'randint', 'min', 'max', 'sum', 'prod',
    ],
  },
  calculus: {
    columns: 6,
    ids: [
      'integral', 'derivative', 'sum', 'prod', 'open', 'close',
      'k', 'pi', 'infinity', 'power', 'fraction', 'separator',
    ],
  },
  letters: { columns: 7, ids: [...letterIds, 'assign', 'separator'] },
  more: {
    columns: 7,
    ids: [
      'round', 'roundsig', 'floor', 'ceil', 'trunc', 'frac', 'separator',
      'equal', 'unequal', 'less', 'atMost', 'greater', 'atLeast', 'open',
      'and', 'or', 'not', 'cases', 'sign', 'max', 'close',
    ],
  },
};

export const numberBlock: readonly (readonly KeyId[])[] = [
  ['d7', 'd8', 'd9', 'divide', 'deleteLeft', 'ans'],
  ['d4', 'd5', 'd6', 'times', 'percent', 'degree'],
  ['d1', 'd2', 'd3', 'minus', 'factorial', 'tenPower'],
  ['d0', 'point', 'x', 'plus', 'answer'],
];

/** Keys that stand beside the line. */
export const lineKeys: readonly KeyId[] = ['moveLeft', 'moveRight', 'moveUp', 'moveDown', 'undo', 'redo', 'clear'];

/** Keys for what is done more rarely, in the sheet of the line. */
export const rareLineKeys: readonly KeyId[] = ['moveHome', 'moveEnd', 'deleteRight'];
