import { lastOf } from '../base/item';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { complex } from '../number/complex';
import { fromRational } from '../number/value';
import type { Scalar } from '../number/value';
import { isProvedNear, steppedTo, wholesIn } from './newton';
import { degreeOf } from './rational-polynomial';
import type { Polynomial } from './rational-polynomial';

const toNumber = (a: Rational): number => Number((a.n * 10n ** 18n) / a.d) / 1e18;

/** All roots in doubles at once (Durand and Kerner): only where to begin. */
function starts(p: Polynomial): readonly (readonly [number, number])[] {
  const lead = toNumber(lastOf(p));
  const cs = p.map((c) => toNumber(c) / lead);
  const n = degreeOf(p);
  // The roots' sizes multiply to that of the constant.
  const size = 1.3 * Math.abs(cs[0] ?? 1) ** (1 / n) || 1.3;
  let zs = Array.from({ length: n }, (_, k): readonly [number, number] => {
    const angle = (2 * Math.PI * k) / n + 0.4;
    return [size * Math.cos(angle), size * Math.sin(angle)];
  });
  const mul = (a: readonly [number, number], b: readonly [number, number]): readonly [number, number] => [
    a[0] * b[0] - a[1] * b[1],
    a[0] * b[1] + a[1] * b[0],
  ];
  for (let round = 0; round < 500; round += 1)
    zs = zs.map((z, i) => {
      const value = cs.reduceRight<readonly [number, number]>(
        (sum, c) => {
          const [re, im] = mul(sum, z);
          return [re + c, im];
        },
        [0, 0],
      );
      const [dr, di] = zs.reduce<readonly [number, number]>(
        (sum, w, j) => (i === j ? sum : mul(sum, [z[0] - w[0], z[1] - w[1]])),
        [1, 0],
      );
      const size = dr * dr + di * di;
      if (size === 0) return z;
      return [z[0] - (value[0] * dr + value[1] * di) / size, z[1] - (value[1] * dr - value[0] * di) / size];
    });
  return zs;
}

/** A root that lies no further than `radius` from the middle, in its real and in its imaginary part. */
export type ComplexRoot = Readonly<{ re: Rational; im: Rational; radius: Rational }>;

/**
 * The complex roots above the real axis of a squarefree polynomial with rational coefficients, each within 10^−places of
 * where it is: Newton's steps in rationals, each root proved by the disc of radius n|p/p'| that holds one (Laguerre;
 * Henrici, Applied and Computational Complex Analysis I, 6.4, from memory). Null when a disc stays too wide, or when two
 * of them meet.
 */
export function complexRootsNear(p: Polynomial, places: number): readonly ComplexRoot[] | null {
  const bits = BigInt(Math.ceil(places * 3.33) + 64);
  const radius: Rational = { n: 1n, d: 10n ** BigInt(places) };
  const steps = Math.ceil(Math.log2(Number(bits))) + 6;
  const cs = wholesIn(p);
  const found: ComplexRoot[] = [];
  for (const [re, im] of starts(p)) {
    if (!(Math.abs(im) > 1e-9) || im < 0) continue;
    const fixed = (x: number): bigint => BigInt(Math.round(x * 2 ** 52)) << (bits - 52n);
    const root = steppedTo(cs, { re: fixed(re), im: fixed(im) }, bits, steps);
    if (root === null || root.im <= 0n) return null;
    const z = { re: q.rational(root.re, 1n << bits), im: q.rational(root.im, 1n << bits) };
    if (!isProvedNear(cs, root, bits, places)) return null;
    const away = (a: Rational, b: Rational): boolean =>
      q.compare(q.magnitude(q.subtract(a, b)), q.multiply(radius, q.whole(2))) > 0;
    if (found.some((other) => !away(other.re, z.re) && !away(other.im, z.im))) return null;
    found.push({ ...z, radius });
  }
  return found;
}

/** The digits to which the solutions of an equation are shown, and more. */
const SHOWN_PLACES = 30;

/** The complex roots in conjugate pairs, to 30 digits; null where they are not proved. */
export function complexRoots(p: Polynomial): readonly Scalar[] | null {
  const found = complexRootsNear(p, SHOWN_PLACES);
  return (
    found?.flatMap(({ re, im }) => [
      complex(fromRational(re), fromRational(q.negate(im))),
      complex(fromRational(re), fromRational(im)),
    ]) ?? null
  );
}
