import { succeed } from '../../base/result';
import { equalClasses } from '../../column/classes';
import type { Class, Proposed } from '../../column/classes';
import { fromRational } from '../../number/value';
import { histogramHeights } from '../heights';
import type { ClassBar } from '../model';
import { viewOfBars } from '../range';
import { defineChart, NO_VALUES } from '../record';
import type { Charted, ChartWork, OneData } from '../record';

function barsOver(classes: readonly Class[], proposed: Proposed, { size, text, proposedText }: ChartWork): Charted {
  const { kind, bars } = histogramHeights(classes);
  const drawn = bars.map(({ low, high, count, height }): ClassBar => ({
    from: size(fromRational(low)),
    to: size(fromRational(high)),
    height: size(fromRational(height)),
    low: text(fromRational(low)),
    high: text(fromRational(high)),
    text: String(count),
  }));
  const view = viewOfBars(
    drawn.flatMap(({ from, to }) => [from, to]),
    drawn.map(({ height }) => height),
  );
  return succeed({ marks: { kind: 'classes', bars: drawn }, view, heights: kind, proposed: proposedText(proposed) });
}

/** Bars over classes: those that are given, or equally wide ones. Problems: domain (nothing that counts). */
export const histogram = defineChart<OneData>({
  model: (data, work) => {
    if (data.of === 'classes') return barsOver(data.classes, data.proposed, work);
    const { values, counts } = data;
    const used = counts === null ? values : values.filter((_, i) => counts[i] !== 0n);
    if (used.length === 0) return NO_VALUES;
    const result = equalClasses(used, counts?.filter((count) => count > 0n) ?? null, work.width);
    return result.ok ? barsOver(result.value.classes, result.value.proposed, work) : result;
  },
});
