import { chartKinds } from '@/core/chart/kinds';
import { partAt, partCount } from '@/core/chart/model';
import type { ChartModel } from '@/core/chart/model';
import { usedColumns } from '@/core/notebook/columns';
import type { DataColumn, DataTable } from '@/core/notebook/columns';
import type { DrawnFunction } from '@/core/notebook/curves';
import type { DecimalSign } from '@/core/language/numerals';
import { chartTitles, columnWords, partReads, pointReads, titleOf } from '@/text/column-labels';
import type { AxisLook } from '@/ui/plot/paper';
import { cellText } from './cell-text';

/** A chart with what its axes mean and what each of its parts says. */
export type ChartDrawing = Readonly<{
  model: ChartModel;
  x: AxisLook;
  y: AxisLook;
  reads: (index: number) => string;
}>;

type Titled = Readonly<{ name: string; unit: string }>;

const axis = (column: Titled | null): AxisLook => ({
  name: column?.name ?? '',
  unit: column?.unit ?? '',
  ticks: 'decimal',
});

/** The columns whose points are drawn, by which a point is told. */
type Columns = Readonly<{ x: DataColumn | null; y: DataColumn | null }>;

function reading(model: ChartModel, { x, y }: Columns, sign: DecimalSign): ChartDrawing['reads'] {
  const cell = (column: DataColumn | null, row: number): string => cellText(column?.cells[row] ?? '', sign);
  const height = model.heights === null ? (y?.name ?? '') : columnWords[model.heights];
  return (index) => {
    const part = partAt(model.marks, index);
    if (part === null) return '';
    if (part.kind !== 'row')
      return partReads(part.kind === 'label' ? { ...part, label: cellText(part.label, sign) } : part, height);
    return pointReads(x?.name ?? '', cell(x, part.row), y?.name ?? '', cell(y, part.row), part.row);
  };
}

/** Points of two columns, each told by its cells. */
export const pointsDrawing = (x: DataColumn, y: DataColumn, model: ChartModel, sign: DecimalSign): ChartDrawing => ({
  model,
  x: axis(x),
  y: axis(y),
  reads: reading(model, { x, y }, sign),
});

const isWithoutHeights = ({ marks: { kind } }: ChartModel): boolean => kind === 'box' || kind === 'stem';

/** A chart of a table with its axes. */
export function chartDrawing(table: DataTable, model: ChartModel, sign: DecimalSign): ChartDrawing {
  const { x, y, one, upper } = usedColumns(table);
  const { chart, classes } = table.use;
  const isOfOne = chartKinds[chart].of === 'one';
  const bounds: Titled | null =
    classes === 'both' && one !== null && upper !== null ? { ...one, name: `${one.name} – ${upper.name}` } : one;
  const height = model.heights === null ? y : { name: columnWords[model.heights], unit: '' };
  return {
    model,
    x: axis(
      chart === 'quantile'
        ? { name: columnWords.z, unit: '' }
        : isOfOne
          ? model.marks.kind === 'box'
            ? one
            : bounds
          : x,
    ),
    y: isWithoutHeights(model) ? { name: '', unit: '', ticks: 'none' } : axis(chart === 'quantile' ? one : height),
    reads: reading(model, { x, y }, sign),
  };
}

/** Parts that are read out one by one; of more only how many there are is told. */
const MOST_TOLD = 40;

/** A chart in words. */
export function chartTold(
  kind: DataTable['use']['chart'],
  { model, x, y, reads }: ChartDrawing,
  functions: readonly Pick<DrawnFunction, 'name' | 'text'>[] = [],
): string {
  const axes = y.ticks === 'none' ? titleOf(x) : `${titleOf(y)} over ${titleOf(x)}`;
  const count = partCount(model.marks);
  const parts =
    count <= MOST_TOLD
      ? Array.from({ length: count }, (_, i) => reads(i)).join('. ')
      : `${count} of them, from ${reads(0)} to ${reads(count - 1)}`;
  const over = functions.map(({ name, text }) => ` ${name}: ${text}.`).join('');
  return `${chartTitles[kind]}: ${axes}. ${parts}.${over}`;
}
