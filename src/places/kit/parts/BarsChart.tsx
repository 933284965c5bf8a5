import { View } from '@tamagui/core';
import { useState } from 'react';
import type { LabelMarks } from '@/core/chart/model';
import { tickText } from '@/core/curve/ticks';
import { later } from '@/places/frame/Boundary';
import { useStore } from '@/state/app-store';
import { LabelChart } from '@/ui/chart/LabelChart';
import { Words } from '@/ui/theme/text';
import { usePalette } from '@/ui/theme/use-palette';

const LabelPicture = later(async () => (await import('@/ui/chart/pictures')).LabelPicture);

type Props = Readonly<{ name: string; marks: LabelMarks; height: number }>;

/** Bars over labels; the one that is chosen is told in words below, as `marks.texts` have it. */
export function BarsChart({ name, marks, height }: Props) {
  const palette = usePalette();
  const { textSize, display } = useStore((s) => s.settings);
  const [chosen, setChosen] = useState<number | null>(null);
  return (
    <View gap="$1">
      <View height={height}>
        <LabelChart
          name={name}
          titles={[]}
          told={marks.texts.join('. ')}
          count={marks.texts.length}
          chosen={chosen}
          onChoose={setChosen}
          onSize={nothing}
          draw={(size, inSight) => (
            <LabelPicture
              marks={marks}
              labels={marks.labels}
              palette={palette}
              heightText={(of: number) => tickText(of, display.decimalSign)}
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
        {chosen === null ? '' : (marks.texts[chosen] ?? '')}
      </Words>
    </View>
  );
}

const nothing = (): void => undefined;
