import { basedTree, negateTree } from '../language/tree';
import { expansion, writtenDigits } from '../radix/digits';
import { magnitude } from '../number/rational';
import { asRational } from '../number/value';
import { expressionForm } from './form';
import type { Form, FormId, FormRecord } from './form';
import type { DisplaySettings } from './settings';
import type { Rational } from '../number/rational';

/** Longer ones are not laid out. */
const LARGEST = 1n << 128n;

/** A fraction in another base, what recurs marked; null where it is too long to be laid out. */
export function inBase(id: FormId, of: Rational, base: number, settings: DisplaySettings): Form | null {
  const found = magnitude(of).n >= LARGEST * of.d ? null : expansion(of, base);
  if (found === null) return null;
  const tree = basedTree(writtenDigits(found, base), base);
  return expressionForm(id, of.n < 0n ? negateTree(tree) : tree, settings);
}

/** A form in a base that the line makes one expect. */
const formIn = (id: FormId, baseOf: (bases: readonly number[]) => number | undefined): FormRecord => ({
  id,
  write: (v, settings, _shouldContinue, { bases }) => {
    const base = baseOf(bases);
    const plain = base === undefined ? null : asRational(v);
    return base === undefined || plain === null ? null : inBase(id, plain, base, settings);
  },
});

const ifThere =
  (base: number) =>
  (bases: readonly number[]): number | undefined =>
    bases.includes(base) ? base : undefined;

/** The bases that have forms of their own. */
export const USUAL_BASES: readonly number[] = [2, 8, 16];

export const binary = formIn('binary', ifThere(2));
export const octal = formIn('octal', ifThere(8));
export const hexadecimal = formIn('hexadecimal', ifThere(16));
/** Of the other bases, the first that the line names. */
export const otherBase = formIn('otherBase', (bases) =>
  bases.find((base) => !USUAL_BASES.includes(base) && base !== 10),
);

/** The form in which a number stands in a base. */
export const formIdOf = (base: number): FormId =>
  base === 2 ? 'binary' : base === 8 ? 'octal' : base === 16 ? 'hexadecimal' : base === 10 ? 'exact' : 'otherBase';
