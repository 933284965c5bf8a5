import { itemAt } from '@/core/base/item';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { ShouldContinue } from '@/core/base/should-continue';
import { sketchOf, sketchRange } from '@/core/chance/sketch';
import { quantilesOf } from '@/core/chart/charts/quantile';
import type { PointMarks, ShareMarks } from '@/core/chart/model';
import type { ViewRange } from '@/core/curve/view';
import type { Context } from '@/core/evaluate/context';
import { testNamed, tested } from '@/core/inference';
import { hasTail } from '@/core/inference/test-names';
import type { Tail, TestId, TestNumber } from '@/core/inference/test-names';
import { doubtsOf } from '@/core/inference/doubts';
import type { Doubts } from '@/core/inference/doubts';
import { doubleData } from '@/core/inference/looked-at';
import type { Given } from '@/core/inference/sample';
import type { EffectId, Outcome, TestData } from '@/core/inference/test-record';
import { toDouble } from '@/core/number/to-double';
import { asWhole, fromWhole, isReal } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import { contextFor } from '../answer';
import type { LineRequest } from '../answer';
import { fractionsOf } from '../column-reader';
import { Shower } from '../solution-view';
import type { KeptView } from '../solution-view';
import { entryValue } from './tables';

export type TestRequest = LineRequest &
  Readonly<{
    test: TestId;
    tail: Tail;
    level: string;
    numbers: Readonly<Partial<Record<TestNumber, string>>>;
    /** Columns of values, empty cells left out; of a test of counts the rows of its table. Null: told by summary numbers. */
    columns: readonly (readonly string[])[] | null;
    /** Labels of two factors beside the values of the first column, for the analysis by both. */
    factors: readonly [readonly string[], readonly string[]] | null;
  }>;

export type OutcomeView = Readonly<{
  of: NonNullable<Outcome['of']> | null;
  letter: Outcome['letter'];
  statistic: KeptView;
  df: readonly KeptView[];
  p: KeptView;
  /** The chance as a double, to be compared with what the level leaves. */
  chance: number;
}>;

export type TestView = Readonly<{
  /** Which number or cell is wrong, if one is. */
  fault: Readonly<{
    number: TestNumber | 'level' | null;
    cell: readonly [row: number, column: number] | null;
    problem: Problem;
  }> | null;
  outcomes: readonly OutcomeView[];
  estimate: KeptView | null;
  low: KeptView | null;
  high: KeptView | null;
  effect: Readonly<{ id: EffectId; value: KeptView }> | null;
  isApproximate: boolean;
  /** What in the data speaks against what is assumed; null where nothing of that was looked at. */
  doubts: Doubts | null;
  /** What the level leaves. */
  left: number;
  marks: ShareMarks | null;
  view: ViewRange | null;
  /** The values over the z of their ranks, where it is asked whether they are normal. */
  quantiles: Readonly<{ marks: PointMarks; view: ViewRange }> | null;
}>;

type Fault = NonNullable<TestView['fault']>;

const NOTHING: TestView = {
  fault: null,
  outcomes: [],
  estimate: null,
  low: null,
  high: null,
  effect: null,
  isApproximate: false,
  doubts: null,
  left: 0,
  marks: null,
  view: null,
  quantiles: null,
};
const NOWHERE = { from: 0, to: 0 };
/** Counts that are expected, each rounded, come to what was observed within this share of it. */
const ROUNDED = 0.01;

/** Ends the reading at the first text that is no number, with its place. */
class Unread extends Error {
  constructor(readonly fault: Fault) {
    super('unread');
  }
}

/** Cells by the labels of two factors, in the order in which the labels first come. */
function cellsOf(
  values: readonly (RealValue | null)[],
  [rows, columns]: NonNullable<TestRequest['factors']>,
): readonly (readonly (readonly RealValue[])[])[] {
  const labels = (of: readonly string[]): readonly string[] => [...new Set(of.filter((label) => label !== ''))];
  return labels(rows).map((row) =>
    labels(columns).map((column) =>
      values.flatMap((v, i) => (v !== null && rows[i] === row && columns[i] === column ? [v] : [])),
    ),
  );
}

class Worker {
  private readonly shower: Shower;

  constructor(
    private readonly request: TestRequest,
    private readonly context: Context,
  ) {
    this.shower = new Shower(request, context);
  }

  private read(text: string, number: Fault['number'], cell: Fault['cell']): RealValue {
    const value = entryValue(text, this.context);
    if (!value.ok) throw new Unread({ number, cell, problem: value.problem });
    if (isReal(value.value)) return value.value;
    const problem = withSpan({ code: 'domain', reason: 'real-only' }, { from: 0, to: text.length });
    throw new Unread({ number, cell, problem });
  }

  private number = (name: TestNumber): RealValue | undefined => {
    const text = this.request.numbers[name];
    return text === undefined || text === '' ? undefined : this.read(text, name, null);
  };

  private column(j: number): readonly (RealValue | null)[] {
    const cells = this.request.columns?.[j] ?? [];
    return cells.map((text, i) => (text === '' ? null : this.read(text, null, [i, j])));
  }

  private values = (j: number): readonly RealValue[] => this.column(j).filter((v) => v !== null);

  /** Two columns row by row, where both have a value. */
  private pairs(): readonly [readonly RealValue[], readonly RealValue[]] {
    const [x, y] = [this.column(0), this.column(1)];
    const rows = x.flatMap((v, i) => {
      const other = y[i] ?? null;
      return v === null || other === null ? [] : [[v, other] as const];
    });
    return [rows.map(([v]) => v), rows.map(([, v]) => v)];
  }

  private summary(which: 'x' | 'y'): Given | undefined {
    const [n, mean, sd] = [this.number(`${which}n`), this.number(`${which}mean`), this.number(`${which}sd`)];
    const known = sd ?? (this.request.test.endsWith('-z') ? fromWhole(1) : undefined);
    if (n === undefined || mean === undefined || known === undefined) return undefined;
    const count = asWhole(n);
    if (count === null || count < 1n || count > 10n ** 9n) {
      const problem = withSpan(
        { code: 'parameter', fn: this.request.test, name: 'n', must: 'count' } as const,
        NOWHERE,
      );
      throw new Unread({ number: `${which}n`, cell: null, problem });
    }
    return { kind: 'summary', n: Number(count), mean, sd: known };
  }

  private samples(): Pick<TestData, 'x' | 'y'> {
    const { columns, test } = this.request;
    const given = (of: Given | undefined, name: 'x' | 'y') => (of === undefined ? {} : { [name]: of });
    if (columns === null) return { ...given(this.summary('x'), 'x'), ...given(this.summary('y'), 'y') };
    const isPaired = ['means-paired', 'correlation', 'slope'].includes(test);
    const [x, y] = isPaired ? this.pairs() : [this.values(0), this.values(1)];
    return { x: { kind: 'values', values: x }, y: { kind: 'values', values: y } };
  }

  /** What stands as expected: counts, which come to as many as were observed but for rounding; else shares of them. */
  private awaited(): Pick<TestData, 'expected' | 'shares'> {
    const second = this.values(1);
    if (second.length === 0) return {};
    const [observed, expected] = [this.sum(this.values(0)), this.sum(second)];
    // Nothing at all is no share of anything, and is refused as it stands.
    const isCounts = expected <= 0 || Math.abs(expected - observed) <= ROUNDED * observed;
    return isCounts ? { expected: second } : { shares: second };
  }

  private sum(values: readonly RealValue[]): number {
    return values.reduce((all, v) => all + toDouble(v, this.context.shouldContinue), 0);
  }

  /** What gives cause for doubt, and what was not taken as it was written. */
  private doubts(id: TestId, data: TestData): Doubts | null {
    const found = doubtsOf(
      id,
      doubleData(data, (v) => toDouble(v, this.context.shouldContinue)),
    );
    if (found === null || data.shares === undefined || data.observed === undefined) return found;
    const shares = { id: 'as-shares', sum: this.sum(data.shares), observed: this.sum(data.observed) } as const;
    return { ...found, found: [shares, ...found.found] };
  }

  private data(): TestData {
    const { columns, factors, test } = this.request;
    const pair = (a: TestNumber, b: TestNumber) => {
      const [first, second] = [this.number(a), this.number(b)];
      return first === undefined || second === undefined ? undefined : ([first, second] as const);
    };
    const table = columns?.map((_, j) => this.values(j)) ?? [];
    const awaited = test === 'fit' ? this.awaited() : {};
    const given: { [P in keyof TestData]: TestData[P] | undefined } = {
      ...this.samples(),
      mean0: this.number('mean0'),
      sd: this.number('sd'),
      sds: pair('sd', 'sd2'),
      variance0: this.number('variance0'),
      count: this.number('count'),
      n: this.number('n'),
      counts: pair('count', 'count2'),
      ns: pair('n', 'n2'),
      share0: this.number('share0'),
      observed: table[0],
      ...awaited,
      table,
      groups: table.filter((values) => values.length > 0),
      cells: factors === null ? undefined : cellsOf(this.column(0), factors),
    };
    return Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined));
  }

  /** The distribution that the statistic is compared with, what lies as far out being shaded. */
  private picture({ against, statistic }: Outcome): Pick<TestView, 'marks' | 'view'> {
    const nothing = { marks: null, view: null };
    if (against === null) return nothing;
    const { shouldContinue } = this.context;
    const parameters = against.parameters.map((v) => toDouble(v, shouldContinue));
    const at = toDouble(statistic, shouldContinue);
    const range = sketchRange(against.id, parameters);
    if (range === null) return nothing;
    const [low, high] = range;
    const isEven = against.id === 'normal' || against.id === 't';
    const reach = Math.min(Math.abs(at) * 1.1, 3 * Math.max(Math.abs(low), Math.abs(high)));
    const wide = isEven
      ? ([Math.min(low, -reach), Math.max(high, reach)] as const)
      : ([low, Math.max(high, Math.min(at * 1.1, 3 * high))] as const);
    const sketch = sketchOf(against.id, parameters, wide);
    if (sketch === null) return nothing;
    const { tail } = this.request;
    const size = Math.abs(at);
    const bounds =
      isEven && tail === 'two'
        ? { from: -size, to: size, isOutside: true }
        : tail === 'less'
          ? { from: null, to: at, isOutside: false }
          : { from: at, to: null, isOutside: false };
    const top = sketch.top || 1;
    return {
      marks: { kind: 'share', xs: sketch.xs, ys: sketch.ys, isOfCounts: sketch.isOfCounts, ...bounds },
      view: { xFrom: wide[0], xTo: wide[1], yFrom: -0.1 * top, yTo: 1.12 * top },
    };
  }

  private quantiles(data: TestData): TestView['quantiles'] {
    if (data.x?.kind !== 'values') return null;
    const taken = fractionsOf(data.x.values, this.context);
    if (!taken.ok) return null;
    const charted = quantilesOf(taken.value.values, null, {
      size: (v) => toDouble(v, this.context.shouldContinue),
      text: () => '',
      shouldContinue: this.context.shouldContinue,
    });
    if (!charted.ok || charted.value.marks.kind !== 'points') return null;
    return { marks: charted.value.marks, view: charted.value.view };
  }

  told(): Result<TestView, Problem> {
    const test = testNamed(this.request.test);
    if (test === undefined) return succeed(NOTHING);
    const { shouldContinue } = this.context;
    const level = this.read(this.request.level, 'level', null);
    const data = this.data();
    if (test.needs.some((part) => data[part] === undefined)) return succeed(NOTHING);
    const result = tested(test, data, { tail: hasTail(test.id) ? this.request.tail : 'two', level }, shouldContinue);
    if (!result.ok) return fail(withSpan(result.problem, NOWHERE));
    const { outcomes, estimate, interval, effect, isApproximate } = result.value;
    const kept = (v: RealValue | null): KeptView | null => (v === null ? null : this.shower.kept(v));
    return succeed({
      ...NOTHING,
      doubts: this.doubts(test.id, data),
      quantiles: test.id === 'normality' ? this.quantiles(data) : null,
      outcomes: outcomes.map(({ of = null, letter, statistic, df, p }) => ({
        of,
        letter,
        statistic: this.shower.kept(statistic),
        df: df.map((v) => this.shower.kept(v)),
        p: this.shower.kept(p),
        chance: toDouble(p, shouldContinue),
      })),
      estimate: kept(estimate),
      low: kept(interval[0]),
      high: kept(interval[1]),
      effect: effect === null ? null : { id: effect.id, value: this.shower.kept(effect.value) },
      isApproximate,
      left: 1 - toDouble(level, shouldContinue),
      ...(outcomes.length === 1 ? this.picture(itemAt(outcomes, 0)) : {}),
    });
  }
}

/** What a test says of what is entered; an entry that is no number is told with its place. */
export function testView(request: TestRequest, shouldContinue: ShouldContinue): Result<TestView, Problem> {
  try {
    return new Worker(
      request,
      contextFor(request, shouldContinue, () => 0n),
    ).told();
  } catch (thrown) {
    if (thrown instanceof Unread) return succeed({ ...NOTHING, fault: thrown.fault });
    throw thrown;
  }
}
