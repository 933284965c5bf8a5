import { lastOf } from '../base/item';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { complex } from '../number/complex';
import { fromRational } from '../number/value';
import type { Scalar } from '../number/value';
import { degreeOf, derivative } from './rational-polynomial';
import type { Polynomial } from './rational-polynomial';

type Point = Readonly<{ re: Rational; im: Rational }>;

/** What is dropped after so many bits behind the point is corrected by the next step. */
const cut = (a: Rational, bits: bigint): Rational => q.rational((a.n << bits) / a.d, 1n << bits);
const rounded = ({ re, im }: Point, bits: bigint): Point => ({ re: cut(re, bits), im: cut(im, bits) });

const times = (a: Point, b: Point): Point => ({
  re: q.subtract(q.multiply(a.re, b.re), q.multiply(a.im, b.im)),
  im: q.add(q.multiply(a.re, b.im), q.multiply(a.im, b.re)),
});

const squared = ({ re, im }: Point): Rational => q.add(q.multiply(re, re), q.multiply(im, im));

function over(a: Point, b: Point): Point {
  const size = squared(b);
  const { re, im } = times(a, { re: b.re, im: q.negate(b.im) });
  return { re: q.divide(re, size), im: q.divide(im, size) };
}

const valueAt = (p: Polynomial, z: Point): Point =>
  p.reduceRight<Point>(
    (sum, c) => {
      const { re, im } = times(sum, z);
      return { re: q.add(re, c), im };
    },
    { re: q.ZERO, im: q.ZERO },
  );

const toNumber = (a: Rational): number => Number((a.n * 10n ** 18n) / a.d) / 1e18;

/** All roots in doubles at once (Durand and Kerner): only where to begin. */
function starts(p: Polynomial): readonly (readonly [number, number])[] {
  const lead = toNumber(lastOf(p));
  const cs = p.map((c) => toNumber(c) / lead);
  const n = degreeOf(p);
  let zs = Array.from({ length: n }, (_, k): readonly [number, number] => {
    const angle = (2 * Math.PI * k) / n + 0.4;
    return [1.3 * Math.cos(angle), 1.3 * Math.sin(angle)];
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
  const slope = derivative(p);
  const n = q.whole(degreeOf(p));
  const bits = BigInt(Math.ceil(places * 3.33) + 40);
  const radius: Rational = { n: 1n, d: 10n ** BigInt(places) };
  const steps = Math.ceil(Math.log2(Number(bits))) + 3;
  const found: ComplexRoot[] = [];
  for (const [re, im] of starts(p)) {
    if (!(Math.abs(im) > 1e-9) || im < 0) continue;
    const scale = 1n << 60n;
    const exact = (x: number): Rational => q.rational(BigInt(Math.round(x * 2 ** 60)), scale);
    let z: Point = { re: exact(re), im: exact(im) };
    for (let i = 0; i < steps; i += 1) {
      const step = over(valueAt(p, z), valueAt(slope, z));
      z = rounded({ re: q.subtract(z.re, step.re), im: q.subtract(z.im, step.im) }, bits);
    }
    const disc = over(valueAt(p, z), valueAt(slope, z));
    if (q.compare(q.multiply(squared(disc), q.multiply(n, n)), q.multiply(radius, radius)) > 0) return null;
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
