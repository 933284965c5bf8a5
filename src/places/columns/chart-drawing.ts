import { usedColumns } from '@/core/notebook/columns';
import type { DataColumn, DataTable } from '@/core/notebook/columns';
import type { DrawnFunction } from '@/core/notebook/curves';
import type { DecimalSign } from '@/core/language/numerals';
import type { ChartView } from '@/state/slices/columns/requests';
import {
  barReads,
  boxParts,
  boxReads,
  chartTitles,
  classReads,
  columnWords,
  outlierReads,
  pointReads,
  titleOf,
} from '@/text/column-labels';
import type { AxisLook } from '@/ui/plot/paper';
import { cellText } from './cell-text';
import type { ChartDrawing } from './ChartPlot';

const axis = (column: Readonly<{ name: string; unit: string }> | null): AxisLook => ({
  name: column?.name ?? '',
  unit: column?.unit ?? '',
  ticks: 'decimal',
});

/** Points of two columns, each told by its cells. */
export function pointsDrawing(
  x: DataColumn,
  y: DataColumn,
  points: NonNullable<ChartView['points']>,
  view: ChartView['view'],
  isJoined: boolean,
  sign: DecimalSign,
): ChartDrawing {
  return {
    view,
    shapes: { points: { xs: points.xs, ys: points.ys, isJoined }, bars: [], box: null },
    x: axis(x),
    y: axis(y),
    reads: (i) => {
      const row = points.rows[i] ?? 0;
      return pointReads(x.name, cellText(x.cells[row] ?? '', sign), y.name, cellText(y.cells[row] ?? '', sign), row);
    },
  };
}

/** What a chart of a table draws; null while the columns it needs are not there. */
export function chartDrawing(table: DataTable, made: ChartView, sign: DecimalSign): ChartDrawing | null {
  const { x, y, one, upper } = usedColumns(table);
  const { chart, classes } = table.use;
  if (made.points !== null)
    return x === null || y === null ? null : pointsDrawing(x, y, made.points, made.view, chart === 'joined', sign);
  if (made.box !== null) {
    const { texts } = made.box;
    return {
      view: made.view,
      shapes: { points: null, bars: [], box: made.box },
      x: axis(one),
      y: { name: '', unit: '', ticks: 'decimal', labels: null },
      reads: (i) => {
        const part = boxParts[i];
        return part === undefined
          ? outlierReads(texts.outliers[i - boxParts.length] ?? '')
          : `${boxReads[part]}: ${texts[part]}`;
      },
    };
  }
  const isCount = made.heights !== null;
  const shapes = { points: null, bars: made.bars, box: null };
  const what = made.heights === 'density' ? columnWords.density : columnWords.frequency;
  if (chart === 'bars')
    return {
      view: made.view,
      shapes,
      x: {
        ...axis(x),
        labels: made.bars.map(({ from, to, low }) => ({ at: (from + to) / 2, text: cellText(low, sign) })),
      },
      y: isCount ? { name: what, unit: '', ticks: 'decimal' } : axis(y),
      reads: (i) => {
        const bar = made.bars[i];
        return bar === undefined ? '' : barReads(cellText(bar.low, sign), isCount ? what : (y?.name ?? ''), bar.text);
      },
    };
  return {
    view: made.view,
    shapes,
    x:
      classes === 'both' && one !== null && upper !== null
        ? axis({ ...one, name: `${one.name} – ${upper.name}` })
        : axis(one),
    y: { name: what, unit: '', ticks: 'decimal' },
    reads: (i) => {
      const bar = made.bars[i];
      return bar === undefined ? '' : classReads(bar.low, bar.high, bar.text);
    },
  };
}

/** Parts that are read out one by one; of more only how many there are is told. */
const MOST_TOLD = 40;

/** A chart in words. */
export function chartTold(
  table: DataTable,
  drawing: ChartDrawing,
  functions: readonly Pick<DrawnFunction, 'name' | 'text'>[] = [],
): string {
  const { points, bars, box } = drawing.shapes;
  const kind = chartTitles[table.use.chart];
  const axes = drawing.y.labels === null ? titleOf(drawing.x) : `${titleOf(drawing.y)} over ${titleOf(drawing.x)}`;
  const count = points?.xs.length ?? (box === null ? bars.length : 5 + box.outliers.length);
  const parts =
    count <= MOST_TOLD
      ? Array.from({ length: count }, (_, i) => drawing.reads(i)).join('. ')
      : `${count} of them, from ${drawing.reads(0)} to ${drawing.reads(count - 1)}`;
  const over = functions.map(({ name, text }) => ` ${name}: ${text}.`).join('');
  return `${kind}: ${axes}. ${parts}.${over}`;
}
