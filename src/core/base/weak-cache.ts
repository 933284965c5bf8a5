/**
 * Engines tell objects apart by twenty bits: a weak map that has taken in more than a million between two collections of
 * garbage finds nothing in reasonable time any more, and a page or a worker may live for days.
 */
const MOST_ENTRIES = 100_000;

/**
 * What was worked out for objects that do not change, known as long as they live, or until much else was worked out: then
 * it begins anew when it is next asked to, so what was put in since stays until then.
 */
export class WeakCache<K extends WeakKey, V> {
  private known = new WeakMap<K, V>();
  private entries = 0;

  get(key: K): V | undefined {
    return this.known.get(key);
  }

  set(key: K, value: V): V {
    this.entries += 1;
    this.known.set(key, value);
    return value;
  }

  /** Called before a piece of work that looks up what it has put in itself. */
  makeRoom(): void {
    if (this.entries < MOST_ENTRIES) return;
    this.known = new WeakMap();
    this.entries = 0;
  }
}
