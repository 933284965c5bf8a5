import Decimal from 'decimal.js';
import fc from 'fast-check';
import { contextOf } from '../evaluate/context';
import { evaluate } from '../evaluate/evaluate';
import { functionNames } from '../function';
import { grouped } from '../language/numerals';
import { parse } from '../language/parse';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { fromRational } from '../number/value';
import { formsOf } from '.';
import { plainNature } from './form';
import type { Form, FormId, Nature } from './form';
import { expansion } from './recurring';
import { displayModes } from './settings';
import type { DisplaySettings } from './settings';

/* Digits against decimal.js 10.6, a general-purpose library of decimals. */

const SEED = 20261128;
const runs = { seed: SEED, numRuns: 400 };
const shouldContinue = () => true;
const D = Decimal.clone({ precision: 80, rounding: Decimal.ROUND_HALF_UP, toExpNeg: -9e9, toExpPos: 9e9 });

const part = fc.oneof(fc.integer({ min: -999, max: 999 }), fc.integer({ min: -(10 ** 9), max: 10 ** 9 }));
const number = fc
  .tuple(part, fc.integer({ min: 1, max: 10_000 }), fc.integer({ min: -15, max: 15 }))
  .map(([n, d, e]) => {
    const ten = q.powerWhole(q.whole(10), Math.abs(e));
    return q.multiply(q.rational(BigInt(n), BigInt(d)), e < 0 ? q.reciprocal(ten) : ten);
  });
const display: fc.Arbitrary<DisplaySettings> = fc.record({
  mode: fc.constantFrom(...displayModes),
  digits: fc.integer({ min: 1, max: 15 }),
  grouping: fc.boolean(),
  decimalSign: fc.constantFrom('.', ','),
});

const decimal = ({ n, d }: Rational): Decimal => new D(n.toString()).div(d.toString());
const PLAIN: Nature = plainNature('rad');

function formsIn(of: Rational, settings: DisplaySettings, nature = PLAIN): readonly Form[] {
  const forms = formsOf(fromRational(of), settings, shouldContinue, nature);
  if (!forms.ok) throw new Error(forms.problem);
  return forms.value;
}

/** What a typed form is worth when it is read again. */
function read(typed: string): Rational {
  const reading = parse(typed, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(`${typed}: ${reading.problem.code}`);
  const value = evaluate(reading.value.tree, contextOf({ angle: 'rad', shouldContinue }));
  if (!value.ok || value.value.kind !== 'rational') throw new Error(`${typed} is no rational`);
  return value.value.value;
}

test(`what is shown as equal is equal when it is read again, in every form (seed ${SEED})`, () =>
  fc.assert(
    fc.property(number, display, (of, settings) => {
      const forms = formsIn(of, settings);
      expect(forms.length).toBeGreaterThan(0);
      for (const form of forms) {
        const again = read(form.typed);
        expect({ id: form.id, isSame: q.equal(again, of) }).toEqual({ id: form.id, isSame: form.exact });
      }
    }),
    runs,
  ));

const superscript = '⁰¹²³⁴⁵⁶⁷⁸⁹';

/** A decimal as it is shown, read by its characters alone. */
function shownNumber(text: string, sign: string): Readonly<{ mantissa: string; exponent: number | null }> {
  const [mantissa = '', power] = text.replaceAll('\u2009', '').replace('−', '-').replace(sign, '.').split('×10');
  if (power === undefined) return { mantissa, exponent: null };
  const digits = [...power].map((c) => (c === '⁻' ? '-' : String(superscript.indexOf(c)))).join('');
  return { mantissa, exponent: Number(digits) };
}

test(`a decimal has the digits of the library, rounded half away from zero (seed ${SEED})`, () =>
  fc.assert(
    fc.property(number, display, (of, settings) => {
      const form = formsIn(of, settings).find(({ id }) => id === 'decimal');
      if (form === undefined) return; // A whole number is its own decimal.
      const { mode, digits, decimalSign } = settings;
      const theirs = decimal(of);
      const { mantissa, exponent } = shownNumber(form.text, decimalSign);
      const shown = new D(mantissa).times(new D(10).pow(exponent ?? 0));
      const expected = mode === 'places' ? theirs.toDecimalPlaces(digits) : theirs.toSignificantDigits(digits);
      // Where it is exact, no digit is left out.
      expect(shown.toFixed()).toBe((form.exact ? theirs : expected).toFixed());
      const size = new D(mantissa).abs();
      if (mode === 'scientific')
        expect(exponent !== null && (size.isZero() || (size.gte(1) && size.lt(10)))).toBe(true);
      if (mode === 'engineering')
        expect([exponent !== null && exponent % 3 === 0, size.isZero() || (size.gte(1) && size.lt(1000))]).toEqual([
          true,
          true,
        ]);
      if (mode === 'places' && exponent === null) expect(mantissa.split('.')[1] ?? '').toHaveLength(digits);
    }),
    runs,
  ));

test(`grouping moves no digit, and adds nothing to what is typed (seed ${SEED})`, () =>
  fc.assert(
    fc.property(number, display, (of, settings) => {
      const [with_, without] = [true, false].map((grouping) => formsIn(of, { ...settings, grouping }));
      expect(with_!.map(({ text }) => text.replaceAll('\u2009', ''))).toEqual(without!.map(({ text }) => text));
      expect(with_!.map(({ typed }) => typed)).toEqual(without!.map(({ typed }) => typed));
    }),
    runs,
  ));

test.each([
  ['1', '1'],
  // Four digits may stand together (SI Brochure, 9th edition, 5.4.4).
  ['1234', '1234'],
  ['12345', '12\u2009345'],
  ['123456', '123\u2009456'],
  ['1234567', '1\u2009234\u2009567'],
])('%s is grouped as %j', (digits, expected) => expect(grouped(digits)).toBe(expected));

test(`a decimal that recurs is what division by hand gives (seed ${SEED})`, () =>
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 9999 }), fc.integer({ min: 2, max: 400 }), (n, d) => {
      const of = q.rational(BigInt(n), BigInt(d));
      const found = expansion(of);
      if (found === null) return;
      const { whole, plain, block } = found;
      // (whole.plain block block …) = (digits with one block − digits without) / (as many nines, then zeros).
      const zeros = 10n ** BigInt(plain.length);
      const before = BigInt(`${whole}${plain}`);
      const expected =
        block === ''
          ? q.rational(before, zeros)
          : q.rational(BigInt(`${whole}${plain}${block}`) - before, (10n ** BigInt(block.length) - 1n) * zeros);
      expect(expected).toEqual(of);
      if (block !== '') {
        // The block is no shorter one repeated, and could not have begun earlier.
        for (let k = 1; k < block.length; k += 1)
          if (block.length % k === 0) expect(block.slice(0, k).repeat(block.length / k)).not.toBe(block);
        if (plain !== '') expect(plain.at(-1)).not.toBe(block.at(-1));
      }
    }),
    runs,
  ));

test(`a quotient of whole numbers tells its remainder, from zero to the divisor (seed ${SEED})`, () =>
  fc.assert(
    fc.property(fc.bigInt(-999_999n, 999_999n), fc.bigInt(2n, 999n), (of, by) => {
      const forms = formsIn(
        q.rational(of, by),
        { mode: 'auto', digits: 10, grouping: false, decimalSign: '.' },
        {
          ...PLAIN,
          quotient: { of, by },
        },
      );
      const form = forms.find(({ id }) => id === ('remainder' satisfies FormId));
      if (of % by === 0n) return expect(form).toBeUndefined();
      const [, times = '', rest = ''] = /^(−?\d+) remainder (\d+)$/.exec(form?.text ?? '') ?? [];
      const [whole, left] = [BigInt(times.replace('−', '-')), BigInt(rest)];
      expect([whole * by + left, left > 0n && left < by]).toEqual([of, true]);
    }),
    runs,
  ));
