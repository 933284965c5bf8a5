import { keyIds, letterIds } from '@/keys/catalogue';
import type { KeyId } from '@/keys/catalogue';
import { keyTexts } from './keys';

/** What a key is called besides its name and help, in plain words. */
const otherWords: Readonly<Partial<Record<KeyId, string>>> = {
  cbrt: 'third root',
  root: 'fourth root fifth root index any root',
  sqrt: 'second root radical surd',
  square: 'second power exponent two',
  cube: 'third power exponent three',
  power: 'exponent index raise superscript',
  inverse: 'reciprocal one over flip',
  fraction: 'over stroke bar numerator denominator divide ratio',
  mixed: 'whole and fraction mixed number',
  tenPower: 'scientific notation standard form exponent of ten times ten',
  tenTo: 'antilog power of ten',
  eTo: 'exponential natural growth',
  degree: 'angle in degrees to radians convert',
  rad: 'degrees radians convert angle in radians',
  deg: 'radians to degrees convert',
  grad: 'gon convert angle',
  minute: 'arc minutes dms sexagesimal bearing',
  second: 'arc seconds dms sexagesimal',
  mod: 'remainder modulo rest left over division',
  div: 'quotient whole division integer how many times',
  gcd: 'highest common factor hcf greatest divisor',
  lcm: 'least common multiple lowest',
  nCr: 'combinations binomial choose ways',
  nPr: 'permutations arrangements order ways',
  factorial: 'product up to permutations',
  percent: 'per cent hundredth discount tax',
  abs: 'modulus magnitude distance bars size without sign',
  round: 'nearest decimal places',
  roundsig: 'significant figures sig fig',
  floor: 'round down greatest integer',
  ceil: 'round up least integer',
  trunc: 'integer part cut',
  frac: 'decimal part after the point',
  sum: 'sigma add up series total',
  prod: 'product pi multiply series',
  integral: 'integrate area under curve antiderivative',
  derivative: 'differentiate slope gradient rate of change d/dx',
  log: 'logarithm common base ten',
  logBase: 'logarithm other base log base two subscript',
  ln: 'logarithm natural base e',
  asin: 'arcsin inverse sine angle from ratio sin minus one',
  acos: 'arccos inverse cosine angle from ratio cos minus one',
  atan: 'arctan inverse tangent angle from ratio tan minus one',
  ans: 'previous result last answer',
  assign: 'store keep save memory variable equals letter',
  equal: 'equation relation solve same',
  random: 'chance dice probability',
  randint: 'dice random whole number between',
  i: 'imaginary complex root of minus one',
  conj: 'complex conjugate',
  arg: 'complex argument phase',
  re: 'complex real part',
  im: 'complex imaginary part',
  infinity: 'without end unbounded limit',
  cases: 'piecewise if when otherwise',
  minus: 'negative sign change take away',
  deleteLeft: 'erase rub out',
  clear: 'start again erase all',
  undo: 'back mistake',
};

const normal = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '');

/** Something that can be found: its name, and all the words that it is known by. */
export type Findable<T> = Readonly<{ of: T; name: string; all: string }>;

export const findable = <T>(of: T, name: string, ...more: readonly string[]): Findable<T> => ({
  of,
  name: normal(name),
  all: normal([name, ...more].join(' ')),
});

export const keyEntries: readonly Findable<KeyId>[] = keyIds
  .filter((id) => !(letterIds as readonly KeyId[]).includes(id))
  .map((id) => {
    const { say, help } = keyTexts[id];
    return findable(id, say, otherWords[id] ?? '', help, id);
  });

/** Words that say nothing of what is sought. */
const EMPTY = new Set('a an the of to in is how do i what find get for and key where'.split(' '));

/**
 * What fits plain words, the best first: what holds all of them in its name, then anywhere, then what holds most of them.
 */
export function found<T>(entries: readonly Findable<T>[], sought: string, most: number): readonly T[] {
  const all = normal(sought)
    .split(/[^\p{L}\p{N}/]+/u)
    .filter((word) => word !== '');
  const telling = all.filter((word) => !EMPTY.has(word));
  const asked = telling.length > 0 ? telling : all;
  if (asked.length === 0) return [];
  const begins = (text: string, word: string): boolean =>
    new RegExp(`(?:^|[^\\p{L}\\p{N}])${escaped(word)}`, 'u').test(text);
  const scored = entries.map(({ of, name, all: text }) => {
    const hits = asked.filter((word) => begins(text, word)).length;
    const inName = asked.filter((word) => begins(name, word)).length;
    return {
      of,
      score: hits === 0 ? 0 : (hits === asked.length ? 100 : 0) + 10 * hits + 5 * inName - name.length / 100,
    };
  });
  const best = Math.max(...scored.map((s) => s.score));
  return scored
    .filter(({ score }) => score > 0 && (best < 100 || score >= 100))
    .sort((a, b) => b.score - a.score)
    .slice(0, most)
    .map(({ of }) => of);
}

/** Keys that fit plain words. */
export const findKeys = (sought: string): readonly KeyId[] => found(keyEntries, sought, 12);

const escaped = (word: string): string => word.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&');
