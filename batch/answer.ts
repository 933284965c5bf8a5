import { itemAt } from '@/core/base/item';
import { problemThrown } from '@/core/base/limits';
import { countedDown } from '@/core/base/should-continue';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { contextOf } from '@/core/evaluate/context';
import type { Context } from '@/core/evaluate/context';
import { decideLine, evaluate } from '@/core/evaluate/evaluate';
import { steps } from '@/core/evaluate/steps';
import { exactTree } from '@/core/format/exact-tree';
import { batchText } from '@/core/format/layout';
import type { Reading } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import { readAs } from '@/core/language/read-as';
import { isTruth } from '@/core/language/truth';
import { roundToFigures } from '@/core/number/digits';
import type { Decimal } from '@/core/number/digits';
import { isExact, isReal } from '@/core/number/value';
import type { Matrix, RealValue, Value } from '@/core/number/value';
import { problemText } from '@/text/problems';
import { inBases, onBits } from './bases';
import { checkAnswer } from './checks';
import { drawFrom } from './chance';
import { summarise } from './columns';
import { drawn, pointsOf, tabulate } from './curves';
import { pressKeys } from './keys';
import { NOWHERE, numberText, readExpr } from './numbers';
import { polynomialRoots, systemSolved } from './equations';
import { fitted } from './fits';
import { dateAnswer } from './dates';
import { distributionAnswer } from './distributions';
import { loanAnswer } from './loans';
import { sheetAnswer } from './sheets';
import { toldOf, toldProblem } from './told';
import { testAnswer } from './tests';
import { converted } from './units';
import { batchRequest } from './request';
import type { BatchRequest, ExpressionRequest } from './request';

/** What one request may take. */
const BUDGET_MS = 2000;

/** Points are searched for in so many steps, whatever time they take; the time for all of it is only an end to what hangs. */
const POINT_STEPS = 40_000;

/** Work over many points, or over columns, may take longer. */
const BUDGETS: Readonly<Partial<Record<BatchRequest['do'], number>>> = {
  points: 5,
  summary: 20,
  fit: 20,
  test: 20,
  /** The search ends with what it has found by then. */
  check: 0.8,
  /** Marking wrong answers looks for slips in each. */
  sheet: 20,
};

const DOES = /"do"\s*:\s*"(\w+)"/;

/** Milliseconds that a line may take, by what it asks for; a line that does not say it is answered at once. */
export function timeFor(line: string): number {
  const does = DOES.exec(line)?.[1] ?? '';
  return BUDGET_MS * (Object.hasOwn(BUDGETS, does) ? (BUDGETS[does as BatchRequest['do']] ?? 1) : 1);
}

const MICROSECONDS = 1000;

/** Time as the processor spends it on all of batch, or by the clock where that is less: a busy machine costs no answer. */
const within = (ms: number): (() => boolean) => {
  const end = Date.now() + ms;
  const begun = process.cpuUsage();
  const spent = (): number => {
    const { user, system } = process.cpuUsage(begun);
    return (user + system) / MICROSECONDS;
  };
  return () => Date.now() < end || spent() < ms;
};

/** The context of a request, its letters worked in the order in which they are given. */
function contextFor(request: BatchRequest, budget: number): Result<Context, Problem> {
  const letters = new Map<string, Value>();
  const { angle, complex, digits } = request;
  const context = contextOf({
    angle,
    complex,
    digits,
    shouldContinue: within(budget),
    random: drawFrom,
    names: { letters },
  });
  for (const [name, text] of Object.entries(request.variables)) {
    const reading = readExpr(text, request.impliedFirst);
    if (!reading.ok) return reading;
    const value = evaluate(reading.value.tree, context);
    if (!value.ok) return value;
    letters.set(name, value.value);
  }
  return succeed(context);
}

function rounded(v: RealValue, { tree }: Reading, { digits, shouldContinue }: Context): Result<Decimal, Problem> {
  const result = roundToFigures(v, digits, shouldContinue);
  return typeof result === 'string' ? fail(withSpan({ code: result }, tree.span)) : succeed(result);
}

/** The entries of a matrix row by row. */
function written(m: Matrix, reading: Reading, context: Context) {
  const rows: string[][] = [];
  let settled = true;
  for (const row of m.rows) {
    const texts: string[] = [];
    for (const entry of row) {
      const text = numberText(entry, context, reading.tree.span);
      if (!text.ok) return text;
      texts.push(text.value.text);
      settled &&= text.value.settled;
    }
    rows.push(texts);
  }
  return succeed({ matrix: rows, settled });
}

function evaluateOne(reading: Reading, context: Context, impliedFirst: boolean): Result<object, Problem> {
  const { text } = readAs(reading, { decimalSign: '.', impliedFirst });
  if (isTruth(reading.tree)) {
    const truth = decideLine(reading.tree, context);
    if (!truth.ok) return truth;
    return succeed({ truth: truth.value ?? 'undecided', settled: truth.value !== null, readAs: text });
  }
  const value = evaluate(reading.tree, context);
  if (!value.ok) return value;
  const exact = isExact(value.value) ? printText(exactTree(value.value), TYPED) : null;
  if (isReal(value.value)) {
    const decimal = rounded(value.value, reading, context);
    if (!decimal.ok) return decimal;
    return succeed({ decimal: batchText(decimal.value), exact, settled: decimal.value.settled, readAs: text });
  }
  if (value.value.kind === 'matrix') {
    const entries = written(value.value, reading, context);
    return entries.ok ? succeed({ ...entries.value, exact, readAs: text }) : entries;
  }
  const [re, im] = [rounded(value.value.re, reading, context), rounded(value.value.im, reading, context)];
  if (!re.ok || !im.ok) return re.ok ? im : re;
  const settled = re.value.settled && im.value.settled;
  return succeed({ re: batchText(re.value), im: batchText(im.value), exact, settled, readAs: text });
}

function answer(request: BatchRequest, budget: number): Result<object, Problem & Readonly<{ equation?: number }>> {
  const context = contextFor(request, budget);
  if (!context.ok) return context;
  switch (request.do) {
    case 'evaluate':
    case 'steps':
      return answerExpression(request, context.value);
    case 'values':
      return tabulate(request, context.value);
    case 'points':
      return pointsOf(request, context.value, countedDown(POINT_STEPS, context.value.shouldContinue));
    case 'curve':
      return drawn(request, context.value);
    case 'summary':
      return summarise(request, context.value);
    case 'fit':
      return fitted(request, context.value);
    case 'system':
      return systemSolved(request, context.value);
    case 'polynomial':
      return polynomialRoots(request, context.value);
    case 'base':
      return inBases(request, context.value);
    case 'bits':
      return onBits(request, context.value);
    case 'convert':
      return converted(request, context.value);
    case 'date':
      return dateAnswer(request);
    case 'loan':
      return loanAnswer(request, context.value);
    case 'distribution':
      return distributionAnswer(request, context.value);
    case 'test':
      return testAnswer(request, context.value);
    case 'sheet':
      return sheetAnswer(request, context.value);
    case 'check':
      return checkAnswer(request, context.value);
  }
}

function answerExpression(request: ExpressionRequest, context: Context): Result<object, Problem> {
  const reading = readExpr(request.expr, request.impliedFirst);
  if (!reading.ok) return reading;
  if (request.do === 'evaluate') return evaluateOne(reading.value, context, request.impliedFirst);
  const result = steps(reading.value.tree, context, exactTree);
  return result.ok ? succeed({ steps: result.value }) : result;
}

const failure = (id: unknown, code: string, message: string) => ({
  id,
  ok: false,
  problem: toldProblem(code, message),
});

/** What names a request in its answer; what is no name is not given back. */
const idOf = (parsed: unknown): string | number | null => {
  const id = typeof parsed === 'object' && parsed !== null && 'id' in parsed ? parsed.id : null;
  return typeof id === 'string' || typeof id === 'number' ? id : null;
};

function parsedLine(line: string): unknown {
  try {
    return JSON.parse(line) as unknown;
  } catch {
    return undefined;
  }
}

/** The answer to a line whose worker had to be ended. */
export const failedLine = (line: string, code: 'stopped' | 'too-large'): object =>
  failure(idOf(parsedLine(line)), code, problemText(withSpan({ code }, NOWHERE)));

/** The answer to one line of standard input, as an object to be written as one line of JSON. Never throws. */
export function answerBatchLine(line: string, budget = BUDGET_MS): object {
  const parsed = parsedLine(line);
  if (parsed === undefined) return failure(null, 'syntax', 'This line is not JSON.');
  const id = idOf(parsed);
  try {
    return answerRequest(parsed, id, budget);
  } catch (error) {
    const problemData = problemThrown(error) ?? { code: 'internal', reason: 'bug' };
    return failure(id, problemData.code, problemText(withSpan(problemData, NOWHERE)));
  }
}

function answerRequest(parsed: unknown, id: string | number | null, budget: number): object {
  const request = batchRequest.safeParse(parsed);
  if (!request.success) {
    const issue = itemAt(request.error.issues, 0);
    return failure(id, 'syntax', `The request is not valid at “${issue.path.join('.')}”: ${issue.message}`);
  }
  const { data } = request;
  const result =
    data.do === 'keys'
      ? pressKeys(data, { shouldContinue: within(budget), random: drawFrom })
      : answer(data, budget * (BUDGETS[data.do] ?? 1));
  if (result.ok) return { id, ok: true, ...result.value };
  const { problem } = result;
  const told = toldOf(problem);
  return { id, ok: false, problem: 'equation' in problem ? { ...told, equation: problem.equation } : told };
}
