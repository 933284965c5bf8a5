import { functionNames } from '../function';
import { parse } from '../language/parse';
import type { Value } from '../number/value';
import { contextOf } from './context';
import type { Context } from './context';
import { evaluate } from './evaluate';

/** A formula in typed text, worked exactly with the given values for its letters; null where it has no value. */
export function formula(
  text: string,
  letters: Readonly<Record<string, Value>>,
  context: Context,
  isComplex = false,
): Value | null {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(`a formula that cannot be read: ${text}`);
  const names = { letters: new Map(Object.entries(letters)) };
  const value = evaluate(reading.value.tree, contextOf({ ...context, complex: isComplex, names }));
  return value.ok ? value.value : null;
}
