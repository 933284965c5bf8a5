import { contextOf } from '../evaluate/context';
import { exactTree } from '../format/exact-tree';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import { printText } from '../language/print-text';
import { whole } from '../number/rational';
import { isExact } from '../number/value';
import type { Scalar } from '../number/value';
import type { Root } from './root';
import { solve } from './solve';

const text = (v: Scalar): string =>
  isExact(v) ? printText(exactTree(v), { style: 'typed', decimalSign: '.', impliedFirst: false }) : 'real';
const nearText = (v: Scalar): string => {
  const parts = v.kind === 'complex' ? [v.re, v.im] : [v];
  return parts
    .map((p) => (p.kind === 'rational' ? (Number((p.value.n * 10n ** 12n) / p.value.d) / 1e12).toFixed(8) : '?'))
    .join(' ');
};
const rootText = (r: Root): string =>
  r.kind === 'exact' ? text(r.value) : `${r.isSure ? '≈' : '?'}${(Number(r.low.n) / Number(r.low.d)).toPrecision(10)}`;

function shown(line: string, letter = 'x', angle: 'rad' | 'deg' = 'rad'): string {
  const reading = parse(line, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) return reading.problem.code;
  const end = Date.now() + 5000;
  const context = contextOf({ angle, shouldContinue: () => Date.now() < end });
  const made = solve(reading.value.tree, letter, { from: whole(-10), to: whole(10) }, context);
  switch (made.kind) {
    case 'roots': {
      const hidden =
        made.hidden === 0
          ? ''
          : ` +${made.hidden} complex ${made.complex.map(made.isNear ? nearText : text).join(' ')}`;
      return `${made.roots.map(rootText).join(' ')}${made.within === null ? '' : ' in −10…10'}${hidden}`.trim();
    }
    case 'ranges':
      return made.ranges
        .map(
          (r) =>
            `${r.takesFrom ? '[' : '('}${r.from ? rootText(r.from) : '−∞'};${r.to ? rootText(r.to) : '∞'}${r.takesTo ? ']' : ')'}`,
        )
        .join(' ');
    case 'pair':
      return made.pair.kind === 'one' ? made.pair.values.map(text).join(' ') : made.pair.kind;
    case 'periodic':
      return `${made.roots.map(rootText).join(' ')} + n·${text(made.period)}${made.isSearched ? ' by looking' : ''}: ${made.inTurn.map(rootText).join(' ')}`;
    default:
      return made.kind;
  }
}

// Roots in doubles as an independent library (sympy 1.14.0) gives them where they are not exact.
test.each([
  ['3x-4=17', '7'],
  ['x/3+1/2=2x', '3/10'],
  ['2x+1=2x+1', 'always'],
  ['2x+1=2x', 'never'],
  ['x^2=2', '-sqrt(2) sqrt(2)'],
  ['x^2-5x+6=0', '2 3'],
  ['x^2+x+1=0', '+2 complex -1/2-sqrt(3)i/2 -1/2+sqrt(3)i/2'],
  ['x^2-2x+1=0', '1'],
  ['sqrt(2)x^2-x=0', '0 sqrt(2)/2'],
  ['x^3-6x^2+11x-6=0', '1 2 3'],
  ['x^3-2x=0', '-sqrt(2) 0 sqrt(2)'],
  ['x^3-3x^2+x+1=0', '1-sqrt(2) 1 1+sqrt(2)'],
  ['x^3=8', '2 +2 complex -1-sqrt(3)i -1+sqrt(3)i'],
  ['x^3-x-1=0', '≈1.324717957 +2 complex -0.66235898 -0.56227951 -0.66235898 0.56227951'],
  ['x^3-3x+1=0', '≈-1.879385242 ≈0.3472963553 ≈1.532088886'],
  ['x^4=16', '-2 2 +2 complex -2i 2i'],
  [
    'x^5-x-1=0',
    '≈1.167303978 +4 complex 0.18123244 -1.08395410 0.18123244 1.08395410 -0.76488443 -0.35247155 -0.76488443 0.35247155',
  ],
  ['(x-1)^3(x+2)=0', '-2 1'],
  ['sin(x)=1/2', 'pi/6 5pi/6 + n·2pi: pi/6 5pi/6'],
  ['cos(x)=x', '≈0.7390851332 in −10…10'],
  ['tan(x)=0', '0 + n·pi: 0 pi'],
  ['exp(x)=5', '≈1.609437912 in −10…10'],
  ['2^x=8', '3 in −10…10'],
  ['1/x=0', 'in −10…10'],
  ['sqrt(x)=3', '9 in −10…10'],
  ['sqrt(x)=0', '0 in −10…10'],
  ['abs(x-2)=3', '-1 5 in −10…10'],
  ['sin(x)=1', 'pi/2 + n·2pi: pi/2'],
  ['ln(x)=-1', '≈0.3678794412 in −10…10'],
  ['x^2-4<0', '(-2;2)'],
  ['x^2-4<=0', '[-2;2]'],
  ['x^2>4', '(−∞;-2) (2;∞)'],
  ['x^2>=0', 'always'],
  ['x^2<0', 'never'],
  ['x^2<=0', '[0;0]'],
  ['(x-1)^2>0', '(−∞;1) (1;∞)'],
  ['0<x<=3', '(0;3]'],
  ['3x-4>=17', '[7;∞)'],
  ['x^2<4 and x>0', '(0;2)'],
  ['x<1 or x>2', '(−∞;1) (2;∞)'],
  ['1/x>1', '(0;1)'],
  ['ln(x)<0', '(0;1)'],
  ['tan(x)>1', '(-11pi/4;-5pi/2) (-7pi/4;-3pi/2) (-3pi/4;-pi/2) (pi/4;pi/2) (5pi/4;3pi/2) (9pi/4;5pi/2)'],
  ['sqrt(x)<=2', '[0;4]'],
  ['2x+3y=7 and x-y=1', '2 1'],
  ['x+y=1 and 2x+2y=2', 'many'],
  ['x+y=1 and x+y=2', 'none'],
  ['x*y=1 and x=2', 'unknown'],
])('%s: %s', (line, expected) => expect(shown(line)).toBe(expected));

// The general solutions of the school books: sin u = c at asin c and at half a turn less that, and so on (DLMF 4.23(ii)).
test.each([
  ['sin(x)=0', '0 + n·180: 0 180'],
  ['sin(x)=0.5', '30 150 + n·360: 30 150'],
  ['sin(x)=0.3', 'real real + n·360: real real'],
  ['sin(x)=2', 'never'],
  ['2sin(x)-2sin(x)=0', 'always'],
  ['sin(x)^2+cos(x)^2=1', 'always'],
  ['1+tan(x)^2=1/cos(x)^2', 'always'],
  ['sin(x)=1/10^12', 'real real + n·360: real real'],
  ['tan(x)=3/10', 'real + n·180: real real'],
  ['cos(x)=-1/2', '120 240 + n·360: 120 240'],
  ['tan(x)=1', '45 + n·180: 45 225'],
  ['cot(x)=sqrt(3)', '30 + n·180: 30 210'],
  ['sec(x)=2', '60 300 + n·360: 60 300'],
  ['csc(x)=-2', '210 330 + n·360: 210 330'],
  ['sin(2x)=1/2', '15 75 + n·180: 15 75 195 255'],
  ['cos(x/2)=1/2', '120 600 + n·720: 120'],
  ['sin(x+30)=0.5', '0 120 + n·360: 0 120'],
  ['sin(x)=cos(x)', '45 + n·180: 45 225'],
  ['sin(2x)=cos(x)', '30 90 150 270 + n·360: 30 90 150 270'],
  ['2cos(x)^2+sin(x)=1', '90 + n·120: 90 210 330'],
  ['2sin(x)^2-sqrt(3)sin(x)=0', '0 60 120 180 + n·360: 0 60 120 180'],
  ['sqrt(3)sin(x)+cos(x)=1', '0 120 + n·360: 0 120'],
  ['3sin(x)+4cos(x)=5', 'real + n·360: real'],
  ['tan(x)=2sin(x)', '0 60 180 300 + n·360: 0 60 180 300'],
  ['1/sin(x)=0', 'never'],
  ['sqrt(sin(x))=1', '90 + n·360 by looking: 90'],
  ['sin(pi x/6 rad)=1/2', '1 5 + n·12: 1 5'],
  ['sin(x rad)=1/2', 'pi/6 5pi/6 + n·2pi: pi/6 5pi/6'],
  ['x=sin(x)', '0 in −10…10'],
])('%s in degrees: %s', (line, expected) => expect(shown(line, 'x', 'deg')).toBe(expected));
