import { WeakCache } from './weak-cache';

test('what is known stays while room is not asked for, and is forgotten when it is after much else', () => {
  const cache = new WeakCache<object, number>();
  const first = {};
  cache.set(first, 1);
  cache.makeRoom();
  expect(cache.get(first)).toBe(1);
  for (let i = 0; i < 200_000; i += 1) cache.set({}, i);
  expect(cache.get(first)).toBe(1);
  cache.makeRoom();
  expect(cache.get(first)).toBeUndefined();
  expect(cache.set(first, 2)).toBe(2);
});
