import { z } from 'zod';
import { angleUnits } from '@/core/base/angle';
import { formIds } from '@/core/format/form';
import { FEWEST_DIGITS, MOST_DIGITS, displayModes } from '@/core/format/settings';
import { HIGHEST_DEGREE } from '@/core/column/fits';
import { curveModels } from '@/core/column/fit-models';
import { quartileRules } from '@/core/column/quartile-rules';
import { lineViews } from '@/core/line/line';
import { entryStyles } from '@/core/notebook/setting-records';
import { FORM } from '@/core/practice/asked-form';
import { MOST_ITEMS, sheetSchema } from '@/core/practice/sheet-schema';
import { bitsOperationIds } from '@/core/radix/bits';
import { LARGEST_BASE, LEAST_BASE } from '@/core/radix/digits';
import { tails } from '@/core/inference/test-names';
import { wordBits } from '@/core/radix/word';
import { loanParts } from '@/core/loan/loan';
import { runningOrders } from '@/core/running/state';
import { stackDepths } from '@/core/stack/stack';

/** The most significant digits that can be asked for. */
export const MOST_BATCH_DIGITS = 200;

const common = {
  id: z.union([z.string(), z.number()]),
  angle: z.enum(angleUnits).default('rad'),
  complex: z.boolean().default(false),
  digits: z.int().min(1).max(MOST_BATCH_DIGITS).default(30),
  impliedFirst: z.boolean().default(false),
  variables: z.record(z.string().regex(/^[A-Za-z]$/), z.string().max(10_000)).default({}),
};

const expression = z.string().max(100_000);
const shared = { ...common, expr: expression };

/** Keys pressed one after another in a fresh app; settings that are not given are those of a fresh app too. */
const keysRequest = z.object({
  id: shared.id,
  do: z.literal('keys'),
  style: z.enum(entryStyles).default('written'),
  keys: z.array(z.string().max(100)).max(20_000),
  settings: z
    .strictObject({
      angle: z.enum(angleUnits),
      mode: z.enum(displayModes),
      digits: z.int().min(FEWEST_DIGITS).max(MOST_DIGITS),
      grouping: z.boolean(),
      decimalSign: z.enum(['.', ',']),
      impliedFirst: z.boolean(),
      complex: z.boolean(),
      form: z.nullable(z.enum(formIds)),
      fractions: z.enum(['improper', 'mixed']),
      complexForm: z.enum(['rectangular', 'polar']),
      order: z.enum(runningOrders),
      depth: z.enum(stackDepths),
      view: z.enum(lineViews),
    })
    .partial()
    .default({}),
});

/** Tables, points, columns: fifteen digits unless others are asked for. */
const table = { ...common, digits: z.int().min(1).max(MOST_BATCH_DIGITS).default(15) };

/** A number given as text; a number of JSON is taken for the decimal that it is written as. */
const numeral = z.union([z.string().max(10_000), z.number().transform(String)]);
const numerals = z.array(numeral).min(1).max(1_000_000);

const summaryRequest = z.object({
  ...table,
  do: z.literal('summary'),
  x: numerals.optional(),
  freq: numerals.optional(),
  quartiles: z.enum(quartileRules).default('halves'),
  /** Classes, in the place of single values. */
  lower: numerals.optional(),
  upper: numerals.optional(),
  by: z.array(z.union([z.string(), z.number()]).transform(String)).optional(),
});

const fitRequest = z.object({
  ...table,
  do: z.literal('fit'),
  model: z.enum([...curveModels, 'own']).default('straight'),
  degree: z.int().min(1).max(HIGHEST_DEGREE).default(2),
  x: numerals.optional(),
  y: numerals,
  freq: numerals.optional(),
  errors: z.boolean().default(false),
  throughOrigin: z.boolean().default(false),
  /** Of several predictors, in the place of x. */
  predictors: z.array(numerals).min(1).max(50).optional(),
  /** A model of one's own, with letters to begin with. */
  expr: expression.optional(),
  start: z.record(z.string().regex(/^[A-Za-z]$/), numeral).optional(),
});

const letter = z
  .string()
  .regex(/^[A-Za-z]$/)
  .default('x');

const valuesRequest = z.object({
  ...table,
  do: z.literal('values'),
  expr: expression,
  var: letter,
  from: numeral,
  step: numeral,
  to: numeral,
});

const pointsRequest = z.object({
  ...table,
  do: z.literal('points'),
  exprs: z.array(expression).min(1).max(20),
  var: letter,
  from: numeral,
  to: numeral,
});

const pixels = z.int().min(1).max(20_000);
const curveRequest = z.object({
  ...table,
  do: z.literal('curve'),
  expr: expression,
  var: letter,
  from: numeral,
  to: numeral,
  yFrom: numeral,
  yTo: numeral,
  width: pixels.default(390),
  height: pixels.default(390),
});

const unknowns = z
  .array(z.string().regex(/^[A-Za-z]$/))
  .min(1)
  .max(50);
const systemRequest = z.object({
  ...common,
  do: z.literal('system'),
  /** Equations as they are typed, or rows of coefficients with what each comes to at the end. */
  equations: z.array(expression).min(1).max(50).optional(),
  augmented: z.array(z.array(numeral).min(2).max(51)).min(1).max(50).optional(),
  unknowns: unknowns.optional(),
});

const polynomialRequest = z.object({
  ...common,
  do: z.literal('polynomial'),
  coefficients: z.array(numeral).min(2).max(41),
});

const base = z.int().min(LEAST_BASE).max(LARGEST_BASE);
const bits = z.literal(wordBits);
const baseRequest = z.object({
  ...common,
  do: z.literal('base'),
  value: numeral,
  from: base.default(10),
  bits: bits.optional(),
  signed: z.boolean().default(true),
  to: base.optional(),
});

const bitsRequest = z.object({
  ...common,
  do: z.literal('bits'),
  op: z.enum(bitsOperationIds),
  a: numeral,
  b: numeral.optional(),
  bits: bits.default(8),
  signed: z.boolean().default(true),
});

const convertRequest = z.object({
  ...common,
  do: z.literal('convert'),
  value: numeral,
  from: z.string().max(1000),
  to: z.string().max(1000),
});

const whole = z.union([
  z.int(),
  z
    .string()
    .regex(/^[-+]?\d{1,9}$/)
    .transform(Number),
]);
const date = z.string().max(100);
const dateRequest = z.object({
  ...common,
  do: z.literal('date'),
  op: z.enum(['difference', 'add']),
  from: date,
  to: date.optional(),
  years: whole.default(0),
  months: whole.default(0),
  weeks: whole.default(0),
  days: whole.default(0),
});

const loanRequest = z.object({
  ...common,
  do: z.literal('loan'),
  solve: z.enum(loanParts),
  amount: numeral.optional(),
  ratePerPeriod: numeral.optional(),
  periods: numeral.optional(),
  payment: numeral.optional(),
  balance: numeral.optional(),
  when: z.enum(['end', 'begin']).default('end'),
});

const distributionRequest = z.object({
  ...common,
  do: z.literal('distribution'),
  dist: z.string().max(100),
  params: z.record(z.string().max(100), numeral).default({}),
  what: z.enum(['pdf', 'cdf', 'upper', 'between', 'inverse']),
  x: numeral.optional(),
  a: numeral.optional(),
  b: numeral.optional(),
  p: numeral.optional(),
});

const list = z.array(numeral).max(1_000_000);

const testRequest = z.object({
  ...common,
  digits: z.int().min(1).max(MOST_BATCH_DIGITS).default(15),
  do: z.literal('test'),
  test: z.string().max(100),
  tail: z.enum(tails).default('two'),
  level: numeral.default('0.95'),
  x: list.optional(),
  y: list.optional(),
  mean0: numeral.optional(),
  sd: z.union([numeral, list.length(2)]).optional(),
  count: z.union([numeral, list.length(2)]).optional(),
  n: z.union([numeral, list.length(2)]).optional(),
  share0: numeral.optional(),
  variance0: numeral.optional(),
  expected: list.optional(),
  shares: list.optional(),
  table: z.array(list).optional(),
  groups: z.array(list).optional(),
  cells: z.array(z.array(list)).optional(),
});

/** A line beside another answer; `form`: the form in which that is asked for. */
const checkRequest = z.object({
  ...shared,
  do: z.literal('check'),
  answer: expression,
  form: z.string().regex(FORM).optional(),
});

/** A sheet of exercises as one pupil has it; with answers, one for each question, these are marked. */
const sheetRequest = z.object({
  ...common,
  do: z.literal('sheet'),
  sheet: sheetSchema,
  pupil: z.string().max(100).default('1'),
  answers: z.array(z.string().max(500)).max(MOST_ITEMS).optional(),
});

export type SheetRequest = z.infer<typeof sheetRequest>;

export type CheckRequest = z.infer<typeof checkRequest>;
export type TestRequest = z.infer<typeof testRequest>;
export type DistributionRequest = z.infer<typeof distributionRequest>;
export type DateRequest = z.infer<typeof dateRequest>;
export type LoanRequest = z.infer<typeof loanRequest>;
export type ConvertRequest = z.infer<typeof convertRequest>;
export type BaseRequest = z.infer<typeof baseRequest>;
export type BitsRequest = z.infer<typeof bitsRequest>;
export type SystemRequest = z.infer<typeof systemRequest>;
export type PolynomialRequest = z.infer<typeof polynomialRequest>;
export type ValuesRequest = z.infer<typeof valuesRequest>;
export type PointsRequest = z.infer<typeof pointsRequest>;
export type CurveRequest = z.infer<typeof curveRequest>;
export type SummaryRequest = z.infer<typeof summaryRequest>;
export type FitRequest = z.infer<typeof fitRequest>;

export const batchRequest = z.discriminatedUnion('do', [
  keysRequest,
  z.object({ ...shared, do: z.literal('evaluate') }),
  z.object({ ...shared, do: z.literal('steps') }),
  valuesRequest,
  pointsRequest,
  curveRequest,
  summaryRequest,
  fitRequest,
  systemRequest,
  polynomialRequest,
  baseRequest,
  bitsRequest,
  convertRequest,
  dateRequest,
  loanRequest,
  distributionRequest,
  testRequest,
  checkRequest,
  sheetRequest,
]);

export type KeysRequest = z.infer<typeof keysRequest>;
export type BatchRequest = Exclude<z.infer<typeof batchRequest>, KeysRequest>;
export type ExpressionRequest = Extract<BatchRequest, { do: 'evaluate' | 'steps' }>;
