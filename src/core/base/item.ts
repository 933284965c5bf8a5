/** The item at an index that the list is known to have, from 0. A missing one is a bug. */
export function itemAt<T>(list: ArrayLike<T>, index: number): T {
  if (!(index >= 0 && index < list.length)) throw new RangeError(`no item ${index} in a list of ${list.length}`);
  return list[index] as T;
}

/** The last item of a list that is known to have one. */
export const lastOf = <T>(list: ArrayLike<T>): T => itemAt(list, list.length - 1);

/** What a table is known to hold under a key. A missing entry is a bug. */
export function entryAt<K, V>(table: ReadonlyMap<K, V>, key: K): V {
  const found = table.get(key);
  if (found === undefined && !table.has(key)) throw new RangeError(`no entry for ${String(key)}`);
  return found as V;
}

/** What is known to be there: a quotient by what is not zero, a root of what is not negative. Its absence is a bug. */
export function present<T>(value: T | null | undefined): T {
  if (value === null || value === undefined) throw new TypeError('what must be there is missing');
  return value;
}
