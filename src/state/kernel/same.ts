/** How far two things are looked into: levels inside each other, and items of a list. What lies beyond counts as different. */
type Reach = Readonly<{ deepest: number; longest: number }>;

/**
 * Whether two pieces of plain data (objects, lists, maps) say the same. What both share is not looked into, so that this
 * takes as long as what is new in one of them.
 */
export function isAlike(a: unknown, b: unknown, { deepest, longest }: Reach): boolean {
  const same = (x: unknown, y: unknown, depth: number): boolean => {
    if (Object.is(x, y)) return true;
    if (depth === deepest || typeof x !== 'object' || typeof y !== 'object' || x === null || y === null) return false;
    if (Array.isArray(x) || Array.isArray(y))
      return (
        Array.isArray(x) &&
        Array.isArray(y) &&
        x.length === y.length &&
        x.length <= longest &&
        x.every((item, i) => same(item, y[i], depth + 1))
      );
    if (x instanceof Map || y instanceof Map)
      return (
        x instanceof Map &&
        y instanceof Map &&
        x.size === y.size &&
        [...x].every(([key, value]) => y.has(key) && same(value, y.get(key), depth + 1))
      );
    const [here, there] = [x as Record<string, unknown>, y as Record<string, unknown>];
    const keys = Object.keys(here);
    return (
      keys.length === Object.keys(there).length &&
      keys.every((key) => Object.hasOwn(there, key) && same(here[key], there[key], depth + 1))
    );
  };
  return same(a, b, 0);
}

/** Whether two pieces of the document say the same: a value in them is a recipe that may be deep. */
export const isSame = (a: unknown, b: unknown): boolean => isAlike(a, b, { deepest: 12, longest: Infinity });
