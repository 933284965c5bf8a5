import { printText, TYPED } from '../language/print-text';
import { nearTo } from './near';

test.each([
  ['0.333', '1/3'],
  ['0.143', '1/7'],
  ['-0.667', '-(2/3)'],
  ['1.4142', 'sqrt(2)'],
  ['0.8660', 'sqrt(3)/2'],
  ['3.1416', 'pi'],
  ['0.785398', 'pi/4'],
  ['2.0944', '2pi/3'],
  ['0.5', ''],
  ['0.125', ''],
  ['0.7312', ''],
  ['12', ''],
  ['48.50', ''],
  ['0.0000001', ''],
])('%s may be %s', (written, expected) => {
  expect(
    nearTo(written)
      .map((near) => printText(near.tree, TYPED))
      .join(' '),
  ).toBe(expected);
});
