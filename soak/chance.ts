/** Chance that can be had again: the same seed gives the same draws (mulberry32, public domain, from memory). */
export type Chance = Readonly<{
  /** A whole number from 0 up to, but not, `below`. */
  below: (below: number) => number;
  pick: <T>(from: readonly T[]) => T;
  /** True in one of so many cases. */
  once: (in_: number) => boolean;
}>;

export function chanceOf(seed: number): Chance {
  let state = seed >>> 0;
  const next = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
  const below = (n: number): number => Math.floor(next() * n);
  return { below, pick: (from) => from[below(from.length)]!, once: (n) => below(n) === 0 };
}
