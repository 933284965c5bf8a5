import { useEffect, useState } from 'react';
import { Svg } from 'react-native-svg';
import type { LabelMarks, StemMarks } from '@/core/chart/model';
import type { Size, ViewRange } from '@/core/curve/view';
import { partCount } from '@/core/chart/model';
import { tickText } from '@/core/curve/ticks';
import type { DataTable } from '@/core/notebook/columns';
import type { DrawnFunction } from '@/core/notebook/curves';
import { useStore } from '@/state/app-store';
import { chartTitles, columnWords } from '@/text/column-labels';
import { LabelChart } from '@/ui/chart/LabelChart';
import { StemPicture, stemSize } from '@/ui/chart/StemPicture';
import { wholeSize } from '@/ui/chart/label-size';
import { AxisTitles } from '@/ui/plot/Picture';
import { axisTitle } from '@/ui/plot/paper';
import { usePalette } from '@/ui/theme/use-palette';
import { saveDrawing, savePlot } from '@/places/curves/save-plot';
import type { PictureKind } from '@/places/curves/save-plot';
import { later } from '@/places/frame/Boundary';
import { cellText } from './cell-text';
import { chartTold } from './chart-drawing';
import type { ChartDrawing } from './chart-drawing';
import { ChartPlot } from './ChartPlot';

const loadPicture = async () => (await import('@/ui/chart/pictures')).LabelPicture;
const LabelPicture = later(loadPicture);

/** Offers what is in sight of a chart for saving. */
export type SavePicture = (kind: PictureKind) => void;

type Props = Readonly<{
  table: DataTable;
  drawing: ChartDrawing;
  functions: readonly DrawnFunction[];
  chosen: number | null;
  onChoose: (index: number | null) => void;
  /** Told how the chart is saved as it is now. */
  onPicture: (save: SavePicture) => void;
}>;

/** The height of what stands above a chart over labels in a picture. */
const TITLES_HEIGHT = 40;

type LabelProps = Omit<Props, 'functions'> & Readonly<{ marks: LabelMarks; name: string }>;

function OverLabels({ table, marks, name, drawing, chosen, onChoose, onPicture }: LabelProps) {
  const palette = usePalette();
  const { display, textSize } = useStore((s) => s.settings);
  const [size, setSize] = useState<Size | null>(null);
  const { x, y } = drawing;
  const sign = display.decimalSign;
  const drawn = {
    marks,
    labels: marks.labels.map((label) => cellText(label, sign)),
    palette,
    heightText: (height: number) => tickText(height, sign),
  };
  useEffect(() =>
    onPicture((kind) => {
      if (size === null) return;
      const whole = wholeSize(drawn.labels, size);
      void loadPicture().then((Picture) =>
        saveDrawing(
          kind,
          table.name,
          <>
            <Svg width={whole.width} height={TITLES_HEIGHT}>
              <AxisTitles x={x} y={y} large={1} right={whole.width - 8} top={5} palette={palette} />
            </Svg>
            <Picture {...drawn} large={1} chosen={null} inSight={0} onChoose={null} size={whole} />
          </>,
          palette.paper,
          { width: whole.width, height: whole.height + TITLES_HEIGHT },
        ),
      );
    }),
  );
  return (
    <LabelChart
      name={name}
      titles={marks.as === 'shares' ? [axisTitle(x)] : [`→ ${axisTitle(x)}`, `↑ ${axisTitle(y)}`]}
      told={chartTold(table.use.chart, drawing)}
      count={marks.labels.length}
      chosen={chosen}
      onChoose={onChoose}
      onSize={setSize}
      draw={(room, inSight) => (
        <LabelPicture
          {...drawn}
          large={textSize / 100}
          size={room}
          chosen={chosen}
          inSight={inSight}
          onChoose={onChoose}
        />
      )}
    />
  );
}

type StemProps = Omit<Props, 'functions'> & Readonly<{ marks: StemMarks; name: string }>;

function StemAndLeaf({ table, marks, name, drawing, chosen, onChoose, onPicture }: StemProps) {
  const palette = usePalette();
  const { textSize } = useStore((s) => s.settings);
  const [width, setWidth] = useState(360);
  const drawn = { marks, palette, width };
  useEffect(() =>
    onPicture(
      (kind) =>
        void saveDrawing(
          kind,
          table.name,
          <StemPicture {...drawn} large={1} chosen={null} onChoose={null} />,
          palette.paper,
          stemSize(marks, width, 1),
        ),
    ),
  );
  return (
    <LabelChart
      name={name}
      titles={[axisTitle(drawing.x), `${columnWords.stemUnit}: ${marks.unit}`]}
      told={chartTold(table.use.chart, drawing)}
      count={partCount(marks)}
      chosen={chosen}
      onChoose={onChoose}
      onSize={(size) => setWidth(size.width)}
      draw={() => <StemPicture {...drawn} large={textSize / 100} chosen={chosen} onChoose={onChoose} />}
    />
  );
}

type InSight = Readonly<{ view: ViewRange; size: Size }>;

/** A chart as its marks ask for: on the plot where its axes measure, else over its labels. */
export function ShownChart(props: Props) {
  const { table, drawing, functions, chosen, onChoose, onPicture } = props;
  const palette = usePalette();
  const [inSight, setInSight] = useState<InSight | null>(null);
  const { marks } = drawing.model;
  const name = chartTitles[table.use.chart];
  useEffect(() => {
    if (marks.kind === 'labels' || marks.kind === 'stem') return;
    const { x, y } = drawing;
    const shown = { marks, chosen: null };
    onPicture((kind) => {
      if (inSight === null) return;
      void savePlot(kind, { name: table.name, functions, ...inSight, x, y, numbered: [], shown, palette });
    });
  });
  if (marks.kind === 'labels') return <OverLabels {...props} marks={marks} name={name} />;
  if (marks.kind === 'stem') return <StemAndLeaf {...props} marks={marks} name={name} />;
  return (
    <ChartPlot
      name={name}
      told={chartTold(table.use.chart, drawing, functions)}
      drawing={drawing}
      marks={marks}
      functions={functions}
      chosen={chosen}
      onChoose={onChoose}
      onShown={setInSight}
    />
  );
}
