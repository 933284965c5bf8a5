import fc from 'fast-check';
import { contextOf } from '../evaluate/context';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import * as q from '../number/rational';
import { toDouble } from '../number/to-double';
import { fromRational, fromWhole } from '../number/value';
import type { RealValue } from '../number/value';
import { compileCurve, functionTree } from './curve';
import type { Curve } from './curve';
import { findPoints } from './points';
import { simplestBetween } from './simplest';
import { ticksOf, tickText } from './ticks';
import { isView } from '../notebook/curves';
import { timeIn, timeUnits } from './time';
import type { TimeUnit } from './time';
import { steppedValues } from './values';
import { fitted, isDrawable, middleOf, moved, startView, zoomed } from './view';

const SEED = 20261128;
const shouldContinue = () => true;
const context = contextOf({ angle: 'rad', shouldContinue });
const size = (x: RealValue): number => toDouble(x, shouldContinue);

function curveOf(text: string): Curve {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  const made = reading.ok ? compileCurve(functionTree(reading.value.tree, 'x'), 'x', context) : reading;
  if (!made.ok) throw new Error(`${text}: ${made.problem.code}`);
  return made.value;
}

const small = fc.integer({ min: -8, max: 8 });

test(`zeros of a curve made from them are found exactly, with a turning point between each two (seed ${SEED})`, () =>
  fc.assert(
    fc.property(fc.uniqueArray(small, { minLength: 1, maxLength: 4 }), (at) => {
      const inOrder = [...at].sort((a, b) => a - b);
      const text = inOrder.map((n) => `(x-(${n}))`).join('*');
      const found = findPoints([curveOf(text)], fromWhole(-10), fromWhole(10), context);
      expect(found.hasMore).toBe(false);
      expect(found.zeros.map(({ at: { x, isExact } }) => [size(x), isExact])).toEqual(inOrder.map((n) => [n, true]));
      const turns = [...found.lowest, ...found.highest].map(({ at: { x } }) => size(x)).sort((a, b) => a - b);
      expect(turns).toHaveLength(inOrder.length - 1);
      turns.forEach((x, i) => expect(inOrder[i]! < x && x < inOrder[i + 1]!).toBe(true));
    }),
    { seed: SEED, numRuns: 40 },
  ));

test(`two lines cross where their equation says, and a parabola is lowest at its vertex (seed ${SEED})`, () =>
  fc.assert(
    fc.property(small, small, small, small, (a, b, c, d) => {
      if (a === c) return;
      const lines = [curveOf(`${a}x+(${b})`), curveOf(`${c}x+(${d})`)];
      const { crossings } = findPoints(lines, fromWhole(-100), fromWhole(100), context);
      const x = (d - b) / (a - c);
      expect(crossings.map(({ at, y }) => [size(at.x), size(y!)])).toEqual([[x, expect.closeTo(a * x + b, 10)]]);
      const parabola = findPoints([curveOf(`(x-(${a}))^2+(${b})`)], fromWhole(-10), fromWhole(10), context);
      expect(parabola.lowest.map(({ at, y }) => [size(at.x), size(y!)])).toEqual([[a, b]]);
    }),
    { seed: SEED, numRuns: 40 },
  ));

const fraction = fc
  .tuple(fc.integer({ min: -400, max: 400 }), fc.integer({ min: 1, max: 24 }))
  .map(([n, d]) => q.rational(BigInt(n), BigInt(d)));

test(`stepped values begin at the first, differ by the step, and end at or before the last (seed ${SEED})`, () =>
  fc.assert(
    fc.property(fraction, fraction, fc.integer({ min: 0, max: 60 }), fraction, (from, step, count, beyond) => {
      if (q.isZero(step)) return;
      const end = q.add(from, q.multiply(step, q.whole(count)));
      // Somewhere from the last step to just before the next.
      const part = q.modulo(beyond, q.ONE);
      const to = count === 0 ? end : q.add(end, q.multiply(step, part));
      const made = steppedValues(fromRational(from), fromRational(step), fromRational(to), context);
      if (!made.ok) throw new Error(made.problem.code);
      expect(made.value).toEqual(
        Array.from({ length: count + 1 }, (_, k) => fromRational(q.add(from, q.multiply(step, q.whole(k))))),
      );
    }),
    { seed: SEED, numRuns: 100 },
  ));

test.each([
  [0, 0, 5, 'domain'],
  [0, -1, 5, 'domain'],
  [5, 1, 0, 'domain'],
  [0, 1, 200_000, 'too-large'],
])('values from %i by %i to %i are refused', (from, step, to, code) =>
  expect(steppedValues(fromWhole(from), fromWhole(step), fromWhole(to), context)).toMatchObject({
    ok: false,
    problem: { code },
  }),
);

test(`the simplest number between two has the smallest denominator (seed ${SEED})`, () =>
  fc.assert(
    fc.property(fc.double({ min: -9, max: 9, noNaN: true }), fc.double({ min: 0.001, max: 2, noNaN: true }), (a, w) => {
      const found = simplestBetween(a, a + w);
      expect(found >= a && found <= a + w).toBe(true);
      let d = 1;
      while (Math.ceil(a * d) > Math.floor((a + w) * d)) d += 1;
      // No fraction with a smaller denominator lies there, so it can be written with this one.
      expect(Math.abs(found * d - Math.round(found * d))).toBeLessThan(1e-9);
    }),
    { seed: SEED, numRuns: 100 },
  ));

describe(`the marks of an axis (seed ${SEED})`, () => {
  const axis = fc.record({
    from: fc.double({ min: -1e6, max: 1e6, noNaN: true }),
    span: fc.double({ min: 1e-6, max: 1e6, noNaN: true }),
    marks: fc.integer({ min: 2, max: 20 }),
  });
  test.each(['decimal', 'pi'] as const)('%s: far enough apart, within it, and written as what they are', (kind) =>
    fc.assert(
      fc.property(axis, ({ from, span, marks }) => {
        const least = span / marks;
        const made = ticksOf(from, from + span, least, kind, '.');
        expect(made.step).toBeGreaterThanOrEqual(least * (1 - 1e-9));
        // Not so far apart that an axis is left without: five to twenty-five times as many would fit.
        if (kind === 'decimal') expect(made.step).toBeLessThanOrEqual(5 * least);
        expect(made.finer).toBeLessThan(made.step);
        made.marks.forEach(({ at, text }, i) => {
          const slack = 1e-6 * Math.max(made.step, Math.abs(at) * 1e-6);
          expect(at).toBeGreaterThanOrEqual(from - slack);
          expect(at).toBeLessThanOrEqual(from + span + slack);
          // Neighbours differ by the step, up to what their doubles can tell.
          const apart = i === 0 ? made.step : at - made.marks[i - 1]!.at;
          expect(Math.abs(apart - made.step)).toBeLessThanOrEqual(1e-9 * made.step + 1e-15 * Math.abs(at));
          if (kind === 'decimal' && !text.includes('·')) expect(Number(text.replace('−', '-'))).toBeCloseTo(at, 6);
        });
        expect(new Set(made.marks.map(({ text }) => text)).size).toBe(made.marks.length);
      }),
      { seed: SEED, numRuns: 100 },
    ),
  );
});

test.each([
  [0, '.', '0'],
  [1.5, ',', '1,5'],
  [-1234567, '.', '−1.234567·10⁶'],
  [0.000001, '.', '0.000001'],
  [1.5e-9, '.', '1.5·10⁻⁹'],
  [120000, '.', '120000'],
])('%d is written at an axis as %s', (v, sign, text) => expect(tickText(v, sign)).toBe(text));

test(`a time is worth its seconds, whatever the axis counts in (seed ${SEED})`, () => {
  const units = Object.keys(timeUnits) as TimeUnit[];
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 0, max: 99 }), fc.constantFrom(...units)), { minLength: 1, maxLength: 4 }),
      fc.constantFrom(...units),
      (parts, axis) => {
        const text = timeIn(parts.map(([n, unit]) => `${n} ${unit}`).join(' '), axis)!;
        const worth = text
          .split('+')
          .map((term) => {
            const [, n, sign, m] = /^([\d.]+)(?:([*/])(\d+))?$/.exec(term)!;
            return sign === undefined ? Number(n) : sign === '*' ? Number(n) * Number(m) : Number(n) / Number(m);
          })
          .reduce((a, b) => a + b, 0);
        const seconds = parts.reduce((sum, [n, unit]) => sum + n * timeUnits[unit], 0);
        expect(worth).toBeCloseTo(seconds / timeUnits[axis], 8);
      },
    ),
    { seed: SEED, numRuns: 100 },
  );
});

describe(`the part of the plane in view (seed ${SEED})`, () => {
  const sides = fc.record({ width: fc.integer({ min: 100, max: 2000 }), height: fc.integer({ min: 100, max: 2000 }) });
  const part = fc.double({ min: -2, max: 2, noNaN: true });
  test('is moved there and back, zoomed there and back, and one scale holds at the start', () =>
    fc.assert(
      fc.property(sides, part, part, fc.double({ min: 0.2, max: 5, noNaN: true }), (screen, x, y, factor) => {
        const view = startView(screen);
        expect((view.xTo - view.xFrom) / screen.width).toBeCloseTo((view.yTo - view.yFrom) / screen.height, 10);
        const back = moved(moved(view, { x, y }), { x: -x, y: -y });
        const zoomedBack = zoomed(
          zoomed(view, { x: factor, y: factor }, { x, y })!,
          { x: 1 / factor, y: 1 / factor },
          { x, y },
        )!;
        for (const again of [back, zoomedBack])
          for (const side of ['xFrom', 'xTo', 'yFrom', 'yTo'] as const) expect(again[side]).toBeCloseTo(view[side], 8);
        expect(isDrawable(view)).toBe(true);
      }),
      { seed: SEED, numRuns: 100 },
    ));

  test('takes in the heights that it is fitted to, with the same room on both sides', () =>
    fc.assert(
      fc.property(fc.double({ min: -1e200, max: 1e200, noNaN: true }), part, fc.nat(320), (a, b, scale) => {
        const other = a + b * 10 ** -scale;
        const [low, high] = [Math.min(a, other), Math.max(a, other)];
        const view = fitted(startView({ width: 390, height: 400 }), low, high);
        expect(view.yFrom < low && view.yTo > high).toBe(true);
        // Also where the heights are so near to each other that no view could tell them apart.
        expect(isView(view)).toBe(true);
        expect(middleOf(view).y).toBeCloseTo((low + high) / 2, 9 - Math.ceil(Math.log10(Math.abs(a) + 1)));
      }),
      { seed: SEED, numRuns: 100 },
    ));
});
