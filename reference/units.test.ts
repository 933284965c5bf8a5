import { bignumber, create, all } from 'mathjs';
import { answerBatchLine } from '../batch/answer';

/*
 * Factors of units against those of mathjs, a general library of the registry, which was put together by others from
 * the same publications: our sign, and what it calls the same unit.
 */
const math = create(all ?? {}, { number: 'BigNumber', precision: 40 });

const pairs = [
  ['ft', 'ft', 'm', 'm'],
  ['mi', 'mi', 'km', 'km'],
  ['yd', 'yd', 'cm', 'cm'],
  ['ch', 'chain', 'm', 'm'],
  ['rd', 'rod', 'm', 'm'],
  ['acre', 'acre', 'm²', 'm2'],
  ['ha', 'hectare', 'm²', 'm2'],
  ['US gal', 'gallon', 'L', 'L'],
  ['US qt', 'quart', 'mL', 'mL'],
  ['US pt', 'pint', 'L', 'L'],
  ['lb', 'lb', 'kg', 'kg'],
  ['oz', 'oz', 'g', 'g'],
  ['st', 'stone', 'kg', 'kg'],
  ['gr', 'grain', 'mg', 'mg'],
  ['short ton', 'ton', 'kg', 'kg'],
  ['lbf', 'lbf', 'N', 'N'],
  ['kip', 'kip', 'kN', 'kN'],
  ['atm', 'atm', 'Pa', 'Pa'],
  ['bar', 'bar', 'kPa', 'kPa'],
  ['hp', 'hp', 'W', 'W'],
  ['wk', 'week', 'h', 'hour'],
  ['°F', 'degF', '°C', 'degC'],
  ['K', 'K', '°F', 'degF'],
  ['km/h', 'km/hour', 'm/s', 'm/s'],
  ['mph', 'mile/hour', 'km/h', 'km/hour'],
  ['kg/m³', 'kg/m^3', 'lb/ft³', 'lb/ft^3'],
  ['B', 'B', 'bit', 'b'],
  ['°', 'deg', 'gon', 'grad'],
  ['turn', 'cycle', '°', 'deg'],
  ['eV', 'eV', 'J', 'J'],
] as const;

test.each(pairs)('%s: as %s there', (from, theirs, to, theirTarget) => {
  const answer = answerBatchLine(JSON.stringify({ id: 1, do: 'convert', value: '37.5', from, to })) as {
    decimal?: string;
  };
  const expected = math.unit(bignumber('37.5'), theirs).toNumeric(theirTarget);
  const relative = bignumber(answer.decimal ?? 'NaN')
    .div(bignumber(String(expected)))
    .minus(1)
    .abs();
  expect([from, relative.lt('1e-5')]).toEqual([from, true]);
});
