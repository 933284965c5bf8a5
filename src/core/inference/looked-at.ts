import type { RealValue } from '../number/value';
import type { TestData } from './test-record';
import type { TestId } from './test-names';

type Numbers = readonly number[];

/** The data of a test in doubles; what it does not have is empty. */
export type DoubleData = Readonly<{
  x: Numbers;
  y: Numbers;
  groups: readonly Numbers[];
  table: readonly Numbers[];
  cells: readonly (readonly Numbers[])[];
  observed: Numbers;
  expected: Numbers;
  shares: Numbers;
  n: number;
  share0: number | null;
  counts: Numbers;
  ns: Numbers;
}>;

/** The same in doubles. Samples of which only the summary is known have no values. */
export function doubleData(data: TestData, toDouble: (v: RealValue) => number): DoubleData {
  const all = (values: readonly RealValue[] = []): Numbers => values.map(toDouble);
  return {
    x: data.x?.kind === 'values' ? all(data.x.values) : [],
    y: data.y?.kind === 'values' ? all(data.y.values) : [],
    groups: (data.groups ?? []).map((values) => all(values)),
    table: (data.table ?? []).map((values) => all(values)),
    cells: (data.cells ?? []).map((row) => row.map((values) => all(values))),
    observed: all(data.observed),
    expected: all(data.expected),
    shares: all(data.shares),
    n: data.n === undefined ? 0 : toDouble(data.n),
    share0: data.share0 === undefined ? null : toDouble(data.share0),
    counts: all(data.counts),
    ns: all(data.ns),
  };
}

/** What of its data a test assumes something of. */
export type Look = Readonly<{
  /** Samples that come from something near to normal: of few values, or however many there are. */
  samples?: (data: DoubleData) => readonly Numbers[];
  normal?: 'few' | 'always';
  /** The samples have one variance. */
  hasOneVariance?: true;
  /** The sample is what a model leaves of the values. */
  isLeft?: true;
  /** Counts that are expected. */
  expected?: (data: DoubleData) => Numbers;
  /** How often each of the two outcomes of trials came, or is expected to come. */
  trials?: (data: DoubleData) => Numbers;
}>;

const sum = (values: Numbers): number => values.reduce((a, b) => a + b, 0);
const mean = (values: Numbers): number => sum(values) / values.length;

/** What the line of least squares leaves of y. */
function leftByLine({ x, y }: DoubleData): Numbers {
  const [u, v] = [mean(x), mean(y)];
  const slope = sum(x.map((at, i) => (at - u) * ((y[i] ?? 0) - v))) / sum(x.map((at) => (at - u) ** 2));
  return Number.isFinite(slope) ? y.map((at, i) => at - v - slope * ((x[i] ?? 0) - u)) : [];
}

/** What the means of the cells leave; with one value in each, what the means of rows and columns together leave. */
function leftByCells({ cells }: DoubleData): Numbers {
  const all = cells.flat();
  if (all.some((cell) => cell.length > 1)) return all.flatMap((cell) => cell.map((v) => v - mean(cell)));
  const whole = mean(all.flat());
  const columns = (cells[0] ?? []).map((_, j) => mean(cells.flatMap((row) => row[j] ?? [])));
  return cells.flatMap((row) =>
    row.flatMap((cell, j) => cell.map((v) => v - mean(row.flat()) - (columns[j] ?? 0) + whole)),
  );
}

function expectedInTable({ table }: DoubleData): Numbers {
  const across = table[0]?.map((_, j) => sum(table.map((row) => row[j] ?? 0))) ?? [];
  return table.flatMap((row) => across.map((column) => (sum(row) * column) / sum(across)));
}

const one: Look = { samples: ({ x }) => [x], normal: 'few' };
const both: Look = { samples: ({ x, y }) => [x, y], normal: 'few' };

/** Tests of ranks assume nothing that the data could speak against, and are not among these. */
export const looks: Readonly<Partial<Record<TestId, Look>>> = {
  'mean-t': one,
  'mean-z': one,
  'means-welch': both,
  'means-z': both,
  'means-t': { ...both, hasOneVariance: true },
  'means-paired': { samples: ({ x, y }) => [x.map((v, i) => v - (y[i] ?? 0))], normal: 'few' },
  variance: { ...one, normal: 'always' },
  variances: { ...both, normal: 'always' },
  correlation: both,
  slope: { samples: (data) => [leftByLine(data)], normal: 'few', isLeft: true },
  anova: { samples: ({ groups }) => groups, normal: 'few', hasOneVariance: true },
  'anova-two-way': { samples: (data) => [leftByCells(data)], normal: 'few', isLeft: true },
  independence: { expected: expectedInTable },
  fit: {
    expected: ({ observed, expected, shares }) =>
      expected.length > 0
        ? expected
        : shares.length > 0
          ? shares.map((share) => (sum(observed) * share) / sum(shares))
          : observed.map(() => mean(observed)),
  },
  share: { trials: ({ n, share0 }) => (share0 === null ? [] : [n * share0, n * (1 - share0)]) },
  shares: { trials: ({ counts, ns }) => counts.flatMap((count, i) => [count, (ns[i] ?? 0) - count]) },
};
