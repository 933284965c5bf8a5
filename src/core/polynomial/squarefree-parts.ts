import * as q from '../number/rational';
import { commonDivisor, degreeOf, derivative, divided, primitive } from './rational-polynomial';
import type { Polynomial } from './rational-polynomial';

/** A factor without a double root, and how often it stands in the whole. */
export type Part = Readonly<{ part: Polynomial; multiplicity: number }>;

const quotient = (a: Polynomial, b: Polynomial): Polynomial => (degreeOf(b) < 1 ? a : divided(a, b).quotient);
const less = (a: Polynomial, b: Polynomial): Polynomial => {
  const length = Math.max(a.length, b.length);
  const sum = Array.from({ length }, (_, i) => q.subtract(a[i] ?? q.ZERO, b[i] ?? q.ZERO));
  let end = sum.length;
  while (end > 0 && q.isZero(sum[end - 1] ?? q.ZERO)) end -= 1;
  return sum.slice(0, end);
};

/**
 * A polynomial as a product of powers of polynomials that have each of their roots once, and none in common (D. Y. Y.
 * Yun, On square-free decomposition algorithms, 1976, from memory). Exact; a constant factor is left out.
 */
export function squarefreeParts(p: Polynomial): readonly Part[] {
  if (degreeOf(p) < 1) return [];
  const parts: Part[] = [];
  const slope = derivative(p);
  const shared = commonDivisor(p, slope);
  let b = quotient(p, shared);
  let c = quotient(slope, shared);
  let d = less(c, derivative(b));
  for (let multiplicity = 1; degreeOf(b) > 0; multiplicity += 1) {
    const part = d.length === 0 ? primitive(b) : commonDivisor(b, d);
    if (degreeOf(part) > 0) parts.push({ part: primitive(part), multiplicity });
    b = quotient(b, part);
    c = quotient(d, part);
    d = less(c, derivative(b));
  }
  return parts;
}
