import type { DecimalSign } from '@/core/language/numerals';

/** A double as a decimal with no more digits than the span it ends needs. */
function decimal(v: number, span: number, sign: DecimalSign): string {
  const places = Math.max(0, Math.min(12, 3 - Math.floor(Math.log10(span))));
  const text = Math.abs(v) >= 1e15 ? String(v) : v.toFixed(places);
  const plain = text.includes('.') ? text.replace(/\.?0+$/, '') : text;
  return (plain === '-0' ? '0' : plain).replace('.', sign);
}

/** A multiple of π as typed text, or null when it is none with a small denominator. */
function ofPi(v: number): string | null {
  for (const d of [1, 2, 3, 4, 6, 12]) {
    const n = (v / Math.PI) * d;
    const whole = Math.round(n);
    if (Math.abs(n - whole) > 1e-9) continue;
    if (whole === 0) return '0';
    const top = whole === 1 ? 'pi' : whole === -1 ? '-pi' : `${whole}pi`;
    return d === 1 ? top : `${top}/${d}`;
  }
  return null;
}

/** The two ends of an axis as they can be typed. */
export function ends(from: number, to: number, ticks: 'decimal' | 'pi', sign: DecimalSign): readonly [string, string] {
  const text = (v: number): string => (ticks === 'pi' ? ofPi(v) : null) ?? decimal(v, to - from, sign);
  return [text(from), text(to)];
}
