import { useMemo } from 'react';
import type { DrawnBar } from '@/core/chance/tally';
import type { LabelMarks } from '@/core/chart/model';
import { BarsChart } from '@/places/kit/parts/BarsChart';
import { barText, drawWords } from '@/text/kit/draw';

/** How often each came, and beside it how often theory expects it. */
function marksOf(bars: readonly DrawnBar[]): LabelMarks {
  const drawn = bars.map((bar) => bar.drawn);
  const expected = bars.map((bar) => bar.expected ?? 0);
  const series = [{ name: drawWords.drawn, heights: drawn, texts: drawn.map(String) }];
  const isTold = bars.some((bar) => bar.expected !== null);
  const second = { name: drawWords.expected, heights: expected, texts: expected.map(String) };
  return {
    kind: 'labels',
    as: 'bars',
    labels: bars.map(({ label }) => label),
    heights: drawn,
    texts: bars.map(barText),
    groups: { kind: 'beside', series: isTold ? [...series, second] : series },
  };
}

/** The draws as bars beside what theory expects. */
export function DrawnChart({ bars }: Readonly<{ bars: readonly DrawnBar[] }>) {
  const marks = useMemo(() => marksOf(bars), [bars]);
  return <BarsChart name={drawWords.chart} marks={marks} height={260} />;
}
