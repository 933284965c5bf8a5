import fc from 'fast-check';
import * as q from '../number/rational';
import { bitsOperationIds, operate } from './bits';
import { expansion, groupedDigits, valueOfDigits, writtenDigits } from './digits';
import { fitsWord, readPattern, wordIds, words } from './word';
import { inColumns, placeValues, repeatedDivision, repeatedMultiplication } from './working';

const SEED = 20261128;
const law = (name: string, run: () => void): void => test(`${name} (seed ${SEED})`, run);
const check = <T extends [unknown, ...unknown[]]>(property: fc.IProperty<T>): void =>
  fc.assert(property, { seed: SEED });

const base = fc.integer({ min: 2, max: 36 });
const fraction = fc.tuple(fc.bigInt(0n, 5000n), fc.bigInt(1n, 60n)).map(([n, d]) => q.rational(n, d));
const word = fc.constantFrom(...wordIds).map((id) => words[id]);

law('digits that were written out are worth the fraction again', () =>
  check(
    fc.property(fraction, base, (of, b) => {
      const found = expansion(of, b, 100);
      expect(found === null || q.equal(valueOfDigits(writtenDigits(found, b), b), of)).toBe(true);
    }),
  ),
);

law('the language’s own digits are the same', () =>
  check(
    fc.property(fc.bigInt(0n, 1n << 80n), base, (n, b) => expect(valueOfDigits(n.toString(b), b)).toEqual(q.whole(n))),
  ),
);

law('repeated division and place values are worth the number', () =>
  check(
    fc.property(fc.bigInt(0n, 1n << 70n), base, (n, b) => {
      const digits = repeatedDivision(n, b).map(({ digit }) => digit);
      expect(digits.reverse().join('')).toBe(n.toString(b).toUpperCase());
      const sum = placeValues(digits.join('')).reduce(
        (s, { worth, exponent }) => s + BigInt(worth) * BigInt(b) ** BigInt(exponent),
        0n,
      );
      expect(sum).toBe(n);
    }),
  ),
);

/** What the platform’s own BigInt.asIntN and asUintN make of each operation. */
const platform: Readonly<Record<(typeof bitsOperationIds)[number], (a: bigint, b: bigint, bits: number) => bigint>> = {
  and: (a, b) => a & b,
  or: (a, b) => a | b,
  xor: (a, b) => a ^ b,
  nand: (a, b) => ~(a & b),
  nor: (a, b) => ~(a | b),
  xnor: (a, b) => ~(a ^ b),
  not: (a) => ~a,
  neg: (a) => -a,
  shl: (a, b) => a << b,
  shr: (a, b, bits) => BigInt.asUintN(bits, a) >> b,
  sar: (a, b, bits) => BigInt.asIntN(bits, a) >> b,
  rol: (a, b, bits) =>
    (BigInt.asUintN(bits, a) << (b % BigInt(bits))) | (BigInt.asUintN(bits, a) >> (BigInt(bits) - (b % BigInt(bits)))),
  ror: (a, b, bits) =>
    (BigInt.asUintN(bits, a) >> (b % BigInt(bits))) | (BigInt.asUintN(bits, a) << (BigInt(bits) - (b % BigInt(bits)))),
  add: (a, b) => a + b,
  sub: (a, b) => a - b,
  mul: (a, b) => a * b,
};

law('operations on words are those of BigInt.asIntN and asUintN', () =>
  check(
    fc.property(
      word.chain((w) =>
        fc.tuple(
          fc.constant(w),
          fc.bigInt(-(1n << BigInt(w.bits - 1)), (1n << BigInt(w.bits)) - 1n),
          fc.bigInt(0n, 70n),
        ),
      ),
      fc.constantFrom(...bitsOperationIds),
      ([w, a, small], id) => {
        const result = operate(id, a, small, w);
        if (!result.ok) throw new Error(id);
        const { pattern, overflow } = result.value;
        expect(pattern).toBe(BigInt.asUintN(w.bits, platform[id](a, small, w.bits)));
        if (id === 'add' || id === 'sub' || id === 'mul') {
          const right = platform[id](readPattern(a, w), readPattern(small, w), w.bits);
          expect(overflow).toBe(!fitsWord(right, w));
        }
      },
    ),
  ),
);

law('a sum written out in columns is the sum, and its last carry the carry', () =>
  check(
    fc.property(fc.bigInt(0n, 255n), fc.bigInt(0n, 255n), fc.constantFrom('add', 'sub'), (a, b, op) => {
      const { result, carries } = inColumns(op, a, b, 8);
      const done = operate(op, a, b, words.unsigned8);
      if (!done.ok) throw new Error(op);
      expect(BigInt(`0b${result}`)).toBe(done.value.pattern);
      expect(carries.startsWith('1')).toBe(done.value.carry);
    }),
  ),
);

test.each([
  // 100 + 100 in eight signed bits is −56, and does not fit; the bit that left a shift is its carry (worked by hand).
  ['add', 100n, 100n, 'signed8', -56n, false, true],
  ['add', 200n, 100n, 'unsigned8', 44n, true, true],
  ['sub', 3n, 5n, 'unsigned8', 254n, true, true],
  ['sub', 3n, 5n, 'signed8', -2n, true, false],
  ['neg', -128n, 0n, 'signed8', -128n, true, true],
  ['shl', 0b10000001n, 1n, 'unsigned8', 2n, true, true],
  ['shr', 5n, 1n, 'signed8', 2n, true, false],
  ['sar', -5n, 1n, 'signed8', -3n, true, false],
  ['rol', 0b10000001n, 1n, 'unsigned8', 3n, true, false],
  ['ror', 1n, 1n, 'unsigned8', 128n, true, false],
  ['not', 25n, 0n, 'unsigned8', 230n, false, false],
] as const)('%s of %s and %s in %s is %s, carry %s, overflow %s', (id, a, b, wordName, value, carry, overflow) => {
  const result = operate(id, a, b, words[wordName]);
  expect(result.ok && { ...result.value, pattern: readPattern(result.value.pattern, words[wordName]) }).toEqual({
    pattern: value,
    carry,
    overflow,
  });
});

law('the digits behind the point come by repeated multiplication', () =>
  check(
    fc.property(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 41, max: 60 }), base, (n, d, b) => {
      const fraction = q.rational(BigInt(n), BigInt(d));
      const digits = repeatedMultiplication(fraction, b, 20).map(({ digit }) => digit);
      const found = expansion(fraction, b, 100);
      const all = found === null ? '' : found.plain + found.block.repeat(20);
      expect(found === null || all.startsWith(digits.join(''))).toBe(true);
    }),
  ),
);

test.each([
  ['and', 256n, 1n, 'outside-word'],
  ['and', -129n, 1n, 'outside-word'],
  ['shl', 1n, -1n, 'places-of-bits'],
] as const)('%s of %s and %s is refused: %s', (id, a, b, reason) =>
  expect(operate(id, a, b, words.signed8)).toMatchObject({ ok: false, problem: { reason } }),
);

test('digits stand in fours in base 2 and 16, else in threes', () => {
  expect(groupedDigits('110100101', 2, ' ')).toBe('1 1010 0101');
  expect(groupedDigits('1234567', 8, ' ')).toBe('1 234 567');
  expect(groupedDigits('10.0̅1̅', 2, ' ')).toBe('10.0̅1̅');
});
