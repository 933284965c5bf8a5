import { gcd } from '../../number/integer';
import { plus, term } from '../exercise';
import type { Draw, Exercise, Series } from '../exercise';

const work = (shown: string, form: Exercise['form']): Exercise => ({ ask: 'work', shown, key: shown, form });

/** The order of operations, with signs. */
export const order: Series = {
  id: 'order',
  draw: (draw, level) => {
    const small = (): number => draw.whole(2, 9);
    if (level === 1)
      return work(
        draw.whole(0, 1) === 0 ? `${small()}+${small()}*${small()}` : `${small() * 9}-${small()}*${small()}`,
        'whole',
      );
    const [a, b, c] = [draw.signed(9), draw.signed(9), draw.signed(9)];
    if (level === 2)
      return work(
        draw.of([
          `${a}${plus(b)}*${term(c)}`,
          `${a}-${term(b)}*${small()}`,
          `(${a}${plus(b)})*${term(c)}`,
          `${a * b}/${term(b)}-${small()}`,
        ]),
        'whole',
      );
    return work(
      draw.of([
        `-${small()}^2${plus(a)}*${term(b)}`,
        `${a}-(${b}${plus(c)})*${small()}`,
        `${small()}*(${a}${plus(b)})^2`,
        `(${a}-${term(b)})*${term(c)}-${small()}^2`,
      ]),
      'whole',
    );
  },
};

/** A proper fraction in lowest terms. */
function fraction(draw: Draw, most: number): readonly [n: number, d: number] {
  const d = draw.whole(2, most);
  const n = draw.whole(1, d - 1);
  const common = Number(gcd(BigInt(n), BigInt(d)));
  return [n / common, d / common];
}

export const fractions: Series = {
  id: 'fractions',
  draw: (draw, level) => {
    const most = [6, 10, 12][level - 1] ?? 12;
    const [[a, b], [c, d]] = [fraction(draw, most), fraction(draw, most)];
    const op = draw.of(['+', '-', '*', '÷']);
    const first = level === 3 ? `(${draw.whole(1, 5)}+${a}/${b})` : `${a}/${b}`;
    const second = op === '÷' || op === '*' ? `(${c}/${d})` : `${c}/${d}`;
    return work(`${first}${op}${second}`, 'lowest');
  },
};

/** Denominators whose fractions end as decimals. */
const ENDING = [2, 4, 5, 8, 10, 16, 20, 25, 40, 50] as const;

const decimal = (n: number, d: number): string => String(Math.round((n / d) * 1e6) / 1e6);

export const conversions: Series = {
  id: 'conversions',
  draw: (draw, level) => {
    const d = draw.of(level === 1 ? ENDING.slice(0, 5) : ENDING);
    const n = draw.whole(1, d - 1) + (level === 3 ? d * draw.whole(1, 3) : 0);
    const [text, quotient] = [decimal(n, d), `${n}/${d}`];
    const percent = `${decimal(n * 100, d)}%`;
    const as = (ask: Exercise['ask'], shown: string, form: Exercise['form']): Exercise => ({
      ask,
      shown,
      key: shown,
      form,
    });
    return draw.of([
      as('as-decimal', quotient, 'decimal'),
      as('as-fraction', text, 'lowest'),
      as('as-percent', level === 1 ? text : quotient, 'percent'),
      as('as-fraction', percent, 'lowest'),
      level === 3 ? as('as-mixed', quotient, 'mixed') : as('as-decimal', percent, 'decimal'),
    ]);
  },
};

export const rounding: Series = {
  id: 'rounding',
  draw: (draw, level) => {
    const places = draw.whole(level === 1 ? 0 : 1, level === 1 ? 1 : 3);
    const digits = places + draw.whole(1, level === 3 ? 3 : 2);
    const whole = draw.whole(0, level === 1 ? 99 : 999);
    // Nines on the way, now and then, so that a digit is carried over.
    const decimals = Array.from({ length: digits }, () => (draw.whole(0, 3) === 0 ? 9 : draw.whole(0, 9)));
    if (decimals.at(-1) === 0) decimals[digits - 1] = 5;
    const shown = `${whole}.${decimals.join('')}`;
    return { ask: 'round', shown, key: `round(${shown},${places})`, form: `places ${places}` };
  },
};

/** Percents one after the other, so that each is of what came before. */
export const percents: Series = {
  id: 'percents',
  draw: (draw, level) => {
    const whole = draw.whole(2, level === 1 ? 20 : 60) * 10;
    const by = (): number => draw.of([5, 10, 15, 20, 25, 30, 40, 50]);
    const change = (): string => `${draw.of(['+', '-'])}${by()}%`;
    if (level === 1) return work(`${whole}*${by()}%`, 'number');
    if (level === 2) return work(`${whole}${change()}`, 'number');
    return work(`${whole}${change()}${change()}`, 'number');
  },
};
