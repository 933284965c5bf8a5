import * as fc from 'fast-check';
import type { AngleUnit } from '../base/angle';
import { unhurried } from '../base/should-continue';
import { contextOf } from '../evaluate/context';
import { evaluate } from '../evaluate/evaluate';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import type { Tree } from '../language/tree';
import { roundToPlaces } from '../number/digits';
import { isReal } from '../number/value';
import { compare } from './compare';
import type { Comparison } from './claim';
import { slipNames } from './names';
import { records } from './records';

const treeOf = (text: string): Tree => {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(`not read: ${text}`);
  return reading.value.tree;
};

const under = (angle: AngleUnit) => contextOf({ angle, shouldContinue: unhurried });

function compared(line: string, answer: string, angle: AngleUnit = 'deg'): Comparison {
  const result = compare(treeOf(line), treeOf(answer), under(angle), false);
  if (!result.ok) throw new Error(`no value: ${line}, ${answer}`);
  return result.value;
}

test('each slip has one record, and each record is a slip', () => {
  expect(records.map(({ name }) => name).sort()).toEqual([...slipNames].sort());
});

// Invented lines with the answer that one slip gives, worked by hand or with another program.
test.each<[slip: string, line: string, answer: string, amountsTo: string, angle?: AngleUnit]>([
  ['angle-unit', 'sin(30)', '0.5', 'sin(30)', 'rad'],
  ['angle-unit', 'sin(30)', '-0.988', 'sin(30)'],
  ['angle-unit', 'atan(1)', '0.7854', 'atan(1)'],
  ['sign-power', '-4^2', '16', '(-4)^2'],
  ['sign-power', '(-3)^2+1', '-8', '-3^2+1'],
  ['sign-power', '5-3^2', '14', '5+(-3)^2'],
  ['sign-power', '2^-3', '-8', '-2^3'],
  ['left-to-right', '8-6÷2', '1', '(8-6)÷2'],
  ['left-to-right', '2*3^2', '36', '(2*3)^2'],
  ['left-to-right', '2+3*4-5*2', '30', '((2+3)*4-5)*2'],
  ['left-to-right', '2^3^2', '64', '(2^3)^2'],
  ['left-to-right', '20-8+5', '7', '20-(8+5)'],
  ['left-to-right', '48÷4*3', '4', '48÷(4*3)'],
  ['brackets', '(2+3)/4', '2.75', '2+3/4'],
  ['brackets', '12/(2+4)', '10', '12/2+4'],
  ['brackets', '10^(2/3)', '33.33', '10^2/3'],
  ['brackets', 'sqrt(9+16)', '19', 'sqrt(9)+16'],
  ['brackets', 'sqrt(9)+16', '5', 'sqrt(9+16)'],
  ['brackets', 'sin(30+60)', '60.5', 'sin(30)+60'],
  ['brackets', '3*(2+4)', '10', '3*2+4'],
  ['brackets', '(5+7)/(1+3)', '15', '(5+7)/1+3'],
  ['implied-product', '1/2pi', '0.159', '1/(2pi)'],
  ['implied-product', '6÷2(1+2)', '1', '6÷(2(1+2))'],
  ['minus', '5-3', '-15', '5*(-3)'],
  ['minus', '4*(-3)', '1', '4-3'],
  ['minus', '2--3', '-1', '2-3'],
  ['minus', '-2 1/2', '-1.5', '-2+1/2'],
  ['function-power', 'cos(40)^2', '-0.9397', 'cos(40^2)'],
  ['function-power', 'sin(5^2)', '0.0076', 'sin(5)^2'],
  ['function-power', 'ln(3)^2', '2.197', 'ln(3^2)'],
  ['reciprocal-inverse', 'asin(0.5)', '114.59', '1/sin(0.5)'],
  ['reciprocal-inverse', '1/tan(40)', '88.57', 'atan(40)'],
  ['reciprocal-inverse', 'sin^-1(0.3)', '191', '1/sin(0.3)'],
  ['log-base', 'log(50)', '3.912', 'ln(50)'],
  ['log-base', 'ln(8)', '3', 'log(8,2)'],
  ['log-base', 'log(8,2)', '0.333', 'log(2,8)'],
  ['log-base', 'e^2', '100', '10^2'],
  ['percent-added', '200+15%', '200.15', '200+(15%)'],
  ['percent-added', '200+15%', '30', '200*15%'],
  ['percent-added', '80*25%', '100', '80+25%'],
  ['percent-base', '80/0.8', '96', '80*1.2'],
  ['percent-base', '200-10%-5%', '170', '200-200*10%-200*5%'],
  ['percent-base', '(120-100)/100', '0.1667', '(120-100)/120'],
  ['percent-base', '90/(1-10%)', '99', '90*(1+10%)'],
  ['dms-decimal', "30°15'*2", '60.3', '30.15°*2'],
  ['dms-decimal', 'sin(30.30°)', '0.5075', "sin(30°30')"],
  ['dms-decimal', '2+15/60', '2.15', '2.15'],
  ['minutes-seconds', "12°45'*4", '48.05', '12°0\'45"*4'],
  ['minutes-seconds', '90/60', '0.025', '90/3600'],
  ['rounded-early', '2/3*600', '402', '0.67*600'],
  ['rounded-early', '2pi*35', '219.8', '6.28*35'],
  ['rounded-early', 'sqrt(3)*sqrt(5)*100', '387.52', '1.73*2.24*100'],
  ['s-sigma', 'sd([2,4,9])', '2.944', 'sigma([2,4,9])'],
  ['ncr-npr', 'nCr(5,2)', '20', 'nPr(5,2)'],
  ['mixed-product', '2 5/6+1', '2.667', '(2*(5/6))+1'],
  ['mixed-product', '3*2/7', '3.2857', '3 2/7'],
  ['point-moved', '3.5*12', '4.2', '0.35*12'],
  ['digits-swapped', '408-12.5', '467.5', '480-12.5'],
  ['digits-swapped', '17*23', '931', '931'],
  ['digit-wrong', '12*34', '442', '13*34'],
  ['digit-left-out', '128+45', '57', '12+45'],
  ['digit-doubled', '25*4', '900', '225*4'],
  ['number-twice', '13+24+46', '129', '13+24+46+46'],
  ['number-not-used', '12.5+7.25+3', '15.5', '12.5+3'],
  ['root-division', 'root(3,27)', '9', '27/3'],
  ['root-division', 'sqrt(10)', '5', '10/2'],
  ['brackets', '64^(1/3)', '21.333', '64^1/3'],
  ['power-product', '2^5', '10', '2*5'],
  ['exponent-of-ten', '4.2E7/2', '2.1E6', '4.2E6/2'],
  ['exponent-of-ten', '3*10^-4*5', '150000', '3*10^4*5'],
])('%s: %s beside %s', (slip, line, answer, amountsTo, angle = 'deg') => {
  const [first] = compared(line, answer, angle).claims;
  expect([first?.slips, first?.line]).toEqual([[slip], amountsTo]);
});

test.each<[line: string, answer: string, slips: string[], angle?: AngleUnit]>([
  ['-4^2+sin(30)', '16.5', ['sign-power', 'angle-unit'], 'rad'],
  ['(2+3)/4*log(50)', '4.934', ['brackets', 'log-base']],
])('two slips: %s beside %s', (line, answer, slips, angle = 'deg') => {
  expect(compared(line, answer, angle).claims[0]?.slips).toEqual(slips);
});

test.each<[line: string, answer: string, same: Comparison['same']]>([
  ['17/6', '2 5/6', { how: 'form' }],
  ['sqrt(8)', '2sqrt(2)', { how: 'form' }],
  ['1/3', '0.3\u0305', { how: 'form' }],
  ['2/3', '0.667', { how: 'rounded', places: 3 }],
  ['2/3', '0.666', { how: 'truncated', places: 3 }],
  ['-2/3', '-0.66', { how: 'truncated', places: 2 }],
  ['pi*10^6', '3.14E6', { how: 'rounded', places: -4 }],
  ['1/8', '12.5%', { how: 'form' }],
  ['asin(0.3)', "17°27'", { how: 'rounded', places: null }],
  ['sin(1)^2+cos(1)^2', '1', { how: 'form' }],
  ['1/3', '0.3333333333333333333333333333333333333334', null],
])('%s and %s are the same: %j', (line, answer, same) => {
  expect(compared(line, answer).same).toEqual(same);
});

const operand = fc.oneof(
  fc.integer({ min: 1, max: 99 }).map(String),
  fc.tuple(fc.integer({ min: 1, max: 99 }), fc.integer({ min: 1, max: 9 })).map(([a, b]) => `${a}.${b}`),
  fc.integer({ min: 1, max: 80 }).map((n) => `sin(${n})`),
  fc.integer({ min: 2, max: 30 }).map((n) => `sqrt(${n})`),
);
const line = fc
  .tuple(operand, fc.constantFrom('+', '-', '*', '/'), operand, fc.constantFrom('+', '-', '*', '/'), operand)
  .map((parts) => parts.join(''));

const SEED = 20_261_129;
test(`whatever is claimed comes to the digits of the answer (seed ${SEED})`, () => {
  fc.assert(
    fc.property(line, fc.integer({ min: -9999, max: 9999 }), fc.integer({ min: 0, max: 3 }), (text, n, places) => {
      const answer = (n / 10 ** places).toFixed(places);
      for (const claim of compared(text, answer).claims) {
        const context = under(claim.angle);
        const value = evaluate(treeOf(claim.line), context);
        if (!value.ok || !isReal(value.value)) throw new Error(claim.line);
        const rounded = roundToPlaces(value.value, places, unhurried);
        expect([claim.line, typeof rounded === 'string' ? rounded : rounded.unscaled]).toEqual([claim.line, BigInt(n)]);
      }
    }),
    { seed: SEED, numRuns: 3 },
  );
});
