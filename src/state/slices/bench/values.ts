import { decode } from '@/core/notebook/value-codec';
import type { SavedValue } from '@/core/notebook/value-codec';
import type { Value } from '@/core/number/value';

const known = new WeakMap<SavedValue, Value>();

/** The value of saved data, decoded once for each object, so that one letter is one value throughout a line. */
export function valueOf(saved: SavedValue): Value | null {
  const before = known.get(saved);
  if (before !== undefined) return before;
  const value = decode(saved);
  if (value !== null) known.set(saved, value);
  return value;
}
