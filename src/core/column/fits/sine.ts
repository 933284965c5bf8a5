import { fail, succeed } from '../../base/result';
import { callTree, groupTree, NOWHERE } from '../../language/tree';
import type { Tree } from '../../language/tree';
import { real } from '../../number/arithmetic';
import * as q from '../../number/rational';
import type { Rational } from '../../number/rational';
import { fromRational } from '../../number/value';
import type { RealValue } from '../../number/value';
import { sum, times, X } from './equation';
import { defineFit } from './record';
import { sineFit } from './sine-search';

/** What a search in doubles that was carried on tells, and no more: it is never called settled. */
const found = (v: Rational): RealValue => {
  const scale = q.compare(q.magnitude(v), q.ONE) > 0 ? q.magnitude(v) : q.ONE;
  return real('estimate', fromRational(v), fromRational(q.multiply(scale, { n: 1n, d: 10n ** 28n })));
};

/** y = a·sin(b·x + c) + d, by search: to about 28 digits, but not proved. Problems: not-converged (no wave), stopped. */
export const sine = defineFit({
  needs: () => 5,
  find: ({ x, y, frequencies }, shouldContinue) => {
    const used = x.map((v, i) => [v, y[i] ?? q.ZERO, frequencies?.[i] ?? 1n] as const).filter(([, , w]) => w > 0n);
    const result = sineFit(
      {
        x: used.map(([v]) => q.roughly(v)),
        y: used.map(([, v]) => q.roughly(v)),
        w: used.map(([, , w]) => Number(w)),
      },
      used.map(([u, v]) => [u, v] as const),
      shouldContinue,
    );
    if (result === 'stopped') return fail({ code: 'stopped' });
    if (result === null) return fail({ code: 'not-converged', reason: 'no-fit' });
    const { a, b, c, d, left } = result;
    return succeed({
      coefficients: [found(a), found(b), found(c), found(d)] as const,
      r: null,
      r2: found(q.subtract(q.ONE, left)),
    });
  },
  // The angle carries its unit, so that the equation means the same whatever unit is set.
  equation: ([a, b, c, d]) => {
    const of = groupTree(sum(times(b, X), c));
    const angle: Tree = { kind: 'mark', unit: 'rad', by: 'word', of, span: NOWHERE };
    return sum(times(a, callTree('sin', angle)), d);
  },
});
