import type { ProblemData } from '../../base/problem';
import { fail, succeed } from '../../base/result';
import type { Result } from '../../base/result';
import { add, divide, multiply, negate, real, ZERO } from '../../number/arithmetic';
import { root } from '../../number/power';
import { compareReals } from '../../number/sign';
import * as q from '../../number/rational';
import { fromRational, fromWhole, isReal } from '../../number/value';
import type { RealValue, Value } from '../../number/value';
import { defineMatrixFunction } from '../record';
import type { FunctionContext } from '../record';

type Of = (values: readonly RealValue[], context: FunctionContext) => Result<Value, ProblemData>;

/** The real numbers of values and vectors, one after the other. */
function flattened(fn: string, args: readonly Value[]): Result<readonly RealValue[], ProblemData> {
  const found: RealValue[] = [];
  for (const arg of args)
    for (const entry of arg.kind === 'matrix' ? arg.rows.flat() : [arg]) {
      if (!isReal(entry)) return fail({ code: 'domain', reason: 'real-only', fn });
      found.push(entry);
    }
  return succeed(found);
}

/** A sum of fractions over one denominator; of other numbers, one after the other. */
function total(values: readonly RealValue[]): RealValue {
  if (!values.every((v) => v.kind === 'rational')) return values.reduce(add, ZERO);
  let [n, d] = [0n, 1n];
  for (const { value } of values) {
    if (value.d === d) n += value.n;
    else [n, d] = [n * value.d + value.n * d, d * value.d];
  }
  return fromRational(q.rational(n, d));
}

const over = (sum: RealValue, count: number, { shouldContinue }: FunctionContext) =>
  divide(sum, fromWhole(count), shouldContinue);

/** Σ of squared deviations from the mean, divided by n less what is told. */
function spread(values: readonly RealValue[], less: number, context: FunctionContext): Result<RealValue, ProblemData> {
  const mean = over(total(values), values.length, context);
  if (!mean.ok) return mean;
  const from = negate(mean.value);
  const deviations = values.map((v) => add(v, from));
  return over(total(deviations.map((v) => multiply(v, v))), values.length - less, context);
}

function rootOfSpread(values: readonly RealValue[], less: number, context: FunctionContext) {
  const variance = spread(values, less, context);
  if (!variance.ok) return variance;
  const found = root(variance.value, 2, context.shouldContinue);
  return found.ok ? found : succeed(real('root', variance.value, fromWhole(2)));
}

function medianOf(values: readonly RealValue[], context: FunctionContext): Result<Value, ProblemData> {
  const problems: ProblemData[] = [];
  const sorted = [...values].sort((a, b) => {
    const order = compareReals(a, b, context.shouldContinue);
    if (typeof order !== 'string') return order;
    problems.push({ code: order === 'undecided' ? 'not-converged' : order });
    return 0;
  });
  const [problem] = problems;
  if (problem !== undefined) return fail(problem);
  const middle = Math.floor(sorted.length / 2);
  const [below = ZERO, above = ZERO] = [sorted[middle - 1], sorted[middle]];
  return sorted.length % 2 === 1 ? succeed(above) : over(add(below, above), 2, context);
}

/** What a function of all numbers of its values is; of fewer than `least` there is none. */
const ofValues =
  (fn: string, least: number, of: Of) =>
  (args: readonly Value[], context: FunctionContext): Result<Value, ProblemData> => {
    const values = flattened(fn, args);
    if (!values.ok) return values;
    return values.value.length < least
      ? fail({ code: 'dimension', reason: 'too-few-values', needs: least, got: values.value.length })
      : of(values.value, context);
  };

const listed = { topic: 'lists', takes: ['values'], more: true, least: 1, lists: 'several' } as const;
const SOURCE = 'ISO 3534-1 (from memory)';
const PRACTICE = 'common practice, no source';

export const mean = defineMatrixFunction({
  ...listed,
  name: 'mean',
  of: ofValues('mean', 1, (values, context) => over(total(values), values.length, context)),
  examples: [
    { typed: 'mean(1, 2, 6)', exact: '3' },
    { typed: 'mean([1, 2])', exact: '3/2' },
  ],
  source: SOURCE,
});

export const median = defineMatrixFunction({
  ...listed,
  name: 'median',
  of: ofValues('median', 1, medianOf),
  examples: [
    { typed: 'median(9, 1, 4)', exact: '4' },
    { typed: 'median(1, 2, 4, 9)', exact: '3' },
  ],
  source: SOURCE,
});

export const sd = defineMatrixFunction({
  ...listed,
  name: 'sd',
  of: ofValues('sd', 2, (values, context) => rootOfSpread(values, 1, context)),
  examples: [
    { typed: 'sd(2, 4, 4, 4, 5, 5, 7, 9)', exact: '4sqrt(14)/7' },
    { typed: 'sd(1)', problem: 'dimension' },
  ],
  source: SOURCE,
});

export const sigma = defineMatrixFunction({
  ...listed,
  name: 'sigma',
  of: ofValues('sigma', 1, (values, context) => rootOfSpread(values, 0, context)),
  examples: [{ typed: 'sigma(2, 4, 4, 4, 5, 5, 7, 9)', exact: '2' }],
  source: SOURCE,
});

export const sumOf = defineMatrixFunction({
  ...listed,
  name: 'sumOf',
  of: ofValues('sumOf', 1, (values) => succeed(total(values))),
  examples: [
    { typed: 'sumOf(1, 2, 6)', exact: '9' },
    { typed: 'sum([1, 2])', exact: '3' },
  ],
  source: PRACTICE,
});

export const countOf = defineMatrixFunction({
  ...listed,
  name: 'countOf',
  of: ofValues('countOf', 1, (values) => succeed(fromWhole(values.length))),
  examples: [{ typed: 'countOf([4, 4, 6])', exact: '3' }],
  source: PRACTICE,
});
