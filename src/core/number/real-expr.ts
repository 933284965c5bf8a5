import type { RealOp } from './real-op-names';
import { fromWhole } from './value';
import type { RealValue } from './value';

/** An expression in one variable, put together from the operations that balls know: what a sum or an integral works over and over. */
export type RealExpr =
  | Readonly<{ kind: 'value'; value: RealValue }>
  | Readonly<{ kind: 'variable' }>
  | Readonly<{ kind: 'op'; op: RealOp; args: readonly RealExpr[] }>;

export const VARIABLE: RealExpr = { kind: 'variable' };
/** A value that does not depend on the variable. */
export const realValue = (value: RealValue): RealExpr => ({ kind: 'value', value });
/** An operation of the table of recipes on expressions. */
export const op = (name: RealOp, ...args: RealExpr[]): RealExpr => ({ kind: 'op', op: name, args });
/** A whole number as an expression. */
export const wholeNumber = (n: number): RealExpr => realValue(fromWhole(n));

/** a + b as an expression. */
export const plus = (a: RealExpr, b: RealExpr): RealExpr => op('add', a, b);
/** a − b as an expression. */
export const minus = (a: RealExpr, b: RealExpr): RealExpr => op('add', a, op('negate', b));
/** a · b as an expression. */
export const times = (a: RealExpr, b: RealExpr): RealExpr => op('multiply', a, b);
/** a / b as an expression; whoever works it meets a divisor that may be zero. */
export const over = (a: RealExpr, b: RealExpr): RealExpr => op('divide', a, b);
/** √a as an expression, for a ≥ 0 where it is worked. */
export const squareRoot = (a: RealExpr): RealExpr => op('root', a, wholeNumber(2));
