import fc from 'fast-check';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { classSummary, classesOf, equalClasses } from './classes';
import type { Bounds, Proposed } from './classes';

const num = (text: string): Rational => {
  const [top, bottom = '1'] = text.split('/');
  return q.rational(BigInt(top!), BigInt(bottom));
};
const nums = (text: string): readonly Rational[] => text.split(' ').map(num);
const text = ({ n, d }: Rational): string => (d === 1n ? String(n) : `${n}/${d}`);
const counts = (many: number): readonly bigint[] => Array.from({ length: many }, () => 1n);
const told = (proposed: Proposed): string =>
  proposed === null ? 'nothing' : `${proposed.kind} ${text('value' in proposed ? proposed.value : proposed.from)}`;

test.each<readonly [string, Bounds, string, string]>([
  ['both bounds', { given: 'both', low: nums('0 10 20'), high: nums('10 20 30') }, '0–10 10–20 20–30', 'nothing'],
  ['a gap between them', { given: 'both', low: nums('0 20'), high: nums('10 25') }, '0–10 20–25', 'nothing'],
  ['in any order', { given: 'both', low: nums('10 0'), high: nums('20 10') }, '0–10 10–20', 'nothing'],
  ['lower bounds', { given: 'lower', bound: nums('0 10 20'), width: null }, '0–10 10–20 20–30', 'last-end 30'],
  ['upper bounds', { given: 'upper', bound: nums('10 20 30'), width: null }, '0–10 10–20 20–30', 'first-start 0'],
  ['halves', { given: 'lower', bound: nums('1/2 1 3/2'), width: null }, '1/2–1 1–3/2 3/2–2', 'last-end 2'],
  ['a width', { given: 'lower', bound: nums('0 10 30'), width: num('5') }, '0–5 10–15 30–35', 'nothing'],
])('classes by %s', (_, bounds, classes, proposed) => {
  const many = bounds.given === 'both' ? bounds.low.length : bounds.bound.length;
  const made = classesOf(bounds, counts(many));
  if (!made.ok) throw new Error(made.problem.code);
  expect(made.value.classes.map(({ low, high }) => `${text(low)}–${text(high)}`).join(' ')).toBe(classes);
  expect(told(made.value.proposed)).toBe(proposed);
});

test.each<readonly [string, Bounds, string, number]>([
  ['turned round', { given: 'both', low: nums('0 20'), high: nums('10 15') }, 'class-order', 1],
  ['empty', { given: 'both', low: nums('0'), high: nums('0') }, 'class-order', 0],
  ['overlapping', { given: 'both', low: nums('0 9'), high: nums('10 20') }, 'class-overlap', 1],
  ['uneven by one bound', { given: 'lower', bound: nums('0 10 25'), width: null }, 'class-width', 2],
  ['a single lower bound', { given: 'lower', bound: nums('0'), width: null }, 'class-width', 0],
  ['wider than they are apart', { given: 'lower', bound: nums('0 10'), width: num('12') }, 'class-overlap', 1],
])('classes that are %s are refused with their row', (_, bounds, reason, row) => {
  const many = bounds.given === 'both' ? bounds.low.length : bounds.bound.length;
  expect(classesOf(bounds, counts(many))).toMatchObject({ ok: false, problem: { code: 'domain', reason, row } });
});

const value = fc.tuple(fc.bigInt(-500n, 500n), fc.bigInt(1n, 12n)).map(([n, d]) => q.rational(n, d));

test('every value lies in one class of equal width, seed 61', () => {
  fc.assert(
    fc.property(fc.array(value, { minLength: 1, maxLength: 40 }), fc.option(fc.bigInt(1n, 60n)), (values, tenths) => {
      const made = equalClasses(values, null, {
        width: tenths === null ? null : q.rational(tenths, 1n),
        count: null,
        rule: 'root',
      });
      if (!made.ok) return false;
      const { classes } = made.value;
      const inside = classes.map(
        ({ low, high }) => values.filter((v) => q.compare(v, low) >= 0 && q.compare(v, high) < 0).length,
      );
      const isSame = classes.every(({ count }, i) => count === BigInt(inside[i]!));
      const joins = classes.every(({ low }, i) => i === 0 || q.equal(low, classes[i - 1]!.high));
      return (
        isSame && joins && inside.reduce((a, b) => a + b) === values.length && inside[0]! > 0 && inside.at(-1)! > 0
      );
    }),
    { seed: 61 },
  );
});

test('the summary of classes keeps to what must hold, seed 62', () => {
  const one = fc.tuple(fc.bigInt(1n, 9n), fc.bigInt(0n, 30n));
  fc.assert(
    fc.property(fc.array(one, { minLength: 1, maxLength: 8 }), (widths) => {
      let low = q.ZERO;
      const classes = widths.map(([width, count]) => {
        const high = q.add(low, q.whole(width));
        const made = { low, high, count };
        low = high;
        return made;
      });
      const made = classSummary(classes);
      if (made === null) return classes.every(({ count }) => count === 0n);
      const order = [made.min, made.q1, made.median, made.q3, made.max];
      const isOrdered = order.every((v, i) => i === 0 || q.compare(order[i - 1]!, v) <= 0);
      return isOrdered && q.compare(made.mean, made.min) > 0 && q.compare(made.mean, made.max) < 0;
    }),
    { seed: 62 },
  );
});
