import { View } from '@tamagui/core';
import { useState } from 'react';
import type { PointMarks } from '@/core/chart/model';
import type { Size, ViewRange } from '@/core/curve/view';
import type { DrawnFunction } from '@/core/notebook/curves';
import { savePlot } from '@/places/curves/save-plot';
import type { PictureKind } from '@/places/curves/save-plot';
import { chartTitles, columnWords } from '@/text/column-labels';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { usePalette } from '@/ui/theme/use-palette';
import { chartTold } from './chart-drawing';
import type { ChartDrawing } from './chart-drawing';
import { ChartPlot } from './ChartPlot';

type Props = Readonly<{
  /** What a picture that is taken along is called. */
  name: string;
  drawing: ChartDrawing;
  marks: PointMarks;
  functions: readonly DrawnFunction[];
  /** The fit as it is told with the points; null where it is not drawn. */
  equation: string | null;
}>;

type InSight = Readonly<{ view: ViewRange; size: Size }>;

/** The points of a fit, or what it leaves of them: read by touch and by the arrow keys, and taken along as a picture. */
export function FitPicture({ name, drawing, marks, functions, equation }: Props) {
  const palette = usePalette();
  const [mark, setMark] = useState<Readonly<{ index: number; of: unknown }> | null>(null);
  const [inSight, setInSight] = useState<InSight | null>(null);
  const chosen = mark !== null && mark.of === drawing ? mark.index : null;
  const save = (kind: PictureKind): void => {
    if (inSight === null) return;
    const { x, y } = drawing;
    void savePlot(kind, { name, functions, ...inSight, x, y, numbered: [], shown: { marks, chosen: null }, palette });
  };
  return (
    <>
      <View height={260}>
        <ChartPlot
          name={chartTitles.points}
          told={chartTold(
            'points',
            drawing,
            equation === null ? [] : [{ name: columnWords.fit, text: `y = ${equation}` }],
          )}
          drawing={drawing}
          marks={marks}
          functions={functions}
          chosen={chosen}
          onChoose={(index) => setMark(index === null ? null : { index, of: drawing })}
          onShown={setInSight}
        />
      </View>
      {chosen === null ? null : (
        <Words role="status" paddingHorizontal="$3" tone="answer" strong>
          {drawing.reads(chosen)}
        </Words>
      )}
      <View role="group" aria-label={columnWords.image} flexDirection="row" gap="$2" padding="$2">
        <Button isTight onPress={() => save('svg')}>
          {columnWords.saveSvg}
        </Button>
        <Button isTight onPress={() => save('png')}>
          {columnWords.savePng}
        </Button>
      </View>
    </>
  );
}
