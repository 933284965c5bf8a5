import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Generator } from '@/core/chance/drawing';

/** A whole number as it is; of any other text, its sum by FNV-1a (G. Fowler, L. C. Noll, K.-P. Vo, from memory). */
function seedOf(text: string): number {
  const written = text.trim();
  if (/^\d{1,9}$/.test(written)) return Number(written);
  let hash = 0x811c9dc5;
  for (const sign of written) hash = Math.imul(hash ^ (sign.codePointAt(0) ?? 0), 0x01000193);
  return hash;
}

const LOW_BITS = 2 ** 26;

/** What is drawn from a seed: by xoroshiro128+ (D. Blackman, S. Vigna), a package's. */
export function generatorOf(seed: string): Generator {
  const rng = xoroshiro128plus(seedOf(seed));
  return {
    below: (n) => uniformInt(rng, 0, n - 1),
    share: () => ((rng.next() >>> 5) * LOW_BITS + (rng.next() >>> 6) + 0.5) / 2 ** 53,
  };
}
