import fc from 'fast-check';
import * as q from '../number/rational';
import { asRational, fromRational } from '../number/value';
import { baseSigns, canConvert, convert, isSameDimension, kindsOf } from './convert';
import { kinds } from './kinds';
import { readUnit } from './read';
import type { MeasureUnit } from './read';
import { fractionOf } from './unit';

const SEED = 20261128;
const goesOn = () => true;

const unit = (text: string): MeasureUnit => {
  const found = readUnit(text);
  if (!found.ok) throw new Error(`${text}: ${JSON.stringify(found.problem)}`);
  return found.value;
};
const told = (value: string, from: string, to: string): q.Rational => {
  const result = convert(fromRational(fractionOf(value)), unit(from), unit(to), goesOn);
  const plain = result.ok ? asRational(result.value) : null;
  if (plain === null) throw new Error(`${value} ${from} in ${to}`);
  return plain;
};

test.each(kinds.map((kind) => [kind.id, kind] as const))(
  '%s: what its list shows is read, and is of its kind',
  (_id, kind) => {
    expect(new Set(kind.listed).size).toBe(kind.listed.length);
    for (const sign of [...kind.listed, ...kind.units.map((u) => u.sign)]) {
      expect(unit(sign).sign).toBe(sign);
      const isOfKind = kindsOf(unit(sign)).includes(kind) || kind.id === 'electricity';
      expect([sign, isOfKind]).toEqual([sign, true]);
    }
    for (const { sign, names } of kind.units)
      for (const name of names) {
        const found = readUnit(name);
        const is = found.ok ? found.value.sign === sign : found.problem.offers.includes(sign);
        expect([name, is]).toEqual([name, true]);
      }
    // No unit is left out of the list of its kind.
    if (kind.id !== 'electricity')
      expect(
        kind.units
          .map((u) => u.sign)
          .filter((sign) => !kinds.some((k) => k.listed.some((l) => l === sign || l.endsWith(sign)))),
      ).toEqual([]);
  },
);

// Source: NIST SP 811 (2008), appendix B.8, factors in boldface (exact), and worked examples of B.7; SI Brochure 9, table 8.
test.each([
  ['5', 'acre', 'ha', '2.0234282112'],
  ['33', '°C', '°F', '91.4'],
  ['33', 'Δ°C', 'Δ°F', '59.4'],
  ['-40', 'degrees Fahrenheit', 'degrees Celsius', '-40'],
  ['0', '°C', 'K', '273.15'],
  ['1', 'US gal', 'L', '3.785411784'],
  ['1', 'imp gal', 'litres', '4.54609'],
  ['1', 'nautical mile', 'km', '1.852'],
  ['36', 'km/h', 'm/s', '10'],
  ['1', 'kn', 'kilometres per hour', '1.852'],
  ['1', 'cal', 'J', '4.184'],
  ['1', 'cal (IT)', 'J', '4.1868'],
  ['1', 'kWh', 'MJ', '3.6'],
  ['1', 'kgf/cm²', 'kPa', '98.0665'],
  ['1', 'ft^2', 'square inches', '144'],
  ['1', 'kg/m^3', 'g/cm^3', '0.001'],
  ['1', 'N·m', 'J', '1'],
  ['1', 'J/(kg·K)', 'kJ/kg/K', '0.001'],
  ['1', 'GiB', 'MiB', '1024'],
  ['1', 'MB', 'kbit', '8000'],
  ['8', 'L/100 km', 'km/L', '12.5'],
  ['2', 'turns', 'degrees', '720'],
  ['90', '°', 'gon', '100'],
  ['1', 'week', 'h', '168'],
  ['1', 'year', 'days', '365.25'],
  ['1', 'kilobyte', 'bits', '8000'],
  ['1', 'gallon (imperial)', 'fluid ounces (imperial)', '160'],
  ['2', 'gallons (US)', 'quarts (US)', '8'],
  ['2', 'sq ft', 'sq. in', '288'],
  ['1', 'cu yd', 'cubic feet', '27'],
  ['760', 'mm Hg', 'atm', '101325.0144354/101325'],
  ['3', 'kilowatt hours', 'MJ', '10.8'],
  ['1', 'newton metre', 'J', '1'],
  ['1', 'lb/ft³', 'kg/m³', '0.45359237/0.028316846592'],
  ['3', 'miles per hour', 'ft/s', '4.4'],
  ['1', 'W/(m²·K)', 'kW/(m²·K)', '0.001'],
])('%s %s is told in %s as %s', (value, from, to, expected) =>
  expect(told(value, from, to)).toEqual(fractionOf(expected)),
);

test.each([
  ['gal', 'ambiguous', 'US gal imp gal'],
  ['pints', 'ambiguous', 'US pt imp pt'],
  ['cup', 'ambiguous', 'US cup metric cup'],
  ['ton', 'ambiguous', 'short ton long ton'],
  ['blob', 'unknown', ''],
  ['km//h', 'missing', ''],
  ['', 'missing', ''],
  ['m^0', 'badly-formed', ''],
  ['(m', 'badly-formed', ''],
])('“%s” is %s, with %s on offer', (text, reason, offers) =>
  expect(readUnit(text)).toMatchObject({
    ok: false,
    problem: { reason, offers: offers === '' ? [] : offers.split(/ (?=US|imp|metric|short|long)/) },
  }),
);

test('unlike measures are refused with what each is in base units', () => {
  expect(convert(fromRational(q.ONE), unit('N·m'), unit('kn'), goesOn)).toMatchObject({
    ok: false,
    problem: { code: 'dimension', reason: 'unlike-units', from: 'N·m (m²·kg·s⁻²)', to: 'kn (m·s⁻¹)' },
  });
  expect(baseSigns(unit('rad').dimension)).toBe('rad');
});

const threeOfAKind = fc
  .constantFrom(...kinds.filter(({ listed }) => listed.length > 0))
  .chain(({ listed }) =>
    fc.tuple(...([1, 2, 3].map(() => fc.constantFrom(...listed).map(unit)) as [fc.Arbitrary<MeasureUnit>])),
  );

test(`there and back is the same measure, and a way over a third unit comes to the same (seed ${SEED})`, () =>
  fc.assert(
    fc.property(threeOfAKind as fc.Arbitrary<readonly MeasureUnit[]>, fc.integer({ min: 1, max: 999 }), (units, n) => {
      const [a, b, c] = units as readonly [MeasureUnit, MeasureUnit, MeasureUnit];
      fc.pre(units.every((u) => canConvert(a, u) && u.factor.pi === a.factor.pi));
      const start = fromRational(q.whole(n));
      const over = convert(start, a, b, goesOn);
      const on = over.ok ? convert(over.value, b, c, goesOn) : over;
      const back = on.ok ? convert(on.value, c, a, goesOn) : on;
      expect(back).toEqual({ ok: true, value: start });
      expect(isSameDimension(a.dimension, b.dimension) || a.isReciprocal !== b.isReciprocal).toBe(true);
    }),
    { seed: SEED, numRuns: 1000 },
  ));
