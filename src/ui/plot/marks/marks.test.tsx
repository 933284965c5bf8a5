import fc from 'fast-check';
import type { ComponentProps } from 'react';
import type { BoxMarks, ClassMarks, PlotMarks, PointMarks, ShareMarks } from '@/core/chart/model';
import { light } from '../../theme/palette';
import { PlotPicture } from '../Picture';
import { svgText } from '../svg-text';
import { partUnder, shapePaths } from '.';

const view = { xFrom: 0, xTo: 10, yFrom: 0, yTo: 10 };
const size = { width: 100, height: 200 };
const frame = { ...view, ...size };
const points: PointMarks = { kind: 'points', xs: [1, 5, 5.5], ys: [1, 5, 9], rows: [0, 1, 2], isJoined: true };
const told = { low: '', high: '', text: '' };
const bars: ClassMarks = {
  kind: 'classes',
  bars: [
    { from: 1, to: 3, height: 4, ...told },
    { from: 3, to: 6, height: 8, ...told },
  ],
};
const box: BoxMarks = {
  kind: 'box',
  boxes: [
    {
      name: '',
      low: 1,
      q1: 3,
      median: 4,
      q3: 6,
      high: 9,
      outliers: [9.8],
      texts: { low: '', q1: '', median: '', q3: '', high: '' },
      outlierTexts: [''],
    },
  ],
};

test.each<readonly [string, PlotMarks, number, number, number | null]>([
  ['a point under the finger', points, 10, 180, 0],
  ['the nearer of two', points, 52, 110, 1],
  ['a point out of reach', points, 90, 10, null],
  ['a bar, wherever in it', bars, 20, 190, 0],
  ['above a bar is the bar too', bars, 45, 2, 1],
  ['beside the bars', bars, 80, 100, null],
  ['the median', box, 41, 100, 2],
  ['an outlier', box, 98, 100, 5],
])('a tap finds %s', (_, marks, x, y, found) => expect(partUnder(marks, view, size, { x, y })).toBe(found));

test.each<readonly [string, PlotMarks, number | null, string, string]>([
  ['points', points, null, 'dots', 'M10 180h0.01M50 100h0.01M55 20h0.01'],
  ['what joins them', points, null, 'joins', 'M10 180L50 100L55 20'],
  ['bars from zero up', bars, null, 'bars', 'M10 200V120H30V200ZM30 200V40H60V200Z'],
  ['a box from quartile to quartile', box, null, 'box', 'M30 144V56H60V144Z'],
  ['its median', box, null, 'median', 'M40 144V56'],
  ['its outliers', box, null, 'outliers', 'M98 100h0.01'],
  ['a bar that is marked', bars, 1, 'chosen', 'M30 200V40H60V200Z'],
  ['a point that is marked', points, 0, 'chosen', 'M10 180h0.01'],
  ['an outlier that is marked', box, 5, 'chosen', 'M98 100h0.01'],
])('%s are drawn in the pixels of the frame', (_, marks, chosen, id, d) => {
  // A box lies across a view whose height is one.
  const paths = shapePaths({ marks, chosen }, marks.kind === 'box' ? { ...frame, yTo: 1 } : frame);
  expect(paths.find((path) => path.id === id)?.d).toBe(d);
});

test('a part that is not there is not marked', () =>
  expect(shapePaths({ marks: points, chosen: 7 }, frame).map(({ id }) => id)).toEqual(['joins', 'dots']));

test('a tap on a point finds one that lies there, seed 75', () => {
  const inside = fc.double({ min: 0, max: 10, noNaN: true });
  fc.assert(
    fc.property(fc.array(fc.tuple(inside, inside), { minLength: 1, maxLength: 12 }), fc.nat(11), (all, at) => {
      const marks = { ...points, xs: all.map(([x]) => x), ys: all.map(([, y]) => y) };
      const [x, y] = all[at % all.length]!;
      const found = partUnder(marks, view, size, { x: x * 10, y: 200 - y * 20 });
      const [u, v] = all[found!]!;
      return Math.hypot((u - x) * 10, (v - y) * 20) < 1e-6;
    }),
    { seed: 75 },
  );
});

const plain = {
  drawing: { frame, curves: [{ id: 'f', path: 'M0 0L50 60', look: 1 }] },
  x: { name: 'length & width', unit: 'mm', ticks: 'decimal' },
  y: { name: 'depth', unit: '', ticks: 'decimal' },
  numbered: [{ x: 5, y: 5, number: 1, isChosen: false }],
  shown: { marks: bars, chosen: null },
  palette: light,
  decimalSign: ',',
  large: 1,
} as const;

const saved = (other: Partial<ComponentProps<typeof PlotPicture>>): string =>
  svgText(<PlotPicture {...plain} {...other} />, light.paper);

const parsed = (svg: string): Document => {
  const made = new DOMParser().parseFromString(svg, 'image/svg+xml');
  expect(made.querySelector('parsererror')).toBeNull();
  return made;
};

test('a picture that is saved holds shapes, curves, numbered points and the titles of its axes, and no class of the page', () => {
  const svg = saved({});
  const made = parsed(svg);
  expect(svg).toMatch(/^<svg xmlns="http:\/\/www.w3.org\/2000\/svg"/);
  expect(made.documentElement.getAttribute('viewBox')).toBe('0 0 100 200');
  expect([...made.querySelectorAll('path')].map((path) => path.getAttribute('d'))).toEqual(
    expect.arrayContaining(['M10 200V120H30V200ZM30 200V40H60V200Z', 'M0 0L50 60', 'M45 95l10 10m-10 0l10 -10']),
  );
  expect(made.documentElement.textContent).toContain('→ length & width / mm↑ depth');
  expect(svg).toContain('length &amp; width');
  expect(svg).not.toMatch(/class=|position/);
});

test('an axis on which nothing is measured is not named', () => {
  const y = { name: '', unit: '', ticks: 'none' } as const;
  expect(saved({ y })).not.toContain('↑');
});

test('a picture is a document whatever its names hold', () => {
  const axis = { name: 'h\u0000\u0007<b>&"\ud800', unit: '\uffff😀', ticks: 'decimal' } as const;
  const made = parsed(saved({ x: axis, y: axis }));
  expect(made.documentElement.textContent).toContain('h<b>&"');
  expect(made.documentElement.textContent).toContain('😀');
});

const slope: ShareMarks = { kind: 'share', xs: [0, 5, 10], ys: [0, 5, 0], isOfCounts: false, from: 2, to: 8 };
const shaded = (marks: ShareMarks): string =>
  shapePaths({ marks, chosen: null }, frame).find(({ id }) => id === 'shaded')?.d ?? '';

test.each<readonly [string, Partial<ShareMarks>, string]>([
  ['between its bounds', {}, 'M20 200L20 160L50 100L80 160L80 200Z'],
  ['up to one bound', { from: null, to: 5 }, 'M0 200L0 200L50 100L50 200Z'],
  ['outside both', { isOutside: true }, 'M0 200L0 200L20 160L20 200ZM80 200L80 160L100 200L100 200Z'],
  ['of counts their bars', { isOfCounts: true, from: 4, to: 6 }, 'M46 200V100H54V200Z'],
  ['nowhere, beyond what is drawn', { from: 11, to: 12 }, ''],
])('a distribution is shaded %s', (_, how, path) => {
  expect(shaded({ ...slope, ...how })).toBe(path);
});
