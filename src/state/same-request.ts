/**
 * Whether two requests ask the same: plain data, lists, maps and values compared by what is in them. What both share is
 * not looked into, and long lists are the same only when they are one: the document shares what did not change.
 */
export function isSameRequest(a: unknown, b: unknown, depth = 0): boolean {
  if (Object.is(a, b)) return true;
  if (depth === DEEPEST || typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) || Array.isArray(b)) return Array.isArray(a) && Array.isArray(b) && areSameLists(a, b, depth);
  if (a instanceof Map || b instanceof Map) return a instanceof Map && b instanceof Map && areSameMaps(a, b, depth);
  const keys = Object.keys(a);
  return (
    keys.length === Object.keys(b).length &&
    keys.every(
      (key) =>
        Object.hasOwn(b, key) &&
        isSameRequest((a as Record<string, unknown>)[key], (b as Record<string, unknown>)[key], depth + 1),
    )
  );
}

/** Values of letters are recipes that share their parts, and may be deep; each is decoded once, and is then one object. */
const DEEPEST = 4;

/** A list that is longer than this is a column's, which the document shares as long as it is the same. */
const LONG = 1000;

const areSameLists = (a: readonly unknown[], b: readonly unknown[], depth: number): boolean =>
  a.length === b.length && a.length <= LONG && a.every((item, i) => isSameRequest(item, b[i], depth + 1));

const areSameMaps = (a: ReadonlyMap<unknown, unknown>, b: ReadonlyMap<unknown, unknown>, depth: number): boolean =>
  a.size === b.size && [...a].every(([key, value]) => b.has(key) && isSameRequest(value, b.get(key), depth + 1));
