import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { absentParameters, chanceValue } from '@/core/chance';
import type { Context } from '@/core/evaluate/context';
import { distributionShape, distributionShapes } from '@/core/function/chance/distributions';
import type { ChanceQuestion, DistributionShape } from '@/core/function/chance/distributions';
import type { RealValue } from '@/core/number/value';
import { NOWHERE, knownDecimals, numberIn } from './numbers';
import type { DistributionRequest } from './request';

/** What the distributions are called in a request where it is not our own name. */
const SHORT: Readonly<Record<string, string>> = { chi2: 'chiSquared' };

const questions: Readonly<Record<DistributionRequest['what'], ChanceQuestion>> = {
  pdf: 'at',
  cdf: 'below',
  upper: 'above',
  between: 'between',
  inverse: 'inverse',
};

const missing = (name: string): { ok: false; problem: Problem } =>
  fail(withSpan({ code: 'undefined-name', name, among: 'request' }, NOWHERE));

function parametersIn(
  { params }: DistributionRequest,
  { id, parameters }: DistributionShape,
  context: Context,
): Result<readonly RealValue[], Problem> {
  const names = parameters.map(({ name }) => name);
  const stray = Object.keys(params).find((name) => !names.includes(name));
  if (stray !== undefined)
    return fail(withSpan({ code: 'undefined-name', name: stray, among: 'parameters', offers: names }, NOWHERE));
  const absent = absentParameters(id);
  const values: RealValue[] = [];
  for (const [i, { name, absent: stands }] of parameters.entries()) {
    const text = params[name];
    const value = text === undefined ? null : numberIn(text, context);
    if (value !== null && !value.ok) return value;
    const known = value?.value ?? (stands === undefined ? undefined : absent[i]);
    if (known === undefined) return missing(name);
    values.push(known);
  }
  return succeed(values);
}

/** What a distribution answers, as a decimal to the digits that are asked for. */
export function distributionAnswer(request: DistributionRequest, context: Context): Result<object, Problem> {
  const shape = distributionShape(SHORT[request.dist] ?? request.dist);
  if (shape === undefined) {
    const offers = distributionShapes.map(({ id }) => Object.keys(SHORT).find((short) => SHORT[short] === id) ?? id);
    return fail(withSpan({ code: 'undefined-name', name: request.dist, among: 'distributions', offers }, NOWHERE));
  }
  const question = questions[request.what];
  const asked =
    question === 'between' ? (['a', 'b'] as const) : question === 'inverse' ? (['p'] as const) : (['x'] as const);
  const values: RealValue[] = [];
  for (const name of asked) {
    const text = request[name];
    if (text === undefined) return missing(name);
    const value = numberIn(text, context);
    if (!value.ok) return value;
    values.push(value.value);
  }
  const parameters = parametersIn(request, shape, context);
  if (!parameters.ok) return parameters;
  const value = chanceValue(shape.id, question, values, parameters.value, shape.id, context.shouldContinue);
  if (!value.ok) return fail(withSpan(value.problem, NOWHERE));
  const known = knownDecimals({ value: value.value }, context);
  return known.ok ? succeed({ ...known.value.texts, settled: known.value.settled }) : known;
}
