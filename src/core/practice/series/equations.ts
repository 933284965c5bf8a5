import { plus, term } from '../exercise';
import type { Series } from '../exercise';

/** a with x behind it: 1x is x, −1x is −x. */
const times = (a: number, x = 'x'): string => (a === 1 ? x : a === -1 ? `-${x}` : `${a}${x}`);

/** A further term with x, with its sign. */
const plusTimes = (a: number): string => (a < 0 ? times(a) : `+${times(a)}`);

export const linear: Series = {
  id: 'linear',
  draw: (draw, level) => {
    const a = draw.of([2, 3, 4, 5, 6, 7, 8, 9]);
    const b = draw.signed(12);
    if (level === 1) {
      const x = draw.whole(1, 9);
      const c = a * x + b;
      return { ask: 'solve', shown: `${times(a)}${plus(b)}=${c}`, key: `(${c}-${term(b)})/${a}`, form: 'lowest' };
    }
    const d = draw.signed(15);
    if (level === 2)
      return { ask: 'solve', shown: `${times(a)}${plus(b)}=${d}`, key: `(${d}-${term(b)})/${a}`, form: 'lowest' };
    // The two sides are never parallel.
    const c = draw.of([-3, -2, -1, 1, 2, 3, 4, 5].filter((n) => n !== a));
    return {
      ask: 'solve',
      shown: `${times(a)}${plus(b)}=${times(c)}${plus(d)}`,
      key: `(${d}-${term(b)})/(${a}-${term(c)})`,
      form: 'lowest',
    };
  },
};

export const quadratic: Series = {
  id: 'quadratic',
  draw: (draw, level) => {
    const p = level === 1 ? draw.whole(1, 9) : draw.signed(9);
    // Two solutions that differ, so that one of them is the larger.
    const q = draw.of([-7, -6, -5, -4, -3, -2, -1, 1, 2, 3, 4, 5, 6, 7].filter((n) => n !== p && n !== -p));
    const a = level === 3 ? draw.of([2, 3]) : 1;
    const [b, c] = [-a * (p + q), a * p * q];
    const ask = draw.of(['larger-solution', 'smaller-solution'] as const);
    const middle = b === 0 ? '' : plusTimes(b);
    const root = `sqrt(${term(b)}^2-4*${a}*${term(c)})`;
    return {
      ask,
      shown: `${times(a, 'x^2')}${middle}${plus(c)}=0`,
      key: `(${-b}${ask === 'larger-solution' ? '+' : '-'}${root})/(2*${a})`,
      form: 'lowest',
    };
  },
};

/** A graph to be read: values, zeros, slopes of lines, lowest points of parabolas. */
export const graph: Series = {
  id: 'graph',
  draw: (draw, level) => {
    const at = draw.whole(-4, 4);
    if (level === 1) {
      const [a, b] = [draw.of([-2, -1, 1, 2]), draw.whole(-3, 3)];
      const curve = `${times(a)}${b === 0 ? '' : plus(b)}`;
      if (draw.whole(0, 1) === 0) return { ask: 'graph-slope', shown: '', key: `${a}`, form: 'number', curve };
      return { ask: 'graph-value', shown: '', key: `${a}*${term(at)}${plus(b)}`, form: 'number', curve, at: `${at}` };
    }
    const [p, q] = [draw.whole(-3, 3), draw.whole(-4, 2)];
    if (level === 2) {
      const [a, zero] = [draw.of([-2, -1, 1, 2]), draw.whole(-4, 4)];
      return {
        ask: 'graph-zero',
        shown: '',
        key: `${zero}`,
        form: 'number',
        curve: `${a === -1 ? '-' : a === 1 ? '' : a}(x${plus(-zero)})`,
      };
    }
    const curve = `(x${plus(-p)})^2${plus(q)}`;
    if (draw.whole(0, 1) === 0) return { ask: 'graph-lowest', shown: '', key: `${p}`, form: 'number', curve };
    const x = p + draw.of([-2, -1, 1, 2]);
    return { ask: 'graph-value', shown: '', key: `(${x}-${term(p)})^2${plus(q)}`, form: 'number', curve, at: `${x}` };
  },
};

/** Mean and median of a few numbers. */
export const averages: Series = {
  id: 'averages',
  draw: (draw, level) => {
    const count = level === 1 ? 3 : level === 2 ? draw.whole(4, 5) : draw.whole(5, 6);
    const fn = draw.of(['mean', 'median']);
    const numbers = Array.from({ length: count }, () => (level === 3 ? draw.whole(-9, 20) : draw.whole(1, 20)));
    const shown = `${fn}([${numbers.join(',')}])`;
    return { ask: 'work', shown, key: shown, form: 'number' };
  },
};
