import { fromFragment, fromSharedFile, toFragment } from './shared';
import type { Shared } from './shared';

const line: Shared = {
  kind: 'line',
  text: '2÷(1+√2)#%',
  angle: 'rad',
  impliedFirst: true,
  complex: false,
  decimalSign: ',',
  own: { mode: 'places', digits: 4 },
  keys: ['d2', "'÷", '"(1+√2)'],
};

test('a link carries a line and its settings', () => {
  const fragment = toFragment(line);
  expect(fragment).not.toMatch(/[#%]$|\s/);
  expect(fromFragment(`#${fragment}`)).toEqual(line);
});

test.each([
  ['', null],
  ['#elsewhere', null],
  ['#ulkav=%7B', 'damaged'],
  ['#ulkav=%', 'damaged'],
  [`#${toFragment({ ...line, angle: 'turns' } as never)}`, 'damaged'],
  [`#${toFragment({ ...line, keys: Array.from({ length: 5000 }, () => 'd1') })}`, 'damaged'],
])('the fragment %.20s is %s', (fragment, expected) => expect(fromFragment(fragment)).toBe(expected));

test('a file that is no bundle is damaged', () => {
  expect(fromSharedFile('{"kind":"settings"}')).toBe('damaged');
  expect(fromSharedFile('not json')).toBe('damaged');
});
