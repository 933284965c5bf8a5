import fc from 'fast-check';
import { light } from '../theme/palette';
import { plotSvg } from './image';
import { NO_SHAPES, shapeAt, shapePaths } from './shapes';
import type { PlotShapes } from './shapes';

const view = { xFrom: 0, xTo: 10, yFrom: 0, yTo: 10 };
const size = { width: 100, height: 200 };
const frame = { ...view, ...size };
const points: PlotShapes = { ...NO_SHAPES, points: { xs: [1, 5, 5.5], ys: [1, 5, 9], isJoined: true } };
const bars: PlotShapes = {
  ...NO_SHAPES,
  bars: [
    { from: 1, to: 3, height: 4 },
    { from: 3, to: 6, height: 8 },
  ],
};
const box: PlotShapes = { ...NO_SHAPES, box: { low: 1, q1: 3, median: 4, q3: 6, high: 9, outliers: [9.8] } };

test.each<readonly [string, PlotShapes, number, number, number | null]>([
  ['a point under the finger', points, 10, 180, 0],
  ['the nearer of two', points, 52, 110, 1],
  ['a point out of reach', points, 90, 10, null],
  ['a bar, wherever in it', bars, 20, 190, 0],
  ['above a bar is the bar too', bars, 45, 2, 1],
  ['beside the bars', bars, 80, 100, null],
  ['the median', box, 41, 100, 2],
  ['an outlier', box, 98, 100, 5],
])('a tap finds %s', (_, shapes, x, y, found) => expect(shapeAt(shapes, view, size, { x, y })).toBe(found));

test.each<readonly [string, PlotShapes, string, string]>([
  ['points', points, 'dots', 'M10 180h0.01M50 100h0.01M55 20h0.01'],
  ['what joins them', points, 'joins', 'M10 180L50 100L55 20'],
  ['bars from zero up', bars, 'bars', 'M10 200V120H30V200ZM30 200V40H60V200Z'],
  ['a box from quartile to quartile', box, 'box', 'M30 144V56H60V144Z'],
  ['its median', box, 'median', 'M40 144V56'],
  ['its outliers', box, 'outliers', 'M98 100h0.01'],
  ['a bar that is marked', { ...bars, chosen: 1 }, 'chosen', 'M30 200V40H60V200Z'],
])('%s are drawn in the pixels of the frame', (_, shapes, id, d) =>
  // A box lies across a view whose height is one.
  expect(shapePaths(shapes, shapes.box === null ? frame : { ...frame, yTo: 1 }).find((path) => path.id === id)?.d).toBe(
    d,
  ),
);

test('a tap on a point finds one that lies there, seed 75', () => {
  const inside = fc.double({ min: 0, max: 10, noNaN: true });
  fc.assert(
    fc.property(fc.array(fc.tuple(inside, inside), { minLength: 1, maxLength: 12 }), fc.nat(11), (all, at) => {
      const shapes = { ...NO_SHAPES, points: { xs: all.map(([x]) => x), ys: all.map(([, y]) => y), isJoined: false } };
      const [x, y] = all[at % all.length]!;
      const found = shapeAt(shapes, view, size, { x: x * 10, y: 200 - y * 20 });
      const [u, v] = all[found!]!;
      return Math.hypot((u - x) * 10, (v - y) * 20) < 1e-6;
    }),
    { seed: 75 },
  );
});

test('a picture holds the shapes, names its axes, and leaves out marks where there are none', () => {
  const svg = plotSvg({
    drawing: { frame, curves: [] },
    x: { name: 'length', unit: 'mm', ticks: 'decimal', labels: [{ at: 2, text: 'oak & elm' }] },
    y: { name: '', unit: '', ticks: 'decimal', labels: null },
    marks: [],
    shapes: bars,
    palette: light,
    decimalSign: '.',
  });
  expect(svg).toContain('d="M10 200V120H30V200ZM30 200V40H60V200Z"');
  expect(svg).toContain('oak &amp; elm');
  expect(svg).toContain('→ length / mm');
  expect(svg).not.toContain('↑');
});

test('a picture is a document whatever its names hold', () => {
  const axis = { name: 'h\u0000\u0007<b>&"\ud800', unit: '\uffff😀', ticks: 'decimal' } as const;
  const svg = plotSvg({
    drawing: { frame, curves: [] },
    x: axis,
    y: axis,
    marks: [],
    shapes: null,
    palette: light,
    decimalSign: '.',
  });
  const made = new DOMParser().parseFromString(svg, 'image/svg+xml');
  expect(made.querySelector('parsererror')).toBeNull();
  expect(made.documentElement.textContent).toContain('h<b>&"');
  expect(made.documentElement.textContent).toContain('😀');
});
