import type { RealOp } from './real-ops';
import { fromWhole } from './value';
import type { RealValue } from './value';

/** An expression in one variable, put together from the operations that balls know: what a sum or an integral works over and over. */
export type RealExpr =
  | Readonly<{ kind: 'value'; value: RealValue }>
  | Readonly<{ kind: 'variable' }>
  | Readonly<{ kind: 'op'; op: RealOp; args: readonly RealExpr[] }>;

export const VARIABLE: RealExpr = { kind: 'variable' };
export const realValue = (value: RealValue): RealExpr => ({ kind: 'value', value });
export const op = (name: RealOp, ...args: RealExpr[]): RealExpr => ({ kind: 'op', op: name, args });
export const wholeNumber = (n: number): RealExpr => realValue(fromWhole(n));

export const plus = (a: RealExpr, b: RealExpr): RealExpr => op('add', a, b);
export const minus = (a: RealExpr, b: RealExpr): RealExpr => op('add', a, op('negate', b));
export const times = (a: RealExpr, b: RealExpr): RealExpr => op('multiply', a, b);
export const over = (a: RealExpr, b: RealExpr): RealExpr => op('divide', a, b);
export const squareRoot = (a: RealExpr): RealExpr => op('root', a, wholeNumber(2));
