import { timeIn } from './time';
import { simplestBetween } from './simplest';
import { ticksOf } from './ticks';
import { fitted, isDrawable, middleOf, moved, startView, zoomed } from './view';

test.each([
  ['2 min 15 s', 's', '2*60+15'],
  ['2min15s', 's', '2*60+15'],
  ['1 h 30 min', 'min', '1*60+30'],
  ['90 s', 'min', '90/60'],
  ['1,5 h', 'h', '1.5'],
  ['135', 's', null],
  ['2 minutes', 's', null],
  ['2 min x', 's', null],
] as const)('%s on an axis in %s is %s', (text, axis, made) => expect(timeIn(text, axis)).toBe(made));

test.each([
  [0.3, 0.4, 1 / 3],
  [-1e-17, 1e-17, 0],
  [1.2, 3, 2],
  [-0.34, -0.33, -1 / 3],
  [0.4999, 0.4999, 0.4999],
])('the simplest number from %d to %d is %d', (a, b, at) => expect(simplestBetween(a, b)).toBe(at));

test.each([
  [-6, 6, 1.5, 'decimal', '.', ['−6', '−4', '−2', '0', '2', '4', '6']],
  [0, 0.35, 0.08, 'decimal', '.', ['0', '0.1', '0.2', '0.3']],
  [0, 0.35, 0.08, 'decimal', ',', ['0', '0,1', '0,2', '0,3']],
  [0, 30000, 9000, 'decimal', '.', ['0', '10000', '20000', '30000']],
  [0, 3e7, 9e6, 'decimal', '.', ['0', '1·10⁷', '2·10⁷', '3·10⁷']],
  [0, 3e-8, 9e-9, 'decimal', '.', ['0', '1·10⁻⁸', '2·10⁻⁸', '3·10⁻⁸']],
  [-3.2, 6.3, 1, 'pi', '.', ['−π', '−π/2', '0', 'π/2', 'π', '3π/2', '2π']],
  [0, 1, 0.2, 'pi', '.', ['0', 'π/12', 'π/6', 'π/4']],
  [0, 40, 11, 'pi', '.', ['0', '5π', '10π']],
] as const)('an axis from %d to %d, marks %d apart, in %s%s', (from, to, least, kind, sign, texts) =>
  expect(ticksOf(from, to, least, kind, sign).marks.map(({ text }) => text)).toEqual(texts),
);

test('the Start view has one scale, and the other views keep to what they promise', () => {
  const view = startView({ width: 390, height: 780 });
  expect(view).toEqual({ xFrom: -6, xTo: 6, yFrom: -12, yTo: 12 });
  const near = zoomed(view, { x: 2, y: 2 }, { x: 3, y: 0 })!;
  // What lies under the fingers stays there.
  expect((3 - near.xFrom) / (near.xTo - near.xFrom)).toBeCloseTo((3 - view.xFrom) / (view.xTo - view.xFrom), 12);
  expect(moved(view, { x: 0.5, y: 0 }).xFrom).toBe(0);
  expect(middleOf(fitted(view, 0, 10)).y).toBe(5);
  expect(isDrawable(fitted(view, 3, 3))).toBe(true);
  let closer: typeof near | null = view;
  let steps = 0;
  while (closer !== null && steps < 200) {
    closer = zoomed(closer, { x: 2, y: 2 }, { x: 1 / 3, y: 0 });
    steps += 1;
  }
  expect(steps).toBeLessThan(60);
});
