import { inside, nodesOf } from '../language/tree';
import type { Tree } from '../language/tree';
import { gcd } from '../number/integer';

/**
 * The form in which an answer is asked for: any, a number that is worked out, a whole number, a fraction in lowest terms, a mixed number, a plain
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

/** The largest radicand whose squares are looked for; a longer one is taken as it is. */
const LONGEST_RADICAND = 1_000_000n;

function isSquareFree(n: bigint): boolean {
  if (n > LONGEST_RADICAND) return true;
  for (let k = 2n; k * k <= n; k += 1n) if (n % (k * k) === 0n) return false;
  return n > 1n;
}

/** No decimals, no functions but roots of whole numbers without square factors, and none of those below a bar. */
function isExact(tree: Tree): boolean {
  for (const node of nodesOf(tree)) {
    if (node.kind === 'number' && !isWhole(node)) return false;
    if (node.kind === 'postfix' || node.kind === 'letter' || node.kind === 'power') return false;
    if (node.kind === 'binary' && (node.op === 'over' || node.op === 'divide')) {
      const below = [...nodesOf(node.right)];
      if (below.some(({ kind }) => kind === 'call')) return false;
    }
    if (node.kind === 'call') {
      const [only] = node.args;
      const of = only === undefined ? null : inside(only);
      if (node.fn !== 'sqrt' || of === null || !isWhole(of) || !isSquareFree(BigInt(of.written))) return false;
    }
  }
  return true;
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
        inside(node.right).kind === 'number'
      );
    default:
      return false;
  }
}

/** Whether an answer is written in the form that is asked for; of counted digits that it is a plain decimal. */
export function isInForm(tree: Tree, form: AskedForm): boolean {
  const node = unsigned(tree);
  switch (form) {
    case 'any':
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
      return isExact(tree);
    case 'scientific':
      return isScientific(tree);
    default:
      return node.kind === 'number' || isScientific(tree);
  }
}
