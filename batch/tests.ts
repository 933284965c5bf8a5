import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { Context } from '@/core/evaluate/context';
import { testNamed, tested } from '@/core/inference';
import { testIds } from '@/core/inference/test-names';
import type { DataPart, Outcome, TestData } from '@/core/inference/test-record';
import type { RealValue } from '@/core/number/value';
import { NOWHERE, knownDecimals, numberIn } from './numbers';
import type { TestRequest } from './request';

/** Under what a part of the data stands in a request. */
const NAMES: Readonly<Partial<Record<DataPart, keyof TestRequest>>> = {
  sds: 'sd',
  counts: 'count',
  ns: 'n',
  observed: 'x',
};

/** Reads what a request holds; the first text that is no number ends the reading. */
class Reader {
  problem: Problem | null = null;

  constructor(private readonly context: Context) {}

  number = (text: string): RealValue | undefined => {
    if (this.problem !== null) return undefined;
    const value = numberIn(text, this.context);
    if (value.ok) return value.value;
    this.problem = value.problem;
    return undefined;
  };

  list = (texts: readonly string[]): readonly RealValue[] => texts.map(this.number).filter((v) => v !== undefined);
}

const missing = (name: string): { ok: false; problem: Problem } =>
  fail(withSpan({ code: 'undefined-name', name, among: 'request' }, NOWHERE));

const pairOf = (values: readonly RealValue[]): readonly [RealValue, RealValue] | undefined => {
  const [a, b] = values;
  return a === undefined || b === undefined ? undefined : [a, b];
};

/** The data of a request, each part where it is given in the shape that it takes. */
function dataIn(request: TestRequest, needs: readonly DataPart[], read: Reader): TestData {
  const { x, y, mean0, sd, variance0, count, n, share0, expected, shares, table, groups, cells } = request;
  const one = (given: string | readonly string[] | undefined): RealValue | undefined =>
    typeof given === 'string' ? read.number(given) : undefined;
  const two = (given: string | readonly string[] | undefined) =>
    given === undefined || typeof given === 'string' ? undefined : pairOf(read.list(given));
  const given: { [P in DataPart]?: TestData[P] | undefined } = {
    x: x && { kind: 'values', values: read.list(x) },
    y: y && { kind: 'values', values: read.list(y) },
    observed: needs.includes('observed') ? x && read.list(x) : undefined,
    mean0: one(mean0),
    variance0: one(variance0),
    share0: one(share0),
    sd: one(sd),
    sds: two(sd),
    count: one(count),
    n: one(n),
    counts: two(count),
    ns: two(n),
    expected: expected && read.list(expected),
    shares: shares && read.list(shares),
    table: table?.map(read.list),
    groups: groups?.map(read.list),
    cells: cells?.map((row) => row.map(read.list)),
  };
  return Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined));
}

/** One for a single statistic; several in their order, by what varies. */
const shaped = <T>(outcomes: readonly Outcome[], of: (outcome: Outcome) => T): T | readonly T[] => {
  const all = outcomes.map(of);
  const [only] = all;
  return all.length === 1 && only !== undefined ? only : all;
};

/** A test with its interval, as decimals to the digits that are asked for. */
export function testAnswer(request: TestRequest, context: Context): Result<object, Problem> {
  const test = testNamed(request.test);
  if (test === undefined) {
    return fail(withSpan({ code: 'undefined-name', name: request.test, among: 'tests', offers: testIds }, NOWHERE));
  }
  const read = new Reader(context);
  const level = read.number(request.level);
  const data = dataIn(request, test.needs, read);
  if (read.problem !== null) return fail(read.problem);
  const absent = test.needs.find((part) => data[part] === undefined);
  if (absent !== undefined) return missing(NAMES[absent] ?? absent);
  if (level === undefined) return missing('level');
  const result = tested(test, data, { tail: request.tail, level }, context.shouldContinue);
  if (!result.ok) return fail(withSpan(result.problem, NOWHERE));
  const { outcomes, interval, estimate, effect } = result.value;
  const named = Object.fromEntries(
    outcomes.flatMap(({ statistic, p, df }, i) => [
      [`statistic${i}`, statistic],
      [`p${i}`, p],
      ...df.map((v, k) => [`df${i}.${k}`, v] as const),
    ]),
  ) as Record<string, RealValue>;
  const known = knownDecimals(
    { ...named, low: interval[0], high: interval[1], estimate, effect: effect?.value ?? null },
    context,
  );
  if (!known.ok) return known;
  const texts: Readonly<Record<string, string | null>> = known.value.texts;
  const indexed = (name: string) => (outcome: Outcome) => texts[`${name}${outcomes.indexOf(outcome)}`];
  const dfOf = (outcome: Outcome) => {
    const at = outcomes.indexOf(outcome);
    const all = outcome.df.map((_, k) => texts[`df${at}.${k}`]);
    return all.length === 0 ? null : all.length === 1 ? all[0] : all;
  };
  return succeed({
    statistic: shaped(outcomes, indexed('statistic')),
    df: shaped(outcomes, dfOf),
    p: shaped(outcomes, indexed('p')),
    interval: [texts['low'], texts['high']],
    estimate: texts['estimate'],
    effect: effect === null ? null : { by: effect.id, value: texts['effect'] },
    settled: known.value.settled,
  });
}
