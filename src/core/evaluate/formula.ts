import { functionNames } from '../function';
import { parse } from '../language/parse';
import { isScalar } from '../number/value';
import type { Scalar } from '../number/value';
import { contextOf } from './context';
import type { Context } from './context';
import { evaluate } from './evaluate';

/** A formula in typed text, worked exactly with the given values for its letters; null where it has no value. */
export function formula(
  text: string,
  letters: Readonly<Record<string, Scalar>>,
  context: Context,
  isComplex = false,
): Scalar | null {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(`a formula that cannot be read: ${text}`);
  const names = { letters: new Map(Object.entries(letters)) };
  const value = evaluate(reading.value.tree, contextOf({ ...context, complex: isComplex, names }));
  return value.ok && isScalar(value.value) ? value.value : null;
}
