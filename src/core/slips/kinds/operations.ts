import type { InfixName } from '../../language/operators';
import { callTree, numberTree } from '../../language/tree';
import type { Tree } from '../../language/tree';
import { byRewriting } from '../slip';
import type { SlipRecord } from '../slip';

/** Operations that are taken for each other, the likelier first. */
const others: Readonly<Partial<Record<InfixName, readonly InfixName[]>>> = {
  plus: ['times'],
  times: ['plus', 'divide'],
  implied: ['plus'],
  minus: ['divide'],
  over: ['times', 'minus'],
  divide: ['times', 'minus'],
};

/** Another operation than the one that is written. */
export const otherOperation: SlipRecord = {
  name: 'other-operation',
  cost: 2.3,
  variants: byRewriting(function* (node) {
    if (node.kind !== 'binary') return;
    for (const [i, op] of (others[node.op] ?? []).entries()) yield [{ ...node, op }, i * 0.4];
  }),
};

/** Functions that are taken for each other: the sides of a triangle mixed up. */
const families: readonly (readonly string[])[] = [
  ['sin', 'cos', 'tan'],
  ['asin', 'acos', 'atan'],
];

export const otherFunction: SlipRecord = {
  name: 'other-function',
  cost: 1.4,
  variants: byRewriting(function* (node) {
    if (node.kind !== 'call') return;
    const [only, more] = node.args;
    if (only === undefined || more !== undefined) return;
    for (const other of families.find((family) => family.includes(node.fn)) ?? [])
      if (other !== node.fn) yield [callTree(other, only), 0];
  }),
};

/** The mean taken for the median, and the other way. */
export const meanMedian: SlipRecord = {
  name: 'mean-median',
  cost: 0.9,
  variants: byRewriting(function* (node) {
    if (node.kind !== 'call') return;
    if (node.fn === 'mean' || node.fn === 'median') yield [{ ...node, fn: node.fn === 'mean' ? 'median' : 'mean' }, 0];
  }),
};

/** A numeral in digits, and how many of them stand behind the point; null for anything else. */
function digitsOf(tree: Tree): Readonly<{ digits: readonly number[]; places: number }> | null {
  if (tree.kind !== 'number' || !/^\d+(\.\d+)?$/.test(tree.written)) return null;
  const [, decimals = ''] = tree.written.split('.');
  return { digits: [...tree.written.replace('.', '')].map(Number), places: decimals.length };
}

const written = (digits: readonly number[], places: number): string => {
  const text = digits.join('').padStart(places + 1, '0');
  const whole = (places === 0 ? text : text.slice(0, -places)).replace(/^0+(?=\d)/, '');
  return places === 0 ? whole : `${whole}.${text.slice(-places)}`;
};

const MOST_DIGITS = 12;

/** Two numerals below each other, as in column addition; the longer one says how long. */
function columnsOf(
  a: Tree,
  b: Tree,
): Readonly<{ pairs: readonly (readonly [number, number])[]; places: number }> | null {
  const [x, y] = [digitsOf(a), digitsOf(b)];
  if (x === null || y === null) return null;
  const places = Math.max(x.places, y.places);
  const whole = Math.max(x.digits.length - x.places, y.digits.length - y.places);
  if (whole + places > MOST_DIGITS || whole + places < 2) return null;
  const laid = ({ digits, places: of }: typeof x): readonly number[] => [
    ...Array.from({ length: whole - (digits.length - of) }, () => 0),
    ...digits,
    ...Array.from({ length: places - of }, () => 0),
  ];
  const [top, bottom] = [laid(x), laid(y)];
  return { pairs: top.map((digit, i) => [digit, bottom[i] ?? 0]), places };
}

/** Sums of columns in which some carries are forgotten: all of them, or the one into one column. */
function* sums(pairs: readonly (readonly [number, number])[]): Generator<readonly number[]> {
  for (const forgotten of [-1, ...pairs.keys()]) {
    const digits: number[] = [];
    let carry = 0;
    let isForgotten = false;
    for (let i = pairs.length - 1; i >= 0; i -= 1) {
      const [a, b] = pairs[i] ?? [0, 0];
      const sum = a + b + carry;
      digits.unshift(i === 0 ? sum : sum % 10);
      carry = sum > 9 ? 1 : 0;
      if (carry > 0 && i > 0 && (forgotten === -1 || forgotten === i)) {
        carry = 0;
        isForgotten = true;
      }
    }
    if (isForgotten) yield digits;
  }
}

/** Differences of columns, in each of which the smaller digit is taken from the larger; or in which nothing was paid back. */
function* differences(pairs: readonly (readonly [number, number])[]): Generator<readonly number[]> {
  if (!pairs.some(([a, b]) => a < b)) return;
  yield pairs.map(([a, b]) => Math.abs(a - b));
  const unpaid = pairs.map(([a, b]) => (a - b + 10) % 10);
  if ((pairs[0]?.[0] ?? 0) >= (pairs[0]?.[1] ?? 0)) yield unpaid;
}

/** A carry that was forgotten, or a digit taken the wrong way round in column subtraction. */
export const carrying: SlipRecord = {
  name: 'carrying',
  cost: 1.9,
  *variants({ tree }) {
    const rewrites = byRewriting(function* (node) {
      if (node.kind !== 'binary' || (node.op !== 'plus' && node.op !== 'minus')) return;
      const columns = columnsOf(node.left, node.right);
      if (columns === null) return;
      for (const digits of node.op === 'plus' ? sums(columns.pairs) : differences(columns.pairs))
        yield [numberTree(written(digits, columns.places)), 0];
    });
    for (const variant of rewrites({ tree })) yield { ...variant, isOfAnswer: variant.tree.kind === 'number' };
  },
};
