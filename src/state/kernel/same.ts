/** What differs only this deep inside counts as different: a value is a recipe that may be deep. */
const DEEPEST = 12;

/**
 * Whether two pieces of the document say the same. What both share is not looked into, so that this takes as long as what
 * is new in one of them.
 */
export function isSame(a: unknown, b: unknown, depth = 0): boolean {
  if (Object.is(a, b)) return true;
  if (depth === DEEPEST || typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((item, i) => isSame(item, b[i], depth + 1));
  const [here, there] = [a as Record<string, unknown>, b as Record<string, unknown>];
  const keys = Object.keys(here);
  return (
    keys.length === Object.keys(there).length &&
    keys.every((key) => Object.hasOwn(there, key) && isSame(here[key], there[key], depth + 1))
  );
}
