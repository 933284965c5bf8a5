/** The item at an index that the list is known to have; a negative index counts from its end. A missing one is a bug. */
export function itemAt<T>(list: readonly T[], index: number): T {
  const at = index < 0 ? list.length + index : index;
  if (!(at in list)) throw new RangeError(`no item ${index} in a list of ${list.length}`);
  return list[at] as T;
}
