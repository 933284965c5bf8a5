import { cos, cot, csc, sec, sin, tan } from './angles/circular';
import { acos, acot, acsc, asec, asin, atan } from './angles/inverse';
import { nCr, nPr } from './counting/choosing';
import { exp, lg, ln, log } from './logs/logarithms';
import { abs, cbrt, nthRoot, sqrt } from './powers/roots';
import type { FunctionRecord } from './record';

/** Every function of the language. A new one is a record in a topic folder and its name here. */
const records = [
  sqrt,
  cbrt,
  nthRoot,
  abs,
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
] as const;

export const functions: readonly FunctionRecord[] = records;
export type FunctionName = (typeof records)[number]['name'];

const byName = new Map<string, FunctionRecord>(functions.map((f) => [f.name, f]));
export const functionNamed = (name: string): FunctionRecord | undefined => byName.get(name);

/** Every name that is read, with what the parser needs to know. */
export const functionNames: ReadonlyMap<string, { name: string; least: number; most: number }> = new Map(
  functions.flatMap((f) =>
    [f.name, ...f.aliases].map((name) => [name, { name: f.name, least: f.least, most: f.takes.length }] as const),
  ),
);
