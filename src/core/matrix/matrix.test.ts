import fc from 'fast-check';
import { itemAt } from '../base/item';
import * as complex from '../number/complex';
import * as surd from '../number/surd';
import { fromSurd } from '../number/arithmetic';
import * as q from '../number/rational';
import { fromRational, fromWhole, isExact } from '../number/value';
import type { Matrix, Scalar } from '../number/value';
import { added, powerOf, product, scaled } from './arithmetic';
import { characteristic, eigenvalues, eigenvectors } from './characteristic';
import { determinant } from './determinant';
import { isZero } from './field';
import { inverse } from './inverse';
import { columnOf, identity, matrix, transpose } from './matrix';
import { kernelBasis, rref, solutions } from './reduce';

const SEED = 20261128;
const goesOn = () => true;

const rational = fc
  .tuple(fc.integer({ min: -9, max: 9 }), fc.integer({ min: 1, max: 5 }))
  .map(([n, d]): Scalar => fromRational(q.rational(BigInt(n), BigInt(d))));
/** a + b√2: sums of roots, of which 0 is only seen when it is worked out. */
const root = fc.tuple(fc.integer({ min: -4, max: 4 }), fc.integer({ min: -3, max: 3 })).map(([a, b]): Scalar => {
  const terms = [
    { radicand: 1n, coefficient: q.whole(a) },
    { radicand: 2n, coefficient: q.whole(b) },
  ];
  return fromSurd(
    surd.add(
      terms.filter(({ coefficient }) => !q.isZero(coefficient)),
      [],
    ),
  );
});
const gaussian = fc
  .tuple(rational, rational)
  .map(([re, im]): Scalar => complex.add(re, complex.multiply(im, complex.I)));

const ofSize = (entry: fc.Arbitrary<Scalar>, rows: number, columns: number): fc.Arbitrary<Matrix> =>
  fc
    .array(fc.array(entry, { minLength: columns, maxLength: columns }), { minLength: rows, maxLength: rows })
    .map(matrix);

const squares = (count: number): fc.Arbitrary<readonly Matrix[]> =>
  fc
    .tuple(fc.integer({ min: 1, max: 4 }), fc.constantFrom(rational, root, gaussian))
    .chain(([n, entry]) => fc.array(ofSize(entry, n, n), { minLength: count, maxLength: count }));

const value = <T>(result: Readonly<{ ok: true; value: T }> | Readonly<{ ok: false }>): T => {
  if (!result.ok) throw new Error('a problem');
  return result.value;
};

const same = (a: Matrix, b: Matrix): boolean =>
  a.rows.length === b.rows.length &&
  a.rows.every((row, i) =>
    row.every((entry, j) => isZero(complex.subtract(entry, itemAt(itemAt(b.rows, i), j)), goesOn)),
  );
const times = (a: Matrix, b: Matrix): Matrix => value(product(a, b, goesOn));

const law = (name: string, of: () => void): void => test(`${name} (seed ${SEED})`, of);
const holds = <T>(arbitrary: fc.Arbitrary<T>, is: (v: T) => boolean | undefined, numRuns = 150): void =>
  fc.assert(
    fc.property(arbitrary, (v) => is(v) ?? true),
    { seed: SEED, numRuns },
  );

law('A·A⁻¹ = A⁻¹·A = 1, and only what has determinant 0 has no inverse', () =>
  holds(squares(1), ([a]) => {
    const m = a!;
    const turned = inverse(m, goesOn);
    const isSingular = isZero(value(determinant(m, goesOn)), goesOn);
    if (!turned.ok) return isSingular;
    const one = identity(m.rows.length);
    return !isSingular && same(times(m, turned.value), one) && same(times(turned.value, m), one);
  }),
);

law('det(AB) = det A · det B, and of the transpose the same', () =>
  holds(squares(2), ([a, b]) => {
    const [x, y, xy] = [a!, b!, times(a!, b!)].map((m) => value(determinant(m, goesOn))) as [Scalar, Scalar, Scalar];
    const turned = value(determinant(transpose(a!), goesOn));
    return isZero(complex.subtract(xy, complex.multiply(x, y)), goesOn) && isZero(complex.subtract(x, turned), goesOn);
  }),
);

const wide = fc
  .tuple(fc.integer({ min: 1, max: 4 }), fc.integer({ min: 1, max: 5 }), fc.constantFrom(rational, root, gaussian))
  .chain(([rows, columns, entry]) => ofSize(entry, rows, columns));

law('the reduced rows of reduced rows are the same, and the kernel is what is taken to 0', () =>
  holds(wide, (m) => {
    const once = rref(m, goesOn);
    const basis = kernelBasis(m, goesOn).map((column) => matrix(column.map((entry) => [entry])));
    const nothing = basis.every((x) => times(m, x).rows.every(([entry]) => isZero(entry!, goesOn)));
    return same(rref(once, goesOn), once) && nothing;
  }),
);

law('a matrix is a root of its own characteristic polynomial', () =>
  holds(squares(1), ([a]) => {
    const m = a!;
    const coefficients = value(characteristic(m, goesOn));
    const n = m.rows.length;
    const sum = coefficients.reduce(
      (total, c, i) => value(added(total, scaled(value(powerOf(m, BigInt(n - i), goesOn)), c), '+')),
      scaled(identity(n), fromWhole(0)),
    );
    return same(sum, scaled(identity(n), fromWhole(0)));
  }),
);

law('A·v = λ·v for eigenvectors that are exact', () =>
  holds(
    fc.integer({ min: 1, max: 3 }).chain((n) => ofSize(rational, n, n)),
    (m) => {
      const values = value(eigenvalues(m, goesOn));
      if (!values.every((one) => isExact(one.value))) return true;
      const vectors = value(eigenvectors(m, values, goesOn));
      return itemAt(vectors.rows, 0).every((_, j) => {
        const v = matrix(columnOf(vectors, j).map((entry) => [entry]));
        return values.some((one) => same(times(m, v), scaled(v, one.value)));
      });
    },
    60,
  ),
);

law('solutions put in come out, with any multiples of what is free', () =>
  holds(
    fc
      .tuple(fc.integer({ min: 1, max: 3 }), fc.integer({ min: 1, max: 4 }))
      .chain(([rows, columns]) => fc.tuple(ofSize(rational, rows, columns), ofSize(rational, columns, 1), rational)),
    ([m, x, share]) => {
      const right = times(m, x);
      const found = solutions(m, columnOf(right, 0), goesOn);
      if (found.kind === 'none') return false;
      const along = found.kind === 'many' ? found.along : [];
      const put = found.x.map((entry, i) => [
        along.reduce<Scalar>((sum, v) => complex.add(sum, complex.multiply(share, itemAt(v, i))), entry),
      ]);
      return same(times(m, matrix(put)), right);
    },
  ),
);
