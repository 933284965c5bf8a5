import { evaluate } from '@/core/evaluate/evaluate';
import { contextOf } from '@/core/evaluate/context';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { asSavings, solveLoan } from '@/core/loan/loan';
import { negate } from '@/core/number/arithmetic';
import { toDouble } from '@/core/number/to-double';
import { compareReals } from '@/core/number/sign';
import { fromWhole, isReal } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import { inputs as percentInputs } from './percent/inputs';
import { linesOf } from './percent/lines';
import { formulaOf, periodicText } from './loans/formula';
import { pairWith } from './units/inputs';
import { findUnits, questionIn } from './units/names';

const goesOn = () => true;

function worth(text: string): RealValue {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  const value = reading.ok ? evaluate(reading.value.tree, contextOf({ shouldContinue: goesOn })) : reading;
  if (!value.ok || value.value.kind === 'matrix' || !isReal(value.value)) throw new Error(text);
  return value.value;
}

const near = (v: RealValue): number => toDouble(v, goesOn);
const isSame = (a: RealValue, b: RealValue): boolean => compareReals(a, b, goesOn) === 0;

test.each([
  ['5 acres in hectares', '5 acre ha area'],
  ['33 °C in °F', '33 °C °F temperature'],
  ['2 1/2 US gallons to litres', '2 1/2 US gal L volume'],
  ['5 blobs in metres', null],
  ['acres in hectares', null],
])('the question “%s” is understood as %s', (text, expected) => {
  const found = questionIn(text);
  expect(found && `${found.value} ${found.from} ${found.to} ${found.kind}`).toBe(expected);
});

test.each([
  ['gallon', ['US gal', 'imp gal']],
  ['km/h', ['km/h']],
  ['degrees fahr', ['°F']],
])('“%s” finds first %j', (text, signs) =>
  expect(
    findUnits(text)
      .slice(0, signs.length)
      .map(({ sign }) => sign),
  ).toEqual(signs),
);

test('a unit that is chosen for both places leaves the other one the place it had', () => {
  expect(pairWith({ from: '°C', to: '°F' }, { from: '°F' })).toEqual(['°F', '°C']);
  expect(pairWith({ from: '°C', to: '°F' }, { to: '°C' })).toEqual(['°F', '°C']);
  expect(pairWith({ from: '°C', to: '°F' }, { to: 'K' })).toEqual(['°C', 'K']);
});

test.each([
  [{ kind: 'share', part: '36', whole: '240' }, '15'],
  [{ kind: 'share', part: '36', percent: '15' }, '240'],
  [{ kind: 'share', whole: '200+40', percent: '15' }, '36'],
  [{ kind: 'change', from: '80', to: '100' }, '25'],
  [{ kind: 'change', to: '100', by: '25' }, '80'],
  [{ kind: 'series', before: '240', steps: [['-20'], ['19']] }, '22848/100'],
  [{ kind: 'series', after: '22848/100', steps: [['-20'], ['19']] }, '240'],
  [{ kind: 'three', a: '3', b: '12', c: '5' }, '20'],
  [{ kind: 'three', a: '3', b: '12', c: '4', relation: 'inverse' }, '9'],
])('%j comes to %s', (entries, expected) => {
  const [line] = linesOf(percentInputs.parse(entries));
  expect(isSame(worth(line?.text ?? ''), worth(expected))).toBe(true);
});

test('too little or too much makes no line', () => {
  for (const entries of [{ part: '1' }, { part: '1', whole: '2', percent: '3' }, {}])
    expect(linesOf(percentInputs.parse(entries))).toEqual([]);
});

test.each(['payment', 'amount', 'balance', 'term'] as const)(
  'the formula of the %s comes to what the core works out',
  (part) => {
    const texts = { payment: '150', amount: '4800', balance: '100', term: '36', rate: '6' };
    for (const [compounding, perYear, atBeginning, isSavings] of [
      [12, 12, false, false],
      [1, 12, true, false],
      [12, 12, true, true],
    ] as const) {
      const rate = periodicText(texts.rate, compounding, perYear);
      const formula = formulaOf(
        part,
        { ...texts, rate, ...(isSavings ? { balance: '20000' } : {}) },
        atBeginning,
        isSavings,
      );
      const loan = {
        payment: fromWhole(150n),
        amount: fromWhole(4800n),
        balance: fromWhole(100n),
        term: fromWhole(36n),
        rate: worth(rate),
        atBeginning,
      };
      const given = isSavings ? asSavings({ ...loan, balance: fromWhole(20_000n) }) : loan;
      const found = solveLoan(part, given, 60, goesOn);
      const isTurned = isSavings && (part === 'amount' || part === 'balance');
      const solved = found.ok && isTurned ? { ...found, value: negate(found.value) } : found;
      if (!solved.ok) throw new Error(part);
      const difference = Math.abs(near(worth(formula?.numbers ?? '')) - near(solved.value));
      expect(difference).toBeLessThan(1e-9 * Math.abs(near(solved.value)));
    }
  },
);
