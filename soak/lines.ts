import { functionNames } from '@/core/function';
import type { Chance } from './chance';

/* Lines that a hand, a link or a file could bring: what is plausible, what is broken, and what is meant to hurt. */

const PIECES = [
  ...['1', '2', '3', '7', '0', '10', '0.5', '1/3', '2.83̅', '1E400', '1E-400', '1e999999', '9^9', '20!', '123456789'],
  ...['x', 'y', 'A', 'B', 'Z', 'pi', 'e', 'i', 'Ans', 'total', 'slot(3)', '∞', '▯', '%', '°', "'", '"', '!', '²', '½'],
  ...[
    '+',
    '-',
    '*',
    '/',
    '^',
    '(',
    ')',
    ',',
    ';',
    '=',
    '<',
    '<=',
    '≠',
    ' and ',
    ' or ',
    'not ',
    ':=',
    ' mod ',
    '√',
    '∛',
  ],
  ...[' deg', ' rad', '#', '\\', '𝛑', '\u0000', '\u202e', '<', '[', ']', '|', '—', '１', '\u0305'],
];
const FUNCTIONS = [...functionNames.keys()];

const joined = (chance: Chance, count: number): string =>
  Array.from({ length: count }, () => (chance.once(5) ? `${chance.pick(FUNCTIONS)}(` : chance.pick(PIECES))).join('');

const repeats = [
  '(',
  'x',
  '1/',
  '2^',
  '-',
  'sin ',
  'sqrt(',
  '√',
  '1+',
  'A',
  '!',
  ')',
  '1,',
  '²',
  '10^',
  'ln(',
  '((x))',
  '3!',
];

/** A number of some size and kind. */
export const number = (chance: Chance): string =>
  chance.pick([
    () => `${chance.below(100)}`,
    () => `${chance.below(1000)}.${chance.below(100_000_000)}`,
    () => `${chance.below(50)}/${chance.below(50)}`,
    () => `sqrt(${chance.below(1000)})`,
    () => `cbrt(${chance.below(1_000_000_000)})`,
    () => `root(${2 + chance.below(12)},${chance.below(100_000)}.${chance.below(1000)})`,
    () => `${chance.below(40)}pi/${1 + chance.below(12)}`,
    () => `sin(${chance.below(400)})`,
    () => `${chance.below(90)}°${chance.below(60)}'`,
    () => `random()`,
    () => `ln(${chance.below(100)})+1`,
    () => `${chance.below(9)}E${chance.below(40) - 20}`,
    () => `-${chance.below(50)}`,
  ])();

/** A line that is sound, as a student would key it. */
export const plain = (chance: Chance): string => {
  const [a, b] = [number(chance), number(chance)];
  return chance.pick([
    a,
    `${a}+${b}`,
    `${a}*(${b})`,
    `(${a})/(${b})`,
    `(${a})^${chance.below(5)}`,
    `${chance.pick(['sqrt', 'sin', 'cos', 'exp', 'abs', 'floor'])}(${a})`,
    `${a}<${b}`,
    `${chance.pick(['A', 'B', 'Q'])}:=${a}`,
    `x+${a}`,
    `Ans*${a}`,
  ]);
};

export const hostile = (chance: Chance): string =>
  chance.pick([
    () => joined(chance, 1 + chance.below(12)),
    () => joined(chance, chance.below(200)),
    () => chance.pick(repeats).repeat(chance.below(60)),
    () => chance.pick(repeats).repeat(chance.below(6000)),
    () => `${chance.pick(['2', '1.1', '0.5', '3/7', 'x'])}^`.repeat(chance.below(30)) + number(chance),
    () => `(${number(chance)})^(${number(chance)}^${number(chance)})`,
    () => `${chance.pick(FUNCTIONS)}(${number(chance)}${chance.once(2) ? '' : `,${number(chance)}`})`,
    () => `sum(${plain(chance).replace(':=', '+')},k,1,${10 ** chance.below(7)})`,
    () => plain(chance),
  ])();
