import { toldByTool } from '@/places/testing/tool-examples';
import type { Example } from '@/places/testing/tool-examples';

/* What the tools of measures, dates and money tell, against definitions, standards and printed examples. */

jest.mock('@/state/tasks', () =>
  jest.requireActual<typeof import('@/places/testing/in-process')>('@/places/testing/in-process'),
);
jest.mock('expo-router', () => ({
  useRouter: () => ({ navigate: () => undefined }),
  useLocalSearchParams: () => ({}),
}));

const measure = (kind: string, value: string, from: string, to: string, ...told: readonly string[]): Example => [
  { kind, value, [`from ${kind}`]: from, [`to ${kind}`]: to },
  told,
];

/** Definitions: NIST Special Publication 811 (2008), appendix B.8, which tells the exact factors in bold; from memory. */
const units: readonly Example[] = [
  measure('length', '1', 'mi', 'km', 'in km = 1.609 344', 'in ft = 5280', 'in ch = 80', 'in fur = 8'),
  // International Astronomical Union, 2012, resolution B2.
  measure('length', '1', 'au', 'km', 'in km = 149 597 870.7'),
  measure('area', '5', 'acre', 'ha', 'in ha ≈ 2.023 428 211', 'in rood = 20', 'in ft² = 217 800'),
  measure('volume', '2 1/2', 'US gal', 'L', 'in L = 9.463 529 46', 'in in³ = 577.5'),
  measure('mass', '1', 'lb', 'kg', 'in kg = 0.453 592 37', 'in oz = 16', 'in gr = 7000'),
  measure('temperature', '212', '°F', '°C', 'in °C = 100', 'in K = 373.15'),
  measure('temperature', '-40', '°C', '°F', 'in °F = −40'),
  measure('temperature', '-300', '°C', 'K', 'in K = −26.85', 'This is below absolute zero'),
  measure('temperature', '-5', 'K', '°F', 'This is below absolute zero'),
  measure('temperatureDifference', '10', 'Δ°C', 'Δ°F', 'in Δ°F = 18'),
  measure('speed', '60', 'mph', 'ft/s', 'in ft/s = 88'),
  measure('force', '1', 'lbf', 'N', 'in N ≈ 4.448 221 615', 'in kgf = 0.453 592 37'),
  measure('pressure', '1', 'atm', 'Pa', 'in Pa = 101 325', 'in Torr = 760'),
  measure('power', '1', 'hp', 'W', 'in W ≈ 745.699 871 6', 'in ft·lbf/s = 550'),
  // Litres per distance go the other way round: 235.214 583 over miles per US gallon.
  measure('fuel', '30', 'mpg (US)', 'L/100 km', 'in L/100 km ≈ 7.840 486 111'),
  // IEC 80000-13: binary and decimal prefixes.
  measure('data', '1', 'KiB', 'B', 'in B = 1024', 'in bit = 8192', 'in kB = 1.024'),
  // A question without a number is about one of it, and what cannot be read is told at its place.
  measure('length', '', 'm', 'cm', 'in cm = 100'),
  measure('length', '2+', 'm', 'cm', 'A number is missing at the end.'),
];

const bits = (value: string, second: string, size: string, signed: 'on' | 'off', ...told: string[]): Example => [
  { value, second, bits: size, signed, places: '1', base: '7' },
  told,
];

/** Worked by hand with two's complement, as computers have it: -n is written as 2^bits - n. */
const bases: readonly Example[] = [
  bits('25', '', '8', 'off', 'Number = 25', 'not = 1110 0110₂', 'two’s complement = 1110 0111₂'),
  bits('0x1FF', '', '8', 'on', 'It needs more bits than the word has.'),
  bits('-1', '', '8', 'on', 'Number = −1', 'not = 0000 0000₂', 'two’s complement = 0000 0001₂'),
  bits('-128', '', '8', 'on', 'does not fit: overflow'),
  bits('0b1100', '0b1010', '8', 'off', 'and = 0000 1000₂', 'or = 0000 1110₂', 'xor (one of two) = 0000 0110₂'),
  bits('127', '1', '8', 'on', 'sum = 1000 0000₂', 'does not fit: overflow'),
  bits('200', '100', '8', 'off', 'sum = 0010 1100₂', 'carry; does not fit: overflow'),
  bits('5', '7', '8', 'off', 'difference = 1111 1110₂', 'borrow'),
  bits('-8', '', '8', 'on', 'shift right, sign = 1111 1100₂', 'shift right, zeros = 0111 1100₂'),
  bits('0x81', '', '8', 'off', 'rotate left = 0000 0011₂', 'rotate right = 1100 0000₂'),
  bits('0xDEAD', '0xBEEF', '16', 'off', 'xor (one of two) = 0110 0000 0100 0010₂'),
  bits('2^64-1', '', '64', 'off', 'Number = 18 446 744 073 709 551 615'),
  bits('1/3', '', '8', 'off', 'Number = 1/3', 'Only whole numbers have bits.'),
  bits('sqrt(2)', '', '8', 'off', 'Only whole numbers and fractions are written in other bases.'),
  bits('', '', '8', 'off', 'Write a number in any of the bases.'),
];

const between = (from: string, to: string, more: Record<string, string>, ...told: string[]): Example => [
  { kind: 'between', from, to, ...more },
  told,
];
const later = (start: string, more: Record<string, string>, ...told: string[]): Example => [
  { kind: 'add', start, ...more },
  told,
];
const times = (more: Record<string, string>, ...told: string[]): Example => [{ kind: 'times', ...more }, told];

/** ISO 8601: weeks begin on Monday, and the first of a year is the one with its first Thursday. */
const dates: readonly Example[] = [
  between('2027-03-15', '2027-05-02', {}, 'days = 48', 'weeks and days: 6 weeks, 6 days', 'without the weekend = 35'),
  between('2027-03-15', '2027-05-02', { bothEnds: 'on' }, 'days = 49', 'weeks and days: 7 weeks, 0 days'),
  between('2027-05-02', '2027-03-15', {}, 'days = −48'),
  between('2024-02-28', '2024-03-01', {}, 'days = 2', 'leap year: yes'),
  between('1900-02-28', '1900-03-01', {}, 'days = 1', 'leap year: no'),
  between('2000-02-28', '2000-03-01', {}, 'days = 2', 'leap year: yes'),
  between('2000-01-01', '2001-01-01', {}, 'days = 366', 'years, months, days: 1 year, 0 months, 0 days'),
  between('2027-05-31', '2027-05-31', {}, 'days = 0'),
  // The examples of weeks that the standard's users tell: around the turn of a year.
  between('2008-12-29', '2010-01-03', {}, 'week (ISO 8601): 2009-W01', 'week (ISO 8601): 2009-W53'),
  between('1977-01-01', '1977-01-03', {}, 'week (ISO 8601): 1976-W53', 'week (ISO 8601): 1977-W01'),
  between('2023-02-30', '2023-03-01', {}, 'There is no such day in the calendar.'),
  later('2027-05-31', { months: '1' }, 'date: Wednesday, 30 June 2027', 'its last day, the 30th, was taken.'),
  later('2024-02-29', { years: '1' }, 'date: Friday, 28 February 2025'),
  later('2027-01-01', { days: '100' }, 'date: Sunday, 11 April 2027', 'day of the year: 101'),
  later('2027-03-01', { direction: 'earlier', days: '1' }, 'date: Sunday, 28 February 2027'),
  later('2027-03-28', { weeks: '2', hours: '30', clock: '20:00' }, 'date: Tuesday, 13 April 2027, 02:00'),
  later('2027-03-28', { days: 'x' }, 'x stands for no number here. Letters A to Z keep values.'),
  times({ sum: '2 h 15 min + 50 min' }, 'hours, minutes, seconds: 3 h 5 min', 'h:min:s: 3:05:00', 'minutes = 185'),
  times({ sum: '1:20:30 - 0:20:45' }, 'h:min:s: 0:59:45', 'seconds = 3585'),
  times({ clockFrom: '22:10', clockTo: '6:30' }, 'hours, minutes, seconds: 8 h 20 min', 'over midnight'),
  times({ clockFrom: '8:00', clockTo: '17:00' }, 'hours, minutes, seconds: 9 h 0 min', 'hours, decimal = 9'),
  times({ clockFrom: '25:00', clockTo: '6:30' }, '“25:00” is no time: 2 h 15 min is one, and 2:15.'),
  times({}, 'Write times to be added up, or two times of day.'),
];

/** Percent: worked by hand. */
const percent: readonly Example[] = [
  [{ kind: 'share', part: '36', whole: '240' }, ['Percent = 15']],
  [{ kind: 'share', whole: '80', percent: '12.5' }, ['Part = 10']],
  [{ kind: 'share', part: '1', percent: '300' }, ['Whole = 1/3']],
  [{ kind: 'share', part: '1', whole: '0' }, ['This divides by zero.']],
  [{ kind: 'share', part: '1', whole: '2', percent: '50' }, ['All three are written: clear the one that is sought.']],
  [{ kind: 'share' }, ['Write two of the three; the third is worked out.']],
  [{ kind: 'change', from: '80', to: '100' }, ['Change in % = 25']],
  [{ kind: 'change', from: '100', to: '80' }, ['Change in % = −20']],
  [{ kind: 'change', to: '119', by: '19' }, ['Before = 100']],
  [{ kind: 'series', before: '240', steps: [['-20'], ['19']] }, ['After = 228.48', 'Change in all, in % = −4.8']],
  // Up and down by as much is not back again.
  [{ kind: 'series', before: '100', steps: [['10'], ['-10']] }, ['After = 99', 'Change in all, in % = −1']],
  [{ kind: 'series', after: '119', steps: [['19']] }, ['Before = 100']],
  [{ kind: 'three', a: '3', b: '12', c: '5' }, ['Belongs to it = 20']],
  [{ kind: 'three', a: '4', b: '15', c: '6', relation: 'inverse' }, ['Belongs to it = 10']],
];

const loan = (more: Record<string, string>, ...told: string[]): Example => [{ kind: 'loan', ...more }, told];
const saving = (more: Record<string, string>, ...told: string[]): Example => [{ kind: 'savings', ...more }, told];

/** The formulas of the compound interest law, as every text on the mathematics of finance has them; from memory. */
const loans: readonly Example[] = [
  loan({ amount: '200000', rate: '6', term: '360' }, 'Payment = 1199.1', 'Last payment = 1200.14'),
  loan({ amount: '200000', rate: '6', term: '360', coins: 'off' }, 'Payment ≈ 1199.101 05'),
  loan({ amount: '1200', rate: '0', term: '12' }, 'Payment = 100', 'Total interest = 0'),
  loan({ solve: 'amount', rate: '12', term: '12', payment: '100', coins: 'off' }, 'Amount ≈ 1125.507 747'),
  // ln(P / (P - Ai)) / ln(1 + i), with P = 100, A = 1000 and i = 1 %.
  loan({ solve: 'term', amount: '1000', rate: '12', payment: '100' }, 'Number of payments ≈ 10.588 644 46'),
  loan({ solve: 'rate', amount: '1125.50774735', term: '12', payment: '100', coins: 'off' }, 'Rate a year, in % ≈ 12'),
  // A payment that is less than the interest never repays.
  loan(
    { solve: 'term', amount: '1000', rate: '12', payment: '9' },
    'The payment does not even cover the interest: 10.00.',
  ),
  saving({ solve: 'balance', rate: '12', term: '12', payment: '100', coins: 'off' }, 'At the end ≈ 1268.250 301'),
  saving(
    { solve: 'balance', rate: '12', term: '12', payment: '100', coins: 'off', atBeginning: 'on' },
    'At the end ≈ 1280.932 804',
  ),
  saving({ solve: 'payment', rate: '0', term: '10', end: '1000' }, 'Put in each time = 100'),
  [
    { kind: 'simple', principal: '1000', yearlyRate: '5', years: '3' },
    ['Interest = 150', 'Amount with interest = 1150', 'With interest on interest'],
  ],
  [{ kind: 'simple' }, ['Write an amount, a rate and a time.']],
];

test.each([
  ['units', units],
  ['bases', bases],
  ['dates', dates],
  ['percent', percent],
  ['loans', loans],
])('%s tell what is known from elsewhere', async (id, examples) => {
  expect(await toldByTool(id, examples)).toEqual(examples);
});

test.each([
  ['-273.15', '°C', false],
  ['-273.2', '°C', true],
  ['-459.67', '°F', false],
  ['0', 'K', false],
  ['-1/3', 'K', true],
])('%s %s is told to be too cold: %s', async (value, from, isTold) => {
  // The zeros of the scales: SI Brochure, 9th edition, 2.3.1.
  const told = await toldByTool('units', [measure('temperature', value, from, '°C', 'This is below absolute zero')]);
  expect(told[0]![1].length === 1).toBe(isTold);
});
