import { functionNames } from '../function';
import { records } from '../function/records';
import { parse } from '../language/parse';
import { contextOf } from './context';
import { evaluate } from './evaluate';

/* What has no value is refused with a reason and the place in the line: never a number that looks right. */

const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;

/** The problem of a line, and the part of it that it points at. */
function refused(typed: string, settings: Readonly<{ complex?: boolean; angle?: 'deg' | 'rad' }> = {}): string {
  const reading = parse(typed, options);
  const context = contextOf({ angle: 'deg', complex: false, shouldContinue: () => true, ...settings });
  const result = reading.ok ? evaluate(reading.value.tree, context) : reading;
  if (result.ok) return 'a value';
  const { code, at } = result.problem;
  const reason = 'reason' in result.problem ? ` ${result.problem.reason}` : '';
  return `${code}${reason} at ${typed.slice(at.from, at.to)}`;
}

test.each([
  ['1+1/0', 'divide-by-zero at 0'],
  ['0^-1', 'divide-by-zero at 0^-1'],
  ['7 mod 0', 'divide-by-zero at 7 mod 0'],
  ['div(7,0)', 'divide-by-zero at div(7,0)'],
  ['2+sqrt(-4)', 'domain even-root-of-negative at sqrt(-4)'],
  ['root(4,-16)', 'domain even-root-of-negative at root(4,-16)'],
  ['root(0,5)', 'domain zero-root at root(0,5)'],
  ['(-8)^(1/2)', 'domain even-root-of-negative at (-8)^(1/2)'],
  ['(-2)^pi', 'domain negative-base at (-2)^pi'],
  ['ln(0)', 'domain log-of-non-positive at ln(0)'],
  ['lg(-10)', 'domain log-of-non-positive at lg(-10)'],
  ['log(8,1)', 'domain log-base at log(8,1)'],
  ['log(8,-2)', 'domain log-base at log(8,-2)'],
  ['asin(2)', 'domain outside-minus-one-to-one at asin(2)'],
  ['acos(-1.001)', 'domain outside-minus-one-to-one at acos(-1.001)'],
  ['asec(1/2)', 'domain inside-minus-one-to-one at asec(1/2)'],
  ['acsc(0)', 'domain inside-minus-one-to-one at acsc(0)'],
  ['atanh(1)', 'domain not-between-minus-one-and-one at atanh(1)'],
  ['acosh(0.5)', 'domain below-one at acosh(0.5)'],
  ['3tan(90)', 'domain pole at tan(90)'],
  ['sec(270)', 'domain pole at sec(270)'],
  ['csc(180)', 'domain pole at csc(180)'],
  ['cot(0)', 'domain pole at cot(0)'],
  ['(-3)!', 'domain negative-factorial at (-3)!'],
  ['nCr(5,-1)', 'domain whole-numbers-only at nCr(5,-1)'],
  ['nPr(2.5,1)', 'domain whole-numbers-only at nPr(2.5,1)'],
  ['gcd(pi,2)', 'domain not-whole at gcd(pi,2)'],
  ['round(pi,1/2)', 'domain places at round(pi,1/2)'],
  ['roundsig(pi,0)', 'domain places at roundsig(pi,0)'],
  ['randint(6,1)', 'domain bounds at randint(6,1)'],
  ['randint(1,2.5)', 'domain not-whole at randint(1,2.5)'],
  ['derivative(abs(x),x,0)', 'domain no-derivative at derivative(abs(x),x,0)'],
  ['sum(k,k,1,2.5)', 'domain bounds at 2.5'],
  ['10^10^10', 'too-large at 10^10^10'],
  ['(10^8)!', 'too-large at (10^8)!'],
  ['Q+1', 'undefined-name at Q'],
  ['Ans+1', 'undefined-name at Ans'],
  ['slot(12)', 'syntax slot-number at 12'],
  ['2<3+(4<5)', 'syntax comparison-as-number at (4<5)'],
])('%s: %s', (typed, expected) => expect(refused(typed)).toBe(expected));

test.each([
  ['arg(0)', 'domain zero-argument at arg(0)'],
  ['floor(2+i)', 'domain real-only at floor(2+i)'],
  ['max(i,1)', 'domain real-only at max(i,1)'],
  ['ln(0)', 'domain log-of-non-positive at ln(0)'],
])('with complex numbers, %s: %s', (typed, expected) => expect(refused(typed, { complex: true })).toBe(expected));

test.each(records.map((record) => [record.name, record] as const))('%s counts what it is given', (name, record) => {
  const { least, most } = functionNames.get(name)!;
  const given = (count: number): string => `${name}(${Array.from({ length: count }, () => '1').join(',')})`;
  if (least > 0) expect(refused(given(least - 1))).toMatch(/^(argument-count|syntax argument-missing) at /);
  if (Number.isFinite(most) && !record.more) expect(refused(given(most + 1))).toMatch(/^argument-count at /);
});
