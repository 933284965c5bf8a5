import { cos, cot, csc, sec, sin, tan } from './angles/circular';
import { acos, acot, acsc, asec, asin, atan } from './angles/inverse';
import { bitand, bitnot, bitor, bitxor, shl, shr } from './bits/patterns';
import { chanceFunctions } from './chance/functions';
import { cases, derivative, integral, prod, sum } from './calculus/binders';
import { arg, conj, im, re } from './complex/parts';
import { randint, random } from './counting/chance';
import { nCr, nPr } from './counting/choosing';
import { div, gcd, lcm, mod } from './counting/divisors';
import { slot } from './keeping/slots';
import { charpoly, eigenvalues, eigenvectors } from './matrices/eigen';
import { det, identity, inverse, kernel, rank, rref, solve, trace, transpose } from './matrices/elimination';
import { angle, cross, dot, norm, proj, unit } from './matrices/vectors';
import { countOf, mean, median, sd, sigma, sumOf } from './lists/summaries';
import { acosh, asinh, atanh, cosh, sinh, tanh } from './logs/hyperbolic';
import { exp, lg, ln, log } from './logs/logarithms';
import { abs, cbrt, nthRoot, sign, sqrt } from './powers/roots';
import { ceil, floor, frac, max, min, round, roundsig, trunc } from './rounding/whole';

/** Every function of the language. A new one is a record in a topic folder and its name here. */
export const records = [
  sqrt,
  cbrt,
  nthRoot,
  abs,
  sign,
  exp,
  ln,
  lg,
  log,
  sin,
  cos,
  tan,
  sec,
  csc,
  cot,
  asin,
  acos,
  atan,
  asec,
  acsc,
  acot,
  nCr,
  nPr,
  sinh,
  cosh,
  tanh,
  asinh,
  acosh,
  atanh,
  gcd,
  lcm,
  mod,
  div,
  floor,
  ceil,
  round,
  roundsig,
  trunc,
  frac,
  mean,
  median,
  sd,
  sigma,
  sumOf,
  countOf,
  min,
  max,
  random,
  randint,
  sum,
  prod,
  integral,
  derivative,
  cases,
  re,
  im,
  conj,
  arg,
  det,
  inverse,
  transpose,
  rank,
  trace,
  rref,
  kernel,
  identity,
  solve,
  dot,
  cross,
  norm,
  unit,
  angle,
  proj,
  charpoly,
  eigenvalues,
  eigenvectors,
  bitand,
  bitor,
  bitxor,
  bitnot,
  shl,
  shr,
  slot,
  ...chanceFunctions,
] as const;
