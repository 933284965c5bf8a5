import { itemAt } from '../../base/item';
import { succeed } from '../../base/result';
import { groupRows } from '../../column/groups';
import { add, ZERO } from '../../number/arithmetic';
import { fromWhole } from '../../number/value';
import type { RealValue } from '../../number/value';
import type { HeightKind } from '../heights';
import type { LabelMarks, LabelSeries } from '../model';
import { viewOfBars } from '../range';
import { MOST_PARTS, NO_VALUES } from '../record';
import type { Charted, ChartWork, LabelData } from '../record';

const sum = (values: readonly RealValue[]): RealValue => values.reduce(add, ZERO);

type Row = Readonly<{ label: string; height: RealValue; group: string }>;

/** Numbers by size and words by the alphabet. */
const inOrder = (labels: readonly string[]): readonly string[] =>
  [...labels].sort((a, b) => a.localeCompare(b, 'en', { numeric: true }));

/** The rows with something to count or to draw; without heights, each counts once. */
function rowsOf({ labels, heights, groups }: LabelData): readonly Row[] {
  return labels.flatMap((label, i) =>
    label === '' ? [] : [{ label, height: heights?.[i] ?? fromWhole(1), group: groups?.[i] ?? '' }],
  );
}

/** Every label once, with the sum of its heights. */
function summed(data: LabelData): readonly Readonly<{ label: string; rows: readonly Row[] }>[] {
  const rows = rowsOf(data);
  const found = groupRows(
    rows.map(({ label }) => label),
    MOST_PARTS,
  );
  const order = data.heights === null ? inOrder(found.map(({ name }) => name)) : found.map(({ name }) => name);
  return order.map((label) => ({ label, rows: rows.filter((row) => row.label === label) }));
}

function modelOf(marks: Omit<LabelMarks, 'kind'>, tops: readonly number[], heights: HeightKind | null): Charted {
  if (marks.labels.length === 0) return NO_VALUES;
  const view = viewOfBars([0.5, marks.labels.length + 0.5], tops);
  return succeed({ marks: { kind: 'labels', ...marks }, view, proposed: null, heights });
}

/** Heights over labels in the order of the rows; without heights, how often each label occurs. */
export function labelsModel(data: LabelData, work: ChartWork, as: 'bars' | 'line'): Charted {
  const { size, text } = work;
  if (data.heights !== null) {
    const labels = data.labels.slice(0, MOST_PARTS);
    const shown = data.heights.slice(0, MOST_PARTS);
    return modelOf({ as, labels, heights: shown.map(size), texts: shown.map(text) }, shown.map(size), null);
  }
  const all = summed(data);
  const counts = all.map(({ rows }) => rows.length);
  const labels = all.map(({ label }) => label);
  return modelOf({ as, labels, heights: counts, texts: counts.map(String) }, counts, 'frequency');
}

/** The labels with a height of each group over them, beside or on each other, or as shares of a hundred. */
export function groupedModel(data: LabelData, groups: readonly string[], work: ChartWork): Charted {
  const { size, text, bars: kind } = work;
  const all = summed(data);
  const names = inOrder(groupRows(groups.filter((name) => name !== '')).map(({ name }) => name));
  const totals = all.map(({ rows }) => sum(rows.map(({ height }) => height)));
  const series = names.map((name): LabelSeries => {
    const values = all.map(({ rows }) => sum(rows.filter(({ group }) => group === name).map(({ height }) => height)));
    const sizes = values.map(size);
    const share = (i: number): number => {
      const total = size(itemAt(totals, i));
      return total === 0 ? 0 : (100 * itemAt(sizes, i)) / total;
    };
    return { name, heights: kind === 'shares' ? sizes.map((_, i) => share(i)) : sizes, texts: values.map(text) };
  });
  const texts = all.map((_, i) => series.map(({ name, texts: own }) => `${name} ${itemAt(own, i)}`).join(', '));
  const heights = all.map((_, i) =>
    kind === 'beside'
      ? Math.max(0, ...series.map((one) => itemAt(one.heights, i)))
      : series.reduce((total, one) => total + itemAt(one.heights, i), 0),
  );
  const means: HeightKind | null = kind === 'shares' ? 'percent' : data.heights === null ? 'frequency' : null;
  const labels = all.map(({ label }) => label);
  return modelOf({ as: 'bars', labels, heights, texts, groups: { kind, series } }, heights, means);
}

/** The labels as parts of a whole. Labels without a height above zero have no part in it. */
export function sharesModel(data: LabelData, { size, text }: ChartWork): Charted {
  const all = summed(data).map(({ label, rows }) => ({ label, value: sum(rows.map(({ height }) => height)) }));
  const parts = all.filter(({ value }) => size(value) > 0);
  const sizes = parts.map(({ value }) => size(value));
  const whole = sizes.reduce((a, b) => a + b, 0);
  const percent = (v: number): string => `${Math.round((1000 * v) / whole) / 10} %`;
  const labels = parts.map(({ label }) => label);
  const texts = parts.map(({ value }, i) => `${text(value)} (${percent(itemAt(sizes, i))})`);
  return modelOf({ as: 'shares', labels, heights: sizes, texts }, sizes, data.heights === null ? 'frequency' : null);
}
