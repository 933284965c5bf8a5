import { all, create } from 'mathjs';
import { itemAt } from '@/core/base/item';
import { product } from '@/core/matrix/arithmetic';
import { determinant } from '@/core/matrix/determinant';
import { inverse } from '@/core/matrix/inverse';
import { entriesOf, matrix, vector } from '@/core/matrix/matrix';
import { solutions } from '@/core/matrix/reduce';
import { fromWhole } from '@/core/number/value';
import { medians } from './rate';

const shouldContinue = () => true;

/** Whole numbers of three digits without a pattern, the same in every run. */
function entries(rows: number, columns: number, seed: number): number[][] {
  let state = seed;
  const next = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return ((state >>> 12) % 1999) - 999;
  };
  return Array.from({ length: rows }, () => Array.from({ length: columns }, next));
}

/** Exact matrices: the core over the general-purpose library with its fractions, on the same matrices. */
export function compareMatrices(): readonly (readonly [string, number])[] {
  const library = create(all ?? {}, { number: 'Fraction' });
  const own = (rows: number[][]) => matrix(rows.map((row) => row.map(fromWhole)));
  const theirs = (rows: number[][]) => library.matrix(rows.map((row) => row.map((x) => library.fraction(x))));
  const faster = (what: string, ours: () => void, other: () => void): readonly [string, number] => {
    const rates = medians([ours, other], 3, 100);
    return [what, itemAt(rates, 0) / itemAt(rates, 1)];
  };
  const [ten, twenty, other] = [entries(10, 10, 1), entries(20, 20, 2), entries(20, 20, 3)];
  const [eight, right] = [entries(8, 8, 4), entries(8, 1, 5)];
  const a = { ten: own(ten), twenty: own(twenty), other: own(other), eight: own(eight) };
  const b = { ten: theirs(ten), twenty: theirs(twenty), other: theirs(other), eight: theirs(eight) };
  const x = entriesOf(vector(right.map(([r]) => fromWhole(r ?? 0))));
  const y = theirs(right);
  return [
    faster(
      'determinant of 10 × 10',
      () => void determinant(a.ten, shouldContinue),
      () => void library.det(b.ten),
    ),
    faster(
      'determinant of 20 × 20',
      () => void determinant(a.twenty, shouldContinue),
      () => void library.det(b.twenty),
    ),
    faster(
      'inverse of 10 × 10',
      () => void inverse(a.ten, shouldContinue),
      () => void library.inv(b.ten),
    ),
    faster(
      'inverse of 20 × 20',
      () => void inverse(a.twenty, shouldContinue),
      () => void library.inv(b.twenty),
    ),
    faster(
      'product of 20 × 20',
      () => void product(a.twenty, a.other, shouldContinue),
      () => void library.multiply(b.twenty, b.other),
    ),
    faster(
      'system of eight unknowns',
      () => void solutions(a.eight, x, shouldContinue),
      () => void library.lusolve(b.eight, y),
    ),
  ];
}

/** Seconds that the inverse of a matrix of 50 × 50 whole numbers takes. */
export function largeInverse(): number {
  const large = matrix(entries(50, 50, 6).map((row) => row.map(fromWhole)));
  const start = performance.now();
  inverse(large, shouldContinue);
  return (performance.now() - start) / 1000;
}
