import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import type { DrawnBar } from '@/core/chance/tally';
import type { LabelMarks } from '@/core/chart/model';
import { tickText } from '@/core/curve/ticks';
import { later } from '@/places/frame/Boundary';
import { useStore } from '@/state/app-store';
import { barText, drawWords } from '@/text/kit/draw';
import { LabelChart } from '@/ui/chart/LabelChart';
import { Words } from '@/ui/theme/text';
import { usePalette } from '@/ui/theme/use-palette';

const LabelPicture = later(async () => (await import('@/ui/chart/pictures')).LabelPicture);

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
  const palette = usePalette();
  const { textSize, display } = useStore((s) => s.settings);
  const [chosen, setChosen] = useState<number | null>(null);
  const marks = useMemo(() => marksOf(bars), [bars]);
  const bar = chosen === null ? undefined : bars[chosen];
  return (
    <View gap="$1">
      <View height={260}>
        <LabelChart
          name={drawWords.chart}
          titles={[]}
          told={bars.map(barText).join('. ')}
          count={bars.length}
          chosen={chosen}
          onChoose={setChosen}
          onSize={nothing}
          draw={(size, inSight) => (
            <LabelPicture
              marks={marks}
              labels={marks.labels}
              palette={palette}
              heightText={(height: number) => tickText(height, display.decimalSign)}
              large={textSize / 100}
              size={size}
              chosen={chosen}
              inSight={inSight}
              onChoose={setChosen}
            />
          )}
        />
      </View>
      <Words role="status" tone="answer" strong minHeight={24}>
        {bar === undefined ? '' : barText(bar)}
      </Words>
    </View>
  );
}

const nothing = (): void => undefined;
