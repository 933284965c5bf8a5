import { cleared, isChanging, keep, kindOf, memoryOperations, registerNames, registerText } from './shelf';
import type { Kept, Shelf } from './shelf';

const kept = (value: number): Kept<number> => ({
  value,
  full: `${value}`,
  from: `${value}`,
  typed: `${value}`,
  exact: true,
  line: null,
  at: null,
});

test('there are ten slots, a place for each letter, and one total, each with a name of its own', () => {
  const kinds = registerNames.map(kindOf);
  expect(['slot', 'letter', 'total'].map((kind) => kinds.filter((k) => k === kind).length)).toEqual([10, 26, 1]);
  expect(new Set(registerNames.map(registerText)).size).toBe(registerNames.length);
});

test.each([
  ['3', 'slot', 'slot(3)'],
  ['A', 'letter', 'A'],
  ['total', 'total', 'total'],
])('%s is a %s, written %s in a line', (name, kind, text) =>
  expect([kindOf(name), registerText(name)]).toEqual([kind, text]),
);

test('what is kept takes the place of what was there, and nothing else moves', () => {
  const before: Shelf<number> = { A: kept(1), '3': kept(2) };
  const after = keep(before, 'A', kept(9));
  expect([after['A']?.value, after['3'], before['A']?.value]).toEqual([9, before['3'], 1]);
});

test('only what is meant is cleared, and where it holds nothing the shelf is the same', () => {
  const shelf: Shelf<number> = { A: kept(1), B: kept(2), '3': kept(3), total: kept(4) };
  expect(Object.keys(cleared(shelf, (name) => kindOf(name) === 'letter'))).toEqual(['3', 'total']);
  expect(cleared(shelf, (name) => name === 'Z')).toBe(shelf);
});

test.each(memoryOperations)('%s tells whether it changes a value by another', (operation) =>
  expect(isChanging(operation)).toBe(/addTo|takeFrom|multiplyBy|divideBy/.test(operation)),
);
