import { GROUP, grouped } from './numerals';

// ISO 80000-1:2009, 7.3.1: groups of three from the decimal sign; none for four digits (common practice).
test.each([
  ['1234', '1234'],
  ['12345', '12 345'],
  ['123456', '123 456'],
  ['-123456', '-123 456'],
  ['1234567.1234567', '1 234 567.123 456 7'],
  ['0.1234', '0.1234'],
  ['12345.', '12 345.'],
])('%s is grouped as %s', (digits, expected) => expect(grouped(digits)).toBe(expected.replaceAll(' ', GROUP)));

test('a million digits are grouped as fast as they are read', () => {
  const made = grouped('7'.repeat(1_000_001));
  expect([made.length, made.slice(0, 4)]).toEqual([1_333_334, `77${GROUP}7`]);
});
