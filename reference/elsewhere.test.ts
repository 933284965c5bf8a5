import Decimal from 'decimal.js';
import { answerBatchLine } from '../batch/answer';
import { anglesElsewhere } from './elsewhere/angles';
import { basesElsewhere } from './elsewhere/bases';
import { bitsElsewhere } from './elsewhere/bits';
import { countsElsewhere } from './elsewhere/chance-counts';
import { measuredElsewhere } from './elsewhere/chance-measured';
import { testsElsewhere } from './elsewhere/chance-tests';
import { complexFunctionsElsewhere } from './elsewhere/complex';
import { datesElsewhere } from './elsewhere/dates';
import { derivativesElsewhere } from './elsewhere/derivatives';
import { fitsElsewhere } from './elsewhere/fits';
import { formsElsewhere } from './elsewhere/forms';
import { frequenciesElsewhere } from './elsewhere/frequencies';
import { functionsElsewhere } from './elsewhere/functions';
import { integralsElsewhere } from './elsewhere/integrals';
import { loansElsewhere } from './elsewhere/loans';
import { matricesElsewhere } from './elsewhere/matrices';
import { pointsElsewhere } from './elsewhere/points';
import { polynomialsElsewhere } from './elsewhere/polynomials';
import { powersElsewhere } from './elsewhere/powers';
import { summariesElsewhere } from './elsewhere/summaries';
import { sumsElsewhere } from './elsewhere/sums';
import { systemsElsewhere } from './elsewhere/systems';
import { groupsElsewhere } from './elsewhere/tests-of-counts';
import { meansElsewhere } from './elsewhere/tests-of-means';
import { pairsElsewhere } from './elsewhere/tests-of-pairs';
import { ranksElsewhere } from './elsewhere/tests-of-ranks';
import { vectorsElsewhere } from './elsewhere/vectors';
import { wholeElsewhere } from './elsewhere/whole-numbers';
import { linesElsewhere } from './elsewhere/written-lines';

/*
 * Tables that were worked elsewhere, each with its source at its head. All that is asked for is asked through the batch,
 * as a check from outside would do it.
 */
type Answer = Readonly<Record<string, unknown>>;
/** What is checked here are digits, on however slow a machine. */
const UNHURRIED = 60_000;
const ask = (request: object): Answer => answerBatchLine(JSON.stringify({ id: 1, ...request }), UNHURRIED) as Answer;

const DIGITS = 30;
const D = Decimal.clone({ precision: 60, toExpNeg: -8, toExpPos: 30 });
const rounded = (value: string): string => new D(value).toSignificantDigits(DIGITS, Decimal.ROUND_HALF_UP).toString();
const digitsOf = (value: unknown): string =>
  typeof value === 'string' ? new D(value).toString() : JSON.stringify(value);
const work = (expr: string, more: object = {}): Answer => ask({ do: 'evaluate', expr, digits: DIGITS, ...more });

describe.each([
  ['functions', functionsElsewhere],
  ['angles', anglesElsewhere],
  ['powers, roots, logarithms', powersElsewhere],
  ['derivatives', derivativesElsewhere],
  ['integrals', integralsElsewhere],
  ['sums and products', sumsElsewhere],
  ['distributions of counts', countsElsewhere],
  ['distributions of measurements', measuredElsewhere],
  ['distributions of tests', testsElsewhere],
])('%s have all their digits', (_, rows) => {
  test.each(rows)('%s', (typed, value) => {
    const { decimal, settled, problem } = work(typed);
    // That the digits are right is not enough: they are to be proved, unless the value may be just these few.
    const isProved = settled === true || value.length <= DIGITS;
    expect([digitsOf(decimal ?? problem), isProved]).toEqual([rounded(value), true]);
  });
});

test.each(complexFunctionsElsewhere)('%s has all its digits, with complex numbers on', (typed, real, imaginary) => {
  const { decimal, re = decimal, im = '0' } = work(typed, { complex: true });
  expect([digitsOf(re), digitsOf(im)]).toEqual([rounded(real), rounded(imaginary)]);
});

describe.each([
  ['lines', linesElsewhere],
  ['whole numbers', wholeElsewhere],
  ['matrices', matricesElsewhere],
  ['vectors', vectorsElsewhere],
])('%s are exact', (_, rows) => {
  // The value that was worked elsewhere is written as it would be here.
  test.each(rows)('%s', (typed, exact) => expect(work(typed).exact).toBe(work(exact).exact ?? 'a value'));
});

describe.each([
  ['bases', basesElsewhere],
  ['operations on bits', bitsElsewhere],
  ['dates', datesElsewhere],
  ['loans', loansElsewhere],
  ['summaries', summariesElsewhere],
  ['summaries of frequencies', frequenciesElsewhere],
  ['fits', fitsElsewhere],
  ['systems', systemsElsewhere],
  ['tests of means', meansElsewhere],
  ['tests of pairs', pairsElsewhere],
  ['tests of ranks', ranksElsewhere],
  ['tests of counts and groups', groupsElsewhere],
  ['points of curves', pointsElsewhere],
])('%s are told', (_, rows) => {
  test.each(rows)('%j', (asked, told) => expect(ask(asked)).toMatchObject(told));
});

type Root = Readonly<{ re: string; im: string; exact: string | null; multiplicity: number }>;
test.each(polynomialsElsewhere)('the roots of %j', (asked, told) => {
  const roots = ask(asked).roots as readonly Root[];
  const real = roots.filter(({ im }) => im === '0').map(({ re }) => re);
  const degree = roots.reduce((sum, { multiplicity }) => sum + multiplicity, 0);
  expect({ roots, real, degree }).toMatchObject(told);
});

const keysOf = (line: string): readonly string[] => [...line].map((sign) => (sign === '/' ? 'divide' : `d${sign}`));
test.each(formsElsewhere)('%s in the display %s %i, as %s: %s', (line, mode, digits, form, text) => {
  const settings = { mode, digits, grouping: false };
  const { result } = ask({ do: 'keys', keys: [...keysOf(line), 'answer'], settings }) as {
    result: { text: string; forms: Readonly<Record<string, string>> };
  };
  expect(result.forms[form] ?? result.text).toBe(text);
});
