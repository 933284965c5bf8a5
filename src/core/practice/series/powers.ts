import { term } from '../exercise';
import type { Draw, Exercise, Series } from '../exercise';

const work = (shown: string, form: Exercise['form'] = 'whole'): Exercise => ({ ask: 'work', shown, key: shown, form });

/** Squares up to that of 20, and their roots. */
export const squares: Series = {
  id: 'squares',
  draw: (draw, level) => {
    const n = draw.whole(2, level === 1 ? 12 : 20);
    if (level === 3 && draw.whole(0, 2) === 0) return work(`-${n}^2`);
    if (level === 3 && draw.whole(0, 1) === 0) return work(`(-${n})^2`);
    return draw.whole(0, 1) === 0 ? work(`${n}^2`) : work(`sqrt(${n * n})`);
  },
};

export const cubes: Series = {
  id: 'cubes',
  draw: (draw, level) => {
    const n = draw.whole(2, [5, 8, 10][level - 1] ?? 10);
    const isNegative = level === 3 && draw.whole(0, 1) === 0;
    const text = isNegative ? `-${n}` : `${n}`;
    return draw.whole(0, 1) === 0
      ? work(isNegative ? `(${text})^3` : `${text}^3`)
      : work(`cbrt(${(isNegative ? -1 : 1) * n ** 3})`);
  },
};

export const powers: Series = {
  id: 'powers',
  draw: (draw, level) => {
    if (level === 3) {
      const [base, n, k] = [draw.of([2, 3, 4, 8, 9, 16, 25, 27]), draw.whole(1, 3), draw.of([2, 3])];
      const power = base ** n;
      return draw.whole(0, 1) === 0
        ? work(`${power}^(1/${k})*${power}^(${k - 1}/${k})`)
        : work(`${base}^-${n}`, 'lowest');
    }
    const base = draw.whole(2, level === 1 ? 5 : 10);
    const most = base === 2 ? 10 : base === 3 ? 5 : base <= 5 ? 4 : 3;
    const sign = level === 2 && draw.whole(0, 2) === 0 ? -1 : 1;
    return work(`${term(sign * base)}^${draw.whole(0, most)}`);
  },
};

/** The square-free numbers that stay under a root. */
const RADICANDS = [2, 3, 5, 6, 7, 10, 11, 13, 14, 15] as const;

export const surds: Series = {
  id: 'surds',
  draw: (draw, level) => {
    const simplify = (shown: string): Exercise => ({ ask: 'simplify-root', shown, key: shown, form: 'exact' });
    const root = draw.of(RADICANDS);
    const [a, b] = [draw.whole(2, 9), draw.whole(2, 9)];
    if (level === 1) return simplify(`sqrt(${a * a * root})`);
    if (level === 2) {
      if (draw.whole(0, 1) === 0) return simplify(`sqrt(${a * a * root})+sqrt(${b * b * root})`);
      const other = draw.of(RADICANDS);
      return simplify(`sqrt(${root * a})*sqrt(${other * a})`);
    }
    if (draw.whole(0, 1) === 0) return simplify(`${a}/sqrt(${root})`);
    return simplify(`(${a}+sqrt(${root}))*(${b}-sqrt(${root}))`);
  },
};

/** Digits of a mantissa with a first digit that is not 0. */
const mantissa = (draw: Draw): string => {
  const [first, rest] = [draw.whole(1, 9), draw.whole(0, 99)];
  return rest === 0 ? `${first}` : `${first}.${String(rest).padStart(2, '0').replace(/0$/, '')}`;
};

export const powersOfTen: Series = {
  id: 'powers-of-ten',
  draw: (draw, level) => {
    if (level === 1) {
      const [n, by] = [mantissa(draw), draw.whole(1, 4)];
      return work(draw.whole(0, 1) === 0 ? `${n}*10^${by}` : `${n}/10^${by}`, 'decimal');
    }
    if (level === 2) {
      const [digits, exponent] = [`${draw.whole(11, 999)}`, draw.whole(-5, 6)];
      const shown =
        exponent >= 0 ? digits + '0'.repeat(exponent) : `0.${digits.padStart(-exponent + digits.length - 1, '0')}`;
      return { ask: 'as-power-of-ten', shown, key: shown, form: 'scientific' };
    }
    const [a, b] = [draw.whole(2, 9), draw.whole(2, 9)];
    const m = draw.signed(7);
    // A power of ten is left over, whatever the product of the numbers before it.
    const n = draw.of([-6, -5, -4, -3, -2, 2, 3, 4, 5, 6].filter((k) => k !== -m && k !== -m - 1));
    const shown = `(${a}*10^${m})*(${b}*10^${n})`;
    return { ask: 'as-power-of-ten', shown, key: shown, form: 'scientific' };
  },
};

export const logarithms: Series = {
  id: 'logarithms',
  draw: (draw, level) => {
    const base = draw.of(level === 1 ? [2, 10] : [2, 3, 4, 5, 10]);
    const n = draw.whole(1, base === 2 ? 8 : base === 10 ? 6 : 4);
    const log = (of: string): Exercise => work(base === 10 ? `log(${of})` : `log(${of},${base})`, 'lowest');
    if (level === 1) return log(`${base ** n}`);
    if (level === 2) return draw.whole(0, 1) === 0 ? log(`1/${base ** n}`) : log(`${base ** n}`);
    const k = draw.of([2, 3]);
    return draw.whole(0, 1) === 0 ? log(k === 2 ? `sqrt(${base ** n})` : `cbrt(${base ** n})`) : log(`${base}^-${n}`);
  },
};
