import { itemAt } from '@/core/base/item';

/** Runs in a second, from as many rounds as fit in the time given. */
export function rate(work: () => void, ms = 300): number {
  work();
  const start = performance.now();
  let rounds = 0;
  while (performance.now() - start < ms) {
    work();
    rounds += 1;
  }
  return (1000 * rounds) / (performance.now() - start);
}

/** The middle one of several measurements, taken in turn so that a slow moment does not fall on one side only. */
export function medians(works: readonly (() => void)[], rounds = 5, ms = 200): readonly number[] {
  const rates = works.map(() => [] as number[]);
  for (let i = 0; i < rounds; i += 1) for (const [k, work] of works.entries()) itemAt(rates, k).push(rate(work, ms));
  return rates.map((all) =>
    itemAt(
      all.sort((a, b) => a - b),
      rounds >> 1,
    ),
  );
}
