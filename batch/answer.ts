import { place } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { evaluate } from '@/core/evaluate/evaluate';
import type { Context } from '@/core/evaluate/evaluate';
import { exactTree } from '@/core/format/exact-tree';
import { batchText } from '@/core/format/layout';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import { readAs } from '@/core/language/read-as';
import { roundToFigures } from '@/core/number/digits';
import { isExact } from '@/core/number/value';
import type { Value } from '@/core/number/value';
import { problemText } from '@/text/problems';
import { evaluateRequest } from './request';
import type { EvaluateRequest } from './request';

/** What one request may take. */
export const BUDGET_MS = 2000;

const within = (ms: number): (() => boolean) => {
  const end = Date.now() + ms;
  return () => Date.now() < end;
};

const optionsOf = ({ impliedFirst }: EvaluateRequest) =>
  ({ functions: functionNames, decimalSign: '.', impliedFirst }) as const;

function variablesOf(request: EvaluateRequest, base: Omit<Context, 'names'>): Result<Map<string, Value>, Problem> {
  const letters = new Map<string, Value>();
  for (const [name, text] of Object.entries(request.variables)) {
    const reading = parse(text, optionsOf(request));
    if (!reading.ok) return reading;
    const value = evaluate(reading.value.tree, { ...base, names: { ans: null, letters } });
    if (!value.ok) return value;
    letters.set(name, value.value);
  }
  return succeed(letters);
}

function evaluateOne(request: EvaluateRequest): Result<object, Problem> {
  const reading = parse(request.expr, optionsOf(request));
  if (!reading.ok) return reading;
  const base = { angle: request.angle, alive: within(BUDGET_MS) };
  const letters = variablesOf(request, base);
  if (!letters.ok) return letters;
  const { tree } = reading.value;
  const value = evaluate(tree, { ...base, names: { ans: null, letters: letters.value } });
  if (!value.ok) return value;
  const decimal = roundToFigures(value.value, request.digits, base.alive);
  if (typeof decimal === 'string') return fail(place({ code: decimal }, tree.span));
  const { text } = readAs(reading.value, { decimalSign: '.', impliedFirst: request.impliedFirst });
  return succeed({
    decimal: batchText(decimal),
    exact: isExact(value.value) ? printText(exactTree(value.value), TYPED) : null,
    settled: decimal.settled,
    readAs: text,
  });
}

const failure = (id: unknown, code: string, message: string, from = 0, to = 0) => ({
  id,
  ok: false,
  problem: { code, from, to, message },
});

/** The answer to one line of standard input, as an object to be written as one line of JSON. Never throws for what a line holds. */
export function answerBatchLine(line: string): object {
  let parsed: unknown;
  try {
    parsed = JSON.parse(line);
  } catch {
    return failure(null, 'syntax', 'This line is not JSON.');
  }
  const id = typeof parsed === 'object' && parsed !== null && 'id' in parsed ? (parsed.id ?? null) : null;
  const request = evaluateRequest.safeParse(parsed);
  if (!request.success) {
    const issue = request.error.issues[0]!;
    return failure(id, 'syntax', `The request is not valid at “${issue.path.join('.')}”: ${issue.message}`);
  }
  const result = evaluateOne(request.data);
  if (result.ok) return { id, ok: true, ...result.value };
  const { problem } = result;
  return failure(id, problem.code, problemText(problem), problem.at.from, problem.at.to);
}
