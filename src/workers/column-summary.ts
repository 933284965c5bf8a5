import { itemAt } from '@/core/base/item';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { classSummary, middleOf } from '@/core/column/classes';
import type { Class } from '@/core/column/classes';
import { countedOf } from '@/core/column/counted';
import { scaled } from '@/core/column/exact-sums';
import { furtherOf, sumOfCubes, weightedMean } from '@/core/column/further';
import { groupRows } from '@/core/column/groups';
import { furtherPair, pairOf } from '@/core/column/pair';
import type { PercentileRule } from '@/core/column/percentile-rules';
import { percentileOf, percentileOfClasses } from '@/core/column/percentiles';
import type { QuartileRule } from '@/core/column/quartile-rules';
import { rankCorrelation } from '@/core/column/rank-correlation';
import { furtherOfPair, furtherOne, oneStatistics, pairStatistics } from '@/core/column/statistics';
import type { ProposedText, StatisticId } from '@/core/column/statistics';
import { beyondReach, summaryOfCounted } from '@/core/column/summary';
import type { Summary } from '@/core/column/summary';
import { valuesOf } from '@/core/language/value-list';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { fromRational, fromWhole } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import type { LineRequest } from './answer';
import { proposedText, readClasses, readNumbers, readPair } from './column-data';
import type { OneRequest, PairRequest, ReadNumbers } from './column-data';
import { SPELLING, fractionsOf, readRows, shownNumber } from './column-reader';
import type { ColumnText, WithCellErrors, Reader, ShownValue } from './column-reader';

export type SummaryRequest = LineRequest &
  Readonly<{
    quartiles: QuartileRule;
    data: OneRequest | PairRequest;
    /** The labels of groups that are summed up apart. */
    by: ColumnText | null;
    weights: ColumnText | null;
    /** What is told besides, and the sum of cubes with it. */
    further: boolean;
    cubes: boolean;
    /** Typed text of the shares whose percentiles are told. */
    shares: string;
    percentiles: PercentileRule;
  }>;

export type StatisticView = Readonly<{ id: StatisticId; shown: ShownValue | null }>;

export type SummaryView = Readonly<{
  of: 'one' | 'classes' | 'pair';
  statistics: readonly StatisticView[];
  further: readonly StatisticView[];
  /** Values that occur most often, or the densest classes from their lower to their upper bounds. */
  modes: readonly (readonly ShownValue[])[];
  /** What lies below each share that was asked for, or what is wrong with the shares. */
  percentiles: readonly Readonly<{ share: string; shown: ShownValue }>[] | Readonly<{ problem: Problem }>;
  /** Values beyond one and a half quartile ranges from the quartiles, with the rows that they stand in. */
  outliers: readonly Readonly<{ rows: readonly number[]; shown: ShownValue }>[];
  /** The summary of each group by itself. */
  groups: readonly Readonly<{ name: string; statistics: readonly StatisticView[] }>[];
  proposed: ProposedText | null;
}>;

const NOWHERE = { from: 0, to: 0 } as const;
const MOST_SHARES = 24;
const MOST_OUTLIERS = 60;

type Made = Result<WithCellErrors<SummaryView>, Problem>;
type Statistics = Readonly<Partial<Record<StatisticId, Rational | RealValue | bigint | null>>>;

const isRealValue = (v: Rational | RealValue): v is RealValue => 'kind' in v;

const NOTHING = { further: [], modes: [], percentiles: [], outliers: [], groups: [], proposed: null } as const;
const EMPTY: Made = fail(withSpan({ code: 'domain', reason: 'no-values' }, NOWHERE));

/** Sums, means and the rest of one column or of a pair, in all their forms. */
export function summarise(request: SummaryRequest, reader: Reader): Made {
  return new Summariser(request, reader).run();
}

class Summariser {
  private isExact = true;

  constructor(
    private readonly request: SummaryRequest,
    private readonly reader: Reader,
  ) {}

  run(): Made {
    const { data } = this.request;
    if (data.of === 'pair') return this.pair(data);
    return data.classes === null ? this.one(data) : this.classes(data, data.classes);
  }

  private shown = (v: Rational | RealValue): ShownValue =>
    shownNumber(isRealValue(v) ? v : fromRational(v), this.request, this.reader.context, this.isExact);

  private views = (ids: readonly StatisticId[], of: Statistics): readonly StatisticView[] =>
    ids.map((id) => {
      const v = of[id] ?? null;
      if (v === null) return { id, shown: null };
      // Counts are exact whatever the values are.
      if (typeof v === 'bigint') return { id, shown: shownNumber(fromWhole(v), this.request, this.reader.context) };
      return { id, shown: this.shown(v) };
    });

  private pair(data: PairRequest): Made {
    const { shouldContinue } = this.reader.context;
    const read = readPair(data, this.reader);
    if (!read.ok) return read;
    if (read.value.result === null) return succeed({ ...read.value, result: null });
    const { x, y, counts, isExact } = read.value.result;
    this.isExact = isExact;
    const result = pairOf(x, y, counts, shouldContinue);
    if (result.n === 0n) return EMPTY;
    const mean = (sum: Rational): Rational => q.divide(sum, q.whole(result.n));
    const means = { meanX: mean(result.sumX), meanY: mean(result.sumY) };
    const further = (): readonly StatisticView[] =>
      this.views(furtherOfPair, {
        ...result,
        ...furtherPair(result),
        ...rankCorrelation(x, y, counts, shouldContinue),
      });
    return this.view({
      of: 'pair',
      statistics: this.views(pairStatistics, { ...result, ...means }),
      further: this.request.further ? further() : [],
    });
  }

  private classes(data: OneRequest, classes: NonNullable<OneRequest['classes']>): Made {
    const { context } = this.reader;
    const read = readClasses(data, classes, this.reader);
    if (!read.ok) return read;
    if (read.value.result === null) return succeed({ ...read.value, result: null });
    const { classed, isExact } = read.value.result;
    this.isExact = isExact;
    const result = classSummary(classed.classes);
    if (result === null) return EMPTY;
    const middles = countedOf(
      scaled(classed.classes.map(middleOf)),
      classed.classes.map(({ count }) => count),
    );
    return this.view({
      of: 'classes',
      statistics: this.views(oneStatistics, result),
      further: this.request.further
        ? this.views(
            furtherOne.filter((id) => id !== 'weightedMean' && (id !== 'sumOfCubes' || this.request.cubes)),
            {
              ...furtherOf(middles, context.shouldContinue),
              range: q.subtract(result.max, result.min),
              quartileRange: q.subtract(result.q3, result.q1),
              sumOfCubes: sumOfCubes(middles, context.shouldContinue),
            },
          )
        : [],
      modes: result.modes.map(({ low, high }: Class) => [low, high].map(this.shown)),
      percentiles: this.percentiles((share) => percentileOfClasses(classed.classes, share)),
      proposed: proposedText(classed.proposed, this.request, context),
    });
  }

  private one(data: OneRequest): Made {
    const { request, reader } = this;
    const read = readNumbers(data, reader);
    if (!read.ok) return read;
    if (read.value.result === null) return succeed({ ...read.value, result: null });
    const { counted, isExact } = read.value.result;
    this.isExact = isExact;
    const { shouldContinue } = reader.context;
    const result = summaryOfCounted(counted, request.quartiles, shouldContinue);
    if (result === null) return EMPTY;
    const weighted = request.further && request.weights !== null ? this.weighted(data.values, request.weights) : null;
    if (weighted !== null && !weighted.ok) return weighted;
    if (weighted !== null && weighted.value.result === null) return succeed({ ...weighted.value, result: null });
    return this.view({
      of: 'one',
      statistics: this.views(oneStatistics, result),
      further: request.further
        ? this.views(
            furtherOne.filter(
              (id) => (id !== 'weightedMean' || weighted !== null) && (id !== 'sumOfCubes' || request.cubes),
            ),
            {
              ...furtherOf(counted, shouldContinue),
              quartileRange: result.q1 && result.q3 && q.subtract(result.q3, result.q1),
              weightedMean: weighted?.value.result?.mean ?? null,
              ...(request.cubes ? { sumOfCubes: sumOfCubes(counted, shouldContinue) } : {}),
            },
          )
        : [],
      modes: result.modes.map((v) => [this.shown(v)]),
      percentiles: this.percentiles((share) => percentileOf(counted, share, request.percentiles)),
      outliers: request.further ? this.outliers(read.value.result, result) : [],
      groups: request.by === null ? [] : this.groups(read.value.result, request.by),
    });
  }

  /** The mean by weights, or the cells that stand in the way. Problems: those of the cells. */
  private weighted(
    values: ColumnText,
    weights: ColumnText,
  ): Result<WithCellErrors<{ mean: Rational | null }>, Problem> {
    const read = readRows([values, weights], this.reader);
    if (!read.ok) return read;
    if (read.value.result === null) return succeed({ ...read.value, result: null });
    const { at } = read.value.result;
    const [x, w] = read.value.result.values.map((column) => fractionsOf(column, this.reader.context));
    if (x === undefined || w === undefined) throw new Error('two columns are read as two');
    if (!x.ok) return x;
    if (!w.ok) return w;
    const below = w.value.values.findIndex((weight) => weight.n < 0n);
    if (below >= 0)
      return succeed({
        flags: [
          {
            column: weights.id,
            row: itemAt(at, below),
            problem: withSpan({ code: 'domain', reason: 'weight' }, NOWHERE),
          },
        ],
        hasMore: false,
        result: null,
      });
    return succeed({ flags: [], hasMore: false, result: { mean: weightedMean(x.value.values, w.value.values) } });
  }

  private percentiles(of: (share: Rational) => Rational): SummaryView['percentiles'] {
    const texts = valuesOf(this.request.shares, SPELLING).slice(0, MOST_SHARES);
    const found: { share: string; shown: ShownValue }[] = [];
    for (const text of texts) {
      const value = this.reader.value(text);
      if (!value.ok) return { problem: value.problem };
      const taken = fractionsOf([value.value], this.reader.context);
      if (!taken.ok) return { problem: taken.problem };
      const share = itemAt(taken.value.values, 0);
      if (share.n < 0n || share.n > share.d)
        return { problem: withSpan({ code: 'domain', reason: 'not-a-share' }, NOWHERE) };
      found.push({ share: text, shown: this.shown(of(share)) });
    }
    return found;
  }

  private outliers({ scaled: numbers, counts, at }: ReadNumbers, { q1, q3 }: Summary): SummaryView['outliers'] {
    if (q1 === null || q3 === null) return [];
    const { n: keys, d } = numbers();
    const rows = new Map<bigint, number[]>();
    const isBeyond = beyondReach(q1, q3);
    keys.forEach((key, i) => {
      if (counts?.[i] === 0n || !isBeyond({ n: key, d })) return;
      const found = rows.get(key) ?? [];
      rows.set(key, found);
      found.push(itemAt(at, i));
    });
    return [...rows]
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .slice(0, MOST_OUTLIERS)
      .map(([key, in_]) => ({ rows: in_, shown: this.shown(q.rational(key, d)) }));
  }

  private groups({ scaled: numbers, counts, at }: ReadNumbers, by: ColumnText): SummaryView['groups'] {
    const { shouldContinue } = this.reader.context;
    const { n: keys, d } = numbers();
    return groupRows(Array.from(at, (row) => by.cells[row] ?? '')).map(({ name, rows }) => {
      const own = { n: rows.map((i) => itemAt(keys, i)), d };
      const times = counts && rows.map((i) => itemAt(counts, i));
      const result = summaryOfCounted(countedOf(own, times), this.request.quartiles, shouldContinue);
      return { name, statistics: this.views(oneStatistics, result ?? {}) };
    });
  }

  private view = (given: Partial<SummaryView> & Pick<SummaryView, 'of' | 'statistics'>): Made =>
    succeed({ flags: [], hasMore: false, result: { ...NOTHING, ...given } });
}
