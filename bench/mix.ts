import { itemAt } from '@/core/base/item';

/**
 * The fixed mix of 200 expressions: twenty kinds of homework, ten numbers each. `#` is the number, `ln` the natural
 * logarithm; what the compared library calls otherwise is replaced for it.
 */
const kinds: readonly string[] = [
  '#/7+3/#-5/12',
  '(#+1/3)^3-#^2/5',
  '2^(#+20)/3^#',
  'sqrt(#)+sqrt(#+2)',
  'sqrt(#^2+7)/(#+1)',
  'cbrt(#+0.5)*#',
  '#^2.5+1/#',
  '2^(1/(#+1))',
  'exp(-#/3)',
  'ln(#+0.7)*ln(2)',
  'sin(#+0.1)+cos(#)',
  'tan(#/11)',
  'atan(#/9)+asin(1/(#+1))',
  'sinh(#/5)-cosh(#/7)',
  '(#+12)!/(#+9)!',
  'exp(sin(#))*sqrt(2)',
  '(3*#^4-2*#^3+#-7)/(#^2+1)',
  'sqrt(1+sqrt(1+sqrt(#)))',
  'pi*#^2/4+2*pi*#',
  'ln(exp(#/2)+1)',
];
const numbers = [1, 2, 3, 5, 7, 11, 13, 17.25, 19.5, 23.125].map(String);

export const mix: readonly string[] = kinds.flatMap((kind) =>
  numbers.map((n) => (kind.includes('!') ? kind.replaceAll('#', itemAt(n.split('.'), 0)) : kind.replaceAll('#', n))),
);
export const forLibrary = (expression: string): string => expression.replaceAll('ln(', 'log(');

/** Functions as a student draws them, and the same written by hand. */
export const curves: readonly (readonly [typed: string, byHand: (x: number) => number])[] = [
  ['x^3-4x', (x) => x ** 3 - 4 * x],
  ['x^2/4+1', (x) => (x * x) / 4 + 1],
  ['1/(1+x^2)', (x) => 1 / (1 + x * x)],
  ['sin(x)', (x) => Math.sin(x)],
  ['2sin(3x+1)', (x) => 2 * Math.sin(3 * x + 1)],
  ['exp(-x^2/2)', (x) => Math.exp((-x * x) / 2)],
  ['sqrt(x^2+1)', (x) => Math.sqrt(x * x + 1)],
  ['x*sin(1/x)', (x) => x * Math.sin(1 / x)],
  ['ln(x^2+1)', (x) => Math.log(x * x + 1)],
  ['(x^2-1)/(x^2+1)', (x) => (x * x - 1) / (x * x + 1)],
  ['4cosh(x/4)', (x) => 4 * Math.cosh(x / 4)],
  ['abs(x-1)+abs(x+1)', (x) => Math.abs(x - 1) + Math.abs(x + 1)],
  ['e^(-x)*cos(5x)', (x) => Math.exp(-x) * Math.cos(5 * x)],
  ['x^4-3x^3+2x-5', (x) => x ** 4 - 3 * x ** 3 + 2 * x - 5],
];
