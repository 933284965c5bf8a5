import type { FunctionName } from '@/core/function';

/** One sentence of help for each function, under its name. */
export const functionHelp: Readonly<Record<FunctionName, string>> = {
  sqrt: 'The square root, in lowest form; of numbers from 0 on.',
  cbrt: 'The cube root; of a negative number it is negative.',
  root: 'The nth root: first n, then the number.',
  abs: 'The size of a number, without its sign.',
  exp: 'The number e raised to a power.',
  ln: 'The logarithm to base e, of numbers above 0.',
  lg: 'The logarithm to base ten.',
  log: 'The logarithm to base ten, or to the base given second.',
  sin: 'The sine of an angle in the unit that is set.',
  cos: 'The cosine of an angle in the unit that is set.',
  tan: 'The tangent of an angle; it has none at a right angle.',
  sec: 'The secant: 1 divided by the cosine.',
  csc: 'The cosecant: 1 divided by the sine.',
  cot: 'The cotangent: the cosine divided by the sine.',
  asin: 'The angle from −90° to 90° that has this sine.',
  acos: 'The angle from 0° to 180° that has this cosine.',
  atan: 'The angle between −90° and 90° that has this tangent.',
  asec: 'The angle from 0° to 180° that has this secant.',
  acsc: 'The angle from −90° to 90° that has this cosecant.',
  acot: 'The angle that has this cotangent: atan of 1 divided by it.',
  nCr: 'In how many ways r things can be chosen from n.',
  nPr: 'In how many ways r things from n can be put in order.',
};
