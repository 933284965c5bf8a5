import { inside, negateTree, numberTree } from '../../language/tree';
import type { Tree } from '../../language/tree';
import { OVERLINE } from '../../language/numerals';
import { byRewriting } from '../slip';
import type { SlipRecord } from '../slip';

/** A numeral as it is written, and the node with another in its place. */
type Spot = Readonly<{ written: string; by: (written: string) => Tree }>;

/** The numerals that stand in a node itself. */
function spotsOf(node: Tree): readonly Spot[] {
  switch (node.kind) {
    case 'number':
      return node.written.includes(OVERLINE)
        ? []
        : [{ written: node.written, by: (written) => ({ ...node, written }) }];
    case 'mixed': {
      const { whole, n, d } = node;
      const parts: Spot[] = [
        { written: `${n}`, by: (text) => ({ ...node, n: BigInt(text) }) },
        { written: `${d}`, by: (text) => (BigInt(text) === 0n ? node : { ...node, d: BigInt(text) }) },
      ];
      if (whole !== null) parts.unshift({ written: `${whole}`, by: (text) => ({ ...node, whole: BigInt(text) }) });
      return parts.map(({ written, by }) => ({ written, by: (text) => (/^\d+$/.test(text) ? by(text) : node) }));
    }
    case 'dms':
      return [
        { written: node.degrees, by: (degrees) => ({ ...node, degrees }) },
        { written: node.minutes, by: (minutes) => ({ ...node, minutes }) },
        ...(node.seconds === null ? [] : [{ written: node.seconds, by: (seconds: string) => ({ ...node, seconds }) }]),
      ];
    default:
      return [];
  }
}

/** Texts that one numeral may become, each with what it costs besides. */
type Misspelling = (written: string) => Iterable<readonly [written: string, extra: number]>;

/** A numeral without zeros that nobody keys before it; null when nothing of it is left. */
function tidy(digits: string): string | null {
  if (!/^\d*\.?\d*$/.test(digits) || !/\d/.test(digits)) return null;
  const [whole = '', decimals] = digits.split('.');
  return (whole.replace(/^0+(?=\d)/, '') || '0') + (decimals === undefined || decimals === '' ? '' : `.${decimals}`);
}

export const misspelt = (misspelling: Misspelling): SlipRecord['variants'] =>
  byRewriting(function* (node) {
    for (const { written, by } of spotsOf(node)) {
      const [digits = '', ...exponent] = written.split(/(?=E)/);
      for (const [text, extra] of misspelling(digits)) {
        const kept = tidy(text);
        if (kept !== null && kept !== digits) yield [by(kept + exponent.join('')), extra];
      }
    }
  });

/** A single digit is seldom mistaken: what is keyed is in sight at a glance. */
const isSingle = (digits: string): boolean => digits.replace('.', '').length < 2;

const isDigit = (sign: string): boolean => /\d/.test(sign);

/** The decimal point moved by one, two or three places, where one is written. */
export function* moved(digits: string): Generator<readonly [string, number]> {
  const [whole = '', decimals = ''] = digits.split('.');
  if (decimals === '') return;
  for (const [i, by] of [1, 2, 3].entries()) {
    const right = decimals.padEnd(by, '0');
    yield [`${whole}${right.slice(0, by)}.${right.slice(by)}`, i * 0.4];
    const left = whole.padStart(by + 1, '0');
    yield [`${left.slice(0, -by)}.${left.slice(-by)}${decimals}`, i * 0.4];
  }
}

/** Two digits beside each other exchanged, also over the point; or two that stand apart. */
export function* swapped(digits: string): Generator<readonly [string, number]> {
  const at = [...digits].flatMap((sign, i) => (isDigit(sign) ? [i] : []));
  for (const [k, i] of at.entries())
    for (const j of at.slice(k + 1)) {
      if (digits[i] === digits[j]) continue;
      const signs = [...digits];
      [signs[i], signs[j]] = [signs[j] ?? '', signs[i] ?? ''];
      // A zero that comes to stand first is not keyed.
      if (/^0\d/.test(signs.join(''))) continue;
      yield [signs.join(''), at[k + 1] === j ? 0 : 1.5];
    }
}

/** Digits that lie beside each other on the keys, or look alike in handwriting. */
const ALIKE = new Set('12 23 45 56 78 89 14 47 25 58 36 69 01 02 17 38 39 49 06 68 35'.split(' '));
const alike = (a: string, b: string): boolean => ALIKE.has(a + b) || ALIKE.has(b + a);

export function* replaced(digits: string): Generator<readonly [string, number]> {
  if (isSingle(digits)) return;
  for (const [i, sign] of [...digits].entries())
    if (isDigit(sign))
      for (const other of '0123456789')
        if (other !== sign) yield [digits.slice(0, i) + other + digits.slice(i + 1), alike(sign, other) ? 0 : 1.2];
}

export function* leftOut(digits: string): Generator<readonly [string, number]> {
  if (digits.replace('.', '').length < 2) return;
  for (const [i, sign] of [...digits].entries())
    if (isDigit(sign) && sign !== digits[i + 1]) yield [digits.slice(0, i) + digits.slice(i + 1), 0];
}

export function* doubled(digits: string): Generator<readonly [string, number]> {
  if (isSingle(digits)) return;
  for (const [i, sign] of [...digits].entries())
    if (isDigit(sign) && sign !== digits[i + 1]) yield [digits.slice(0, i) + sign + digits.slice(i), 0];
}

export const pointMoved: SlipRecord = { name: 'point-moved', cost: 2, variants: misspelt(moved) };
export const digitsSwapped: SlipRecord = { name: 'digits-swapped', cost: 2.2, variants: misspelt(swapped) };
export const digitWrong: SlipRecord = { name: 'digit-wrong', cost: 3.6, variants: misspelt(replaced) };
export const digitLeftOut: SlipRecord = { name: 'digit-left-out', cost: 2.6, variants: misspelt(leftOut) };
export const digitDoubled: SlipRecord = { name: 'digit-doubled', cost: 2.5, variants: misspelt(doubled) };

/** Exponents that one of ten is taken for. */
function* exponents(exponent: number): Generator<readonly [number, number]> {
  if (exponent !== 0) yield [-exponent, 0];
  for (const by of [1, -1]) yield [exponent + by, 0.1];
  for (const by of [2, -2, 3, -3]) yield [exponent + by, 0.8];
}

export const exponentOfTen: SlipRecord = {
  name: 'exponent-of-ten',
  cost: 1.5,
  variants: byRewriting(function* (node) {
    if (node.kind === 'number' && node.written.includes('E')) {
      const [digits = '', exponent = '0'] = node.written.split('E');
      for (const [other, extra] of exponents(Number(exponent)))
        yield [numberTree(other === 0 ? digits : `${digits}E${other}`), extra];
    }
    if (node.kind !== 'power' || inside(node.base).kind !== 'number') return;
    const base = inside(node.base);
    const exponent = inside(node.exponent);
    const size = exponent.kind === 'negate' ? inside(exponent.of) : exponent;
    if (base.kind !== 'number' || base.written !== '10' || size.kind !== 'number' || !/^\d{1,4}$/.test(size.written))
      return;
    for (const [other, extra] of exponents(Number(size.written) * (exponent.kind === 'negate' ? -1 : 1))) {
      const plain = numberTree(`${Math.abs(other)}`);
      yield [{ ...node, exponent: other < 0 ? negateTree(plain) : plain }, extra];
    }
  }),
};
