import { itemAt } from '../base/item';

/** Coefficients for g = 7, nine terms (C. Lanczos, "A precision approximation of the gamma function", 1964; values from memory, checked against the exact route in the tests). */
const LANCZOS = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
  12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
] as const;
const FACTORIALS: readonly number[] = Array.from({ length: 171 }).reduce<number[]>((known, _, n) => {
  known.push(n === 0 ? 1 : itemAt(known, n - 1) * n);
  return known;
}, []);

/** x! = Γ(x + 1) in doubles, to about 14 digits; NaN at negative whole numbers. */
export function factorialDouble(x: number): number {
  if (Number.isInteger(x)) return x < 0 ? NaN : x > 170 ? Infinity : itemAt(FACTORIALS, x);
  // Γ(1 + x)·Γ(1 − x) = πx/sin πx (DLMF 5.5.3).
  if (x < -0.5) return (Math.PI * x) / (Math.sin(Math.PI * x) * factorialDouble(-x));
  const t = x + 7.5;
  const sum = LANCZOS.reduce((total, c, i) => (i === 0 ? c : total + c / (x + i)), 0);
  // The power in two halves, so that it does not overflow before e^−t makes it small.
  const half = Math.pow(t, (x + 0.5) / 2);
  return Math.sqrt(2 * Math.PI) * half * Math.exp(-t) * half * sum;
}
