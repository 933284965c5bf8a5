/**
 * The simplest fraction between two doubles, ends included: the one with the smallest denominator (continued
 * fractions). Domain: a ≤ b.
 */
export function simplestBetween(a: number, b: number): number {
  if (a <= 0 && b >= 0) return 0;
  if (a < 0) return -simplestBetween(-b, -a);
  const [n, d] = simplest(a, b, 40);
  const value = n / d;
  return value >= a && value <= b ? value : a + (b - a) / 2;
}

function simplest(a: number, b: number, left: number): readonly [number, number] {
  const whole = Math.ceil(a);
  if (whole <= b || left === 0) return [whole <= b ? whole : Math.floor(a), 1];
  const below = Math.floor(a);
  const [n, d] = simplest(1 / (b - below), 1 / (a - below), left - 1);
  return [below * n + d, n];
}
