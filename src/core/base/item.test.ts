import { entryAt, itemAt, lastOf, present } from './item';

test.each([
  ['an index before the first', () => itemAt([1, 2], -1)],
  ['an index past the last', () => itemAt([1, 2], 2)],
  ['an index between two', () => itemAt([1, 2], NaN)],
  ['the last of nothing', () => lastOf([])],
  ['a key that is not there', () => entryAt(new Map([['a', 1]]), 'b')],
  ['nothing', () => present(null)],
])('%s is a bug, and fails', (_, take) => expect(take).toThrow());

test('what is there is taken, also where it is nothing by itself', () => {
  expect([itemAt([1, 2], 1), lastOf('xyz'), entryAt(new Map([['a', undefined]]), 'a'), present(0)]).toEqual([
    2,
    'z',
    undefined,
    0,
  ]);
  expect(itemAt([undefined], 0)).toBeUndefined();
});
