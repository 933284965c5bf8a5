import { fitModels } from '@/core/column/fit-models';
import { chartKinds } from '@/core/chart/kinds';
import { usedColumns } from '@/core/notebook/columns';
import type { DataColumn, DataTable } from '@/core/notebook/columns';
import type { ChartRequest } from '@/workers/column-chart';
import type { FitViewRequest } from '@/workers/column-fit';
import type { OneRequest, PairRequest } from '@/workers/column-data';
import type { CompareRequest } from '@/workers/column-compare';
import type { SeveralRequest } from '@/workers/column-several';
import type { SummaryRequest } from '@/workers/column-summary';
import type { RulesRequest } from '@/workers/rules-request';
import { requestFor } from '@/state/slices/bench/live';
import { displayIn } from '@/state/slices/exam/off';
import type { State } from '@/state/slices/state';

type Given = Pick<State, 'document' | 'settings'>;

const NUMERAL = /^[-\d.E+]*$/;

/** Whatever `requestFor` looks for in a text. */
const NAMES = /Ans|[A-Z]|slot|total/g;

const named = new WeakMap<readonly string[], string>();

/** The names of kept values that the cells of a column mention, looked for once in each column. */
function namesIn(cells: readonly string[]): string {
  const before = named.get(cells);
  if (before !== undefined) return before;
  const found = new Set(cells.flatMap((text) => (NUMERAL.test(text) ? [] : (text.match(NAMES) ?? []))));
  const names = [...found].join(' ');
  named.set(cells, names);
  return names;
}

/** What columns, and other texts beside them, are worked with. */
export function columnsRequest(state: Given, columns: readonly DataColumn[], others: readonly string[] = []) {
  const request = requestFor([...columns.map(({ cells }) => namesIn(cells)), ...others].join(' '), state);
  return { ...request, text: '', display: displayIn(state) };
}

type Shaped<T> = Readonly<{ data: T; columns: readonly DataColumn[] }> | null;

const present = (columns: readonly (DataColumn | null)[]): readonly DataColumn[] =>
  columns.filter((column) => column !== null);

/** What one column is summed up from, as the table's use says; null while there is none. */
function oneOf(table: DataTable): Shaped<OneRequest> {
  const { one, frequencies, upper } = usedColumns(table);
  if (one === null) return null;
  const { classes, width } = table.use;
  const isClassed = classes !== 'none';
  const needsUpper = classes === 'both';
  return {
    data: {
      of: 'one',
      values: one,
      frequencies,
      classes: isClassed ? { given: classes, upper: needsUpper ? upper : null, width } : null,
    },
    columns: present([one, frequencies, needsUpper ? upper : null]),
  };
}

function pairIn(table: DataTable): Shaped<PairRequest> {
  const { x, y, frequencies } = usedColumns(table);
  if (x === null || y === null) return null;
  return { data: { of: 'pair', x, y, frequencies }, columns: present([x, y, frequencies]) };
}

/** What the worked columns of a table, and its rows that take part, are worked from. */
export function rulesRequest(state: Given, { columns, filter }: DataTable): RulesRequest {
  const texts = [...columns.map(({ rule }) => rule), filter];
  return { ...columnsRequest(state, columns, texts), columns, filter };
}

export function summaryRequest(state: Given, table: DataTable): SummaryRequest | null {
  const shaped = table.use.of === 'pair' ? pairIn(table) : oneOf(table);
  if (shaped === null) return null;
  const { by, weights } = usedColumns(table);
  const { quartiles, further, cubes, shares, percentiles, width } = table.use;
  return {
    ...columnsRequest(state, [...shaped.columns, ...present([table.use.further ? weights : null])], [width, shares]),
    quartiles,
    data: shaped.data,
    by,
    weights,
    further,
    cubes,
    shares,
    percentiles,
  };
}

export function chartRequest(state: Given, table: DataTable): ChartRequest | null {
  const { chart, quartiles, outliers, width, classCount, classRule, density, normal, bars } = table.use;
  const { x, y, by, frequencies } = usedColumns(table);
  const groups = chartKinds[chart].options.includes('by') ? by : null;
  const common = { chart, quartiles, outliers, width, classCount, classRule, density, normal, bars, by: groups };
  switch (chartKinds[chart].of) {
    case 'labels': {
      if (x === null) return null;
      const heights = y === x ? null : y;
      return { ...columnsRequest(state, present([y])), ...common, data: { of: 'labels', labels: x, heights } };
    }
    case 'pair':
      // A point lies where it lies, however often it counts.
      if (x === null || y === null) return null;
      if (chartKinds[chart].counts === true)
        return {
          ...columnsRequest(state, present([x, y, frequencies])),
          ...common,
          data: { of: 'pair', x, y, frequencies },
        };
      return { ...pointsRequest(state, x, y), ...common };
    case 'one': {
      const shaped = oneOf(table);
      if (shaped === null) return null;
      return { ...columnsRequest(state, shaped.columns, [width, classCount]), ...common, data: shaped.data };
    }
  }
}

/** The points of two columns, wherever they are. */
export function pointsRequest(state: Given, x: DataColumn, y: DataColumn): ChartRequest {
  return {
    ...columnsRequest(state, [x, y]),
    chart: 'points',
    quartiles: 'halves',
    outliers: false,
    width: '',
    classCount: '',
    classRule: 'root',
    density: false,
    normal: false,
    bars: 'beside',
    by: null,
    data: { of: 'pair', x, y, frequencies: null },
  };
}

export function fitRequest(state: Given, table: DataTable, rows: FitViewRequest['rows']): FitViewRequest | null {
  const shaped = pairIn(table);
  if (shaped === null) return null;
  const { model, degree, at, back, origin, direct, expr, start, level, bands } = table.use;
  if (model === 'several') return null;
  const weights = fitModels[model].options.includes('weights') ? usedColumns(table).weights : null;
  return {
    ...columnsRequest(state, present([...shaped.columns, weights]), [at, back, level]),
    model,
    degree,
    origin,
    direct,
    expr,
    start,
    at,
    back,
    level,
    bands,
    data: shaped.data,
    weights,
    rows,
  };
}

export type { Compared } from '@/workers/column-compare';
export type { FitView, Prediction, Residual } from '@/workers/column-fit';
export type { AnalysisView } from '@/workers/fit-analysis';
export type { CellError, WithCellErrors, ShownValue } from '@/workers/column-reader';
export type { ColumnPreview } from '@/workers/column-preview';
export type { StatisticView, SummaryView } from '@/workers/column-summary';
export type { CellView } from '@/workers/tasks/columns';
export type { FillRequest } from '@/workers/column-reshape';
/** A column by several others; null until both are chosen. */
export function severalRequest(state: Given, table: DataTable): SeveralRequest | null {
  const { y, weights, predictors } = usedColumns(table);
  const chosen = predictors.filter((column) => column !== y);
  if (y === null || chosen.length === 0) return null;
  return {
    ...columnsRequest(state, present([y, ...chosen, weights])),
    predictors: chosen,
    y,
    weights,
    origin: table.use.origin,
  };
}

export function compareRequest(state: Given, table: DataTable): CompareRequest | null {
  const shaped = pairIn(table);
  return shaped === null ? null : { ...columnsRequest(state, shaped.columns), data: shaped.data };
}

export type { Delimited } from '@/workers/delimited';
