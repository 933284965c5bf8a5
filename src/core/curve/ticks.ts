/** Where an axis is marked: `at` in units of the axis, and what is written there. */
export type Tick = Readonly<{ at: number; text: string }>;
export type Ticks = Readonly<{ step: number; finer: number; marks: readonly Tick[] }>;

/** Steps of decimal axes, each with the number of parts that the finer lines divide it into. */
const DECIMAL = [
  [1, 5],
  [2, 4],
  [5, 5],
] as const;

/** Steps of axes in multiples of π, as fractions of it, with the parts of the finer lines. */
const OF_PI = [
  [1, 24, 2],
  [1, 12, 2],
  [1, 6, 2],
  [1, 4, 3],
  [1, 2, 2],
  [1, 1, 4],
  [2, 1, 4],
  [5, 1, 5],
  [10, 1, 5],
  [20, 1, 4],
  [50, 1, 5],
  [100, 1, 5],
] as const;

const MOST_MARKS = 200;

/** k·m·10^e as a decimal with a true minus sign. */
function decimalText(n: number, exponent: number, sign: string): string {
  if (n === 0) return '0';
  const digits = String(Math.abs(n));
  const minus = n < 0 ? '−' : '';
  if (exponent >= 0 && digits.length + exponent <= 6) return minus + digits + '0'.repeat(exponent);
  if (exponent < 0 && exponent >= -6) {
    const padded = digits.padStart(1 - exponent, '0');
    const cut = padded.length + exponent;
    const decimals = padded.slice(cut).replace(/0+$/, '');
    return minus + padded.slice(0, cut) + (decimals === '' ? '' : sign + decimals);
  }
  const plain = digits.replace(/0+$/, '');
  const power = exponent + digits.length - 1;
  const rest = plain.slice(1);
  return `${minus}${plain[0]}${rest === '' ? '' : sign + rest}·10${superscript(power)}`;
}

/** A number that is a mark of an axis as it is written there, to twelve digits. Domain: finite. */
export function tickText(v: number, decimalSign: string): string {
  const [digits = '0', power = '0'] = v
    .toExponential(11)
    .replace(/\.?0*e/, 'e')
    .split('e');
  const decimals = digits.split('.')[1]?.length ?? 0;
  return decimalText(Number(digits.replace('.', '')), Number(power) - decimals, decimalSign);
}

const superscript = (n: number): string =>
  [...String(n)].map((c) => '⁻⁰¹²³⁴⁵⁶⁷⁸⁹'.charAt('-0123456789'.indexOf(c))).join('');

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** n/d of π in lowest terms. */
function piText(n: number, d: number): string {
  if (n === 0) return '0';
  const g = gcd(Math.abs(n), d);
  const [top, bottom] = [Math.abs(n) / g, d / g];
  return `${n < 0 ? '−' : ''}${top === 1 ? '' : top}π${bottom === 1 ? '' : `/${bottom}`}`;
}

/** Every whole multiple of a step between two numbers, counted in whole numbers so that nothing adds up. */
function multiples(from: number, to: number, step: number): readonly number[] {
  const [first, last] = [Math.ceil(from / step - 1e-9), Math.floor(to / step + 1e-9)];
  const count = Math.min(MOST_MARKS, Math.max(0, last - first + 1));
  return Array.from({ length: count }, (_, i) => first + i || 0);
}

/**
 * Marks of an axis between two numbers, some `least` units or more apart: at whole, double or five-fold powers of ten,
 * or at simple multiples of π. Domain: from < to, least > 0.
 */
export function ticksOf(from: number, to: number, least: number, kind: 'decimal' | 'pi', decimalSign: string): Ticks {
  if (kind === 'pi') {
    const found = OF_PI.find(([n, d]) => (n / d) * Math.PI >= least);
    if (found !== undefined) {
      const [n, d, parts] = found;
      const step = (n / d) * Math.PI;
      const marks = multiples(from, to, step).map((k) => ({ at: (k * n * Math.PI) / d, text: piText(k * n, d) }));
      return { step, finer: step / parts, marks };
    }
  }
  let exponent = Math.floor(Math.log10(least));
  for (;;) {
    for (const [m, parts] of DECIMAL) {
      const step = exponent >= 0 ? m * 10 ** exponent : m / 10 ** -exponent;
      if (step < least) continue;
      const marks = multiples(from, to, step).map((k) => ({
        at: exponent >= 0 ? k * m * 10 ** exponent : (k * m) / 10 ** -exponent,
        text: decimalText(k * m, exponent, decimalSign),
      }));
      return { step, finer: step / parts, marks };
    }
    exponent += 1;
  }
}
