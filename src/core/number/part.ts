import type { RealOp } from './real-ops';
import { fromWhole } from './value';
import type { RealValue } from './value';

/** An expression in one variable, put together from the operations that balls know: what a sum or an integral works over and over. */
export type Part =
  | Readonly<{ kind: 'value'; value: RealValue }>
  | Readonly<{ kind: 'variable' }>
  | Readonly<{ kind: 'op'; op: RealOp; args: readonly Part[] }>;

export const VARIABLE: Part = { kind: 'variable' };
export const valuePart = (value: RealValue): Part => ({ kind: 'value', value });
export const op = (name: RealOp, ...args: Part[]): Part => ({ kind: 'op', op: name, args });
export const wholePart = (n: number): Part => valuePart(fromWhole(n));

export const plus = (a: Part, b: Part): Part => op('add', a, b);
export const minus = (a: Part, b: Part): Part => op('add', a, op('negate', b));
export const times = (a: Part, b: Part): Part => op('multiply', a, b);
export const over = (a: Part, b: Part): Part => op('divide', a, b);
export const squareRoot = (a: Part): Part => op('root', a, wholePart(2));
