import { succeed } from '../../base/result';
import type { LabelMarks } from '../model';
import { viewOfBars } from '../range';
import { MOST_PARTS, NO_VALUES } from '../record';
import type { Charted, ChartWork, LabelData } from '../record';

type Counted = Readonly<{ labels: readonly string[]; counts: readonly number[] }>;

/** How often each label occurs, numbers by size and words by the alphabet. */
function tally(labels: readonly string[]): Counted {
  const counts = new Map<string, number>();
  for (const label of labels) if (label !== '') counts.set(label, (counts.get(label) ?? 0) + 1);
  const sorted = [...counts].sort(([a], [b]) => a.localeCompare(b, 'en', { numeric: true }));
  return { labels: sorted.map(([label]) => label), counts: sorted.map(([, count]) => count) };
}

function over(as: LabelMarks['as'], labels: readonly string[], heights: readonly number[], texts: readonly string[]) {
  return {
    marks: { kind: 'labels', as, labels, heights, texts },
    view: viewOfBars([0.5, labels.length + 0.5], heights),
    proposed: null,
  } as const;
}

/** Heights over labels in the order of the rows; without heights, how often each label occurs. */
export function labelsModel({ labels, heights }: LabelData, { size, text }: ChartWork, as: LabelMarks['as']): Charted {
  if (heights === null) {
    const counted = tally(labels);
    const [names, counts] = [counted.labels.slice(0, MOST_PARTS), counted.counts.slice(0, MOST_PARTS)];
    if (names.length === 0) return NO_VALUES;
    return succeed({ ...over(as, names, counts, counts.map(String)), heights: 'frequency' });
  }
  if (heights.length === 0) return NO_VALUES;
  const shown = heights.slice(0, MOST_PARTS);
  const names = labels.slice(0, MOST_PARTS);
  return succeed({ ...over(as, names, shown.map(size), shown.map(text)), heights: null });
}
