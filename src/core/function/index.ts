import { cos, cot, csc, sec, sin, tan } from './angles/circular';
import { acos, acot, acsc, asec, asin, atan } from './angles/inverse';
import { cases, derivative, integral, prod, sum } from './calculus/binders';
import { arg, conj, im, re } from './complex/parts';
import { randint, random } from './counting/chance';
import { nCr, nPr } from './counting/choosing';
import { div, gcd, lcm, mod } from './counting/divisors';
import { slot } from './keeping/slots';
import { acosh, asinh, atanh, cosh, sinh, tanh } from './logs/hyperbolic';
import { exp, lg, ln, log } from './logs/logarithms';
import { abs, cbrt, nthRoot, sign, sqrt } from './powers/roots';
import { ceil, floor, frac, max, min, round, roundsig, trunc } from './rounding/whole';
import { standingOf } from '../notation/notation';
import type { Standing } from '../notation/notation';
import type { FunctionRecord } from './record';

/** What the parser needs to know of a function (the same shape that the language reads). */
type FunctionShape = Readonly<{ name: string; least: number; most: number; form?: 'binder' | 'cases' }>;

/** Every function of the language. A new one is a record in a topic folder and its name here. */
const records = [
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
  slot,
] as const;

export const functions: readonly FunctionRecord[] = records;
export type FunctionName = (typeof records)[number]['name'];

const byName = new Map<string, FunctionRecord>(functions.map((f) => [f.name, f]));
export const functionNamed = (name: string): FunctionRecord | undefined => byName.get(name);

const standings = new Map<string, Standing | null>();

/** How a call with that many values stands on paper; null where it is written by its name. */
export function standingOfCall(fn: string, values: number): Standing | null {
  const key = `${fn} ${values}`;
  const known = standings.get(key);
  if (known !== undefined) return known;
  const notation = byName.get(fn)?.notation;
  const made = notation === undefined ? null : standingOf(notation, values);
  standings.set(key, made);
  return made;
}

/** Functions that take any number of values take at most this many. */
const MOST_VALUES = 1000;

const formOf = (f: FunctionRecord): FunctionShape['form'] =>
  f.binds === 'cases' ? 'cases' : f.binds === undefined || f.binds === 'slot' ? undefined : 'binder';

/** Every name that is read, with what the parser needs to know. */
export const functionNames: ReadonlyMap<string, FunctionShape> = new Map(
  functions.flatMap((f) => {
    const form = formOf(f);
    const most = f.more ? MOST_VALUES : f.takes.length;
    return [f.name, ...f.aliases].map(
      (name) => [name, { name: f.name, least: f.least, most, ...(form ? { form } : {}) }] as const,
    );
  }),
);
