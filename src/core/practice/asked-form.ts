import { inside } from '../language/tree';
import type { Tree } from '../language/tree';
import { gcd } from '../number/integer';
import { isExactResult } from './written-result';

/**
 * The form in which an answer is asked for: any that a result can have, an expression of whatever kind, a number that is worked out, a whole number, a fraction in lowest terms, a mixed number, a plain
 * decimal, a percent, exact (no decimals, roots as simple as they are), a number from 1 up to 10 times a power of ten,
 * or so many decimal places or significant figures.
 */
export const plainForms = [
  'any',
  'number',
  'whole',
  'lowest',
  'mixed',
  'decimal',
  'percent',
  'exact',
  'scientific',
  'expression',
] as const;
export type AskedForm = (typeof plainForms)[number] | `places ${number}` | `figures ${number}`;

/** The forms that are offered where one is chosen. */
export const formChoices: readonly AskedForm[] = [
  ...plainForms,
  ...([0, 1, 2, 3, 4] as const).map((count) => `places ${count}` as const),
  ...([2, 3, 4] as const).map((count) => `figures ${count}` as const),
];

const COUNTED = /^(places|figures) (\d{1,2})$/;

/** How the forms are written. */
export const FORM = new RegExp(`^(?:${plainForms.join('|')}|places \\d{1,2}|figures [1-9]\\d?)$`);

/** The form that a text names; null when it names none. */
export function askedFormOf(text: string): AskedForm | null {
  return FORM.test(text) ? (text as AskedForm) : null;
}

/** What is counted of an answer, and how many; null for forms without a count. */
export function countOf(form: AskedForm): Readonly<{ what: 'places' | 'figures'; count: number }> | null {
  const [, what, count] = COUNTED.exec(form) ?? [];
  return what === undefined ? null : { what: what as 'places' | 'figures', count: Number(count) };
}

const unsigned = (tree: Tree): Tree => {
  const node = inside(tree);
  return node.kind === 'negate' ? inside(node.of) : node;
};

const isWhole = (tree: Tree): tree is Tree & { kind: 'number' } => tree.kind === 'number' && /^\d+$/.test(tree.written);

function isLowest(tree: Tree): boolean {
  const node = unsigned(tree);
  if (isWhole(node)) return true;
  if (node.kind !== 'binary' || (node.op !== 'over' && node.op !== 'divide')) return false;
  const [top, bottom] = [unsigned(node.left), inside(node.right)];
  if (!isWhole(top) || !isWhole(bottom)) return false;
  const [n, d] = [BigInt(top.written), BigInt(bottom.written)];
  return d > 1n && gcd(n, d) === 1n;
}

function isMixed(tree: Tree): boolean {
  const node = unsigned(tree);
  if (node.kind === 'mixed') return node.n < node.d && gcd(node.n, node.d) === 1n;
  if (isWhole(node)) return true;
  if (node.kind !== 'binary' || !isLowest(node)) return false;
  const [top, bottom] = [unsigned(node.left), inside(node.right)];
  return isWhole(top) && isWhole(bottom) && BigInt(top.written) < BigInt(bottom.written);
}

/** 4.2 × 10^7, or 4.2E7 as it is keyed. */
function isScientific(tree: Tree): boolean {
  const node = unsigned(tree);
  const isMantissa = (digits: string): boolean => /^[1-9](\.\d+)?$/.test(digits);
  if (node.kind === 'number') {
    const [digits = '', exponent] = node.written.split('E');
    return exponent !== undefined && isMantissa(digits);
  }
  if (node.kind !== 'binary' || node.op !== 'times') return false;
  const [mantissa, power] = [unsigned(node.left), inside(node.right)];
  if (mantissa.kind !== 'number' || power.kind !== 'power') return false;
  const base = inside(power.base);
  return isMantissa(mantissa.written) && base.kind === 'number' && base.written === '10';
}

/** 12/4 is a division that is still to be done. */
const isWholeQuotient = ({ left, right }: Tree & { kind: 'binary' }): boolean => {
  const [top, bottom] = [unsigned(left), inside(right)];
  return (
    isWhole(top) && isWhole(bottom) && bottom.written !== '0' && BigInt(top.written) % BigInt(bottom.written) === 0n
  );
};

/** One number as it can be written: no sum, product or function is left in it. */
function isWorkedOut(node: Tree): boolean {
  switch (node.kind) {
    case 'number':
    case 'mixed':
    case 'dms':
      return true;
    case 'mark':
    case 'postfix':
      return node.kind === 'mark' || node.op === 'percent' ? unsigned(node.of).kind === 'number' : false;
    case 'binary':
      return (
        (node.op === 'over' || node.op === 'divide') &&
        unsigned(node.left).kind === 'number' &&
        inside(node.right).kind === 'number' &&
        !isWholeQuotient(node)
      );
    default:
      return false;
  }
}

/**
 * One of the forms in which a result is shown: a number that is worked out and in lowest terms, or an exact result; of a
 * matrix each entry.
 */
function isResult(tree: Tree): boolean {
  const node = unsigned(tree);
  // One sign is enough: −(−5/6) is still to be worked out.
  const isSigned = (of: Tree): boolean => inside(of).kind === 'negate';
  if (isSigned(tree) && (node.kind === 'negate' || (node.kind === 'binary' && isSigned(node.left)))) return false;
  switch (node.kind) {
    case 'matrix':
      return node.entries.every(isResult);
    case 'mixed':
      return isMixed(node);
    case 'binary':
      return isLowest(node) || isExactResult(tree) || isScientific(tree);
    default:
      return isWorkedOut(node) || isExactResult(tree);
  }
}

/** Whether an answer is written in the form that is asked for; of counted digits that it is a plain decimal. */
export function isInForm(tree: Tree, form: AskedForm): boolean {
  const node = unsigned(tree);
  switch (form) {
    case 'any':
      return isResult(tree);
    case 'expression':
      return true;
    case 'number':
      return isWorkedOut(node);
    case 'whole':
      return isWhole(node);
    case 'lowest':
      return isLowest(tree);
    case 'mixed':
      return isMixed(tree);
    case 'decimal':
      return node.kind === 'number' && !node.written.includes('E');
    case 'percent':
      return node.kind === 'postfix' && node.op === 'percent' && inside(node.of).kind === 'number';
    case 'exact':
      return isExactResult(tree) || isMixed(node);
    case 'scientific':
      return isScientific(tree);
    default:
      return node.kind === 'number' || isScientific(tree);
  }
}
