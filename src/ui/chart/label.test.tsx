import type { LabelMarks } from '@/core/chart/model';
import { tickText } from '@/core/curve/ticks';
import { svgText } from '../plot/svg-text';
import { light } from '../theme/palette';
import { LabelPicture } from './LabelPicture';
import { fittingLabels, shortened, wholeSize } from './label-size';

const marks: LabelMarks = {
  kind: 'labels',
  as: 'bars',
  labels: ['Low slip', 'Low slip', 'Tern stair'],
  heights: [31.5, -4, Infinity],
  texts: ['31.5', '-4', '1E400'],
};
const size = { width: 390, height: 300 };

const drawn = (other: Partial<LabelMarks>, chosen: number | null = null): Document => {
  const picture = (
    <LabelPicture
      marks={{ ...marks, ...other }}
      labels={other.labels ?? marks.labels}
      size={size}
      palette={light}
      heightText={(v) => tickText(v, ',')}
      large={1}
      chosen={chosen}
      inSight={0}
      onChoose={null}
    />
  );
  return new DOMParser().parseFromString(svgText(picture, light.paper), 'image/svg+xml');
};
const bars = (made: Document): readonly Element[] =>
  [...made.querySelectorAll('path')].filter((path) => path.getAttribute('fill-opacity') !== null);
const texts = (made: Document): readonly (string | null)[] =>
  [...made.querySelectorAll('text')].map(({ textContent }) => textContent);

test('a bar for each height that can be drawn, labels that are alike beside each other, marks with our signs', () => {
  const made = drawn({});
  expect(bars(made)).toHaveLength(2);
  expect(texts(made)).toEqual(expect.arrayContaining(['−10', '40', 'Low slip', 'Tern stair']));
  expect(texts(made).filter((text) => text === 'Low slip')).toHaveLength(2);
});

test('bars stand on one line, those below zero hang from it', () => {
  const [up, down] = bars(drawn({ heights: [10, -5, 5] })).map((bar) => {
    const [, top, height] = /^M\S+ (\S+)h\S+?v([^h]+)h/.exec(bar.getAttribute('d') ?? '') ?? [];
    return { top: Number(top), foot: Number(top) + Number(height) };
  });
  expect(up?.foot).toBeCloseTo(down?.top ?? NaN, 6);
});

test('the chosen bar is marked, and no other', () =>
  expect(bars(drawn({ heights: [1, 2, 3] }, 1)).map((bar) => bar.getAttribute('stroke'))).toEqual([
    light.curve1,
    light.accent,
    light.curve1,
  ]));

test.each([
  ['heights that do not vary', [7, 7, 7]],
  ['heights that are zero', [0, 0, 0]],
  ['heights that differ in their last digits', [1e17, 1e17 + 16, 1e17 + 32]],
  ['none that can be drawn', [Infinity, -Infinity, Infinity]],
  ['very large ones', [1e300, -1e300, 5e299]],
  ['very small ones', [1e-300, 3e-300, 2e-300]],
] as const)('%s are drawn, as bars and as a line', (_, heights) => {
  expect(texts(drawn({ heights })).length).toBeGreaterThan(3);
  expect(texts(drawn({ heights, as: 'line' })).length).toBeGreaterThan(3);
});

test('long labels are shortened, and a picture that is saved is as wide as all of them need', () => {
  expect(shortened('The old harbour wall')).toBe('The old har…');
  const many = Array.from({ length: 40 }, (_, i) => `berth ${i}`);
  const whole = wholeSize(many, size);
  expect(fittingLabels(many, size.width, 1)).toBeLessThan(10);
  expect(fittingLabels(many, whole.width, 1)).toBeGreaterThanOrEqual(40);
});
