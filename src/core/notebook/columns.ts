import { filledCells } from '../column/cells';
import { z } from 'zod/mini';
import { barKinds, chartNames } from '../chart/kinds';
import { fitModelNames } from '../column/fit-models';
import { classRules } from '../column/class-rules';
import { percentileRules } from '../column/percentile-rules';
import { quartileRules } from '../column/quartile-rules';

/*
 * What stands on the Columns place: tables of columns whose rows belong together. Cells are typed text with a point;
 * what cannot be read as a number stays as it was found.
 */

export const MOST_TABLES = 40;
export const MOST_COLUMNS = 500;
export const MOST_ROWS = 1_000_000;
/** Of all columns of a table together. */
export const MOST_CELLS = 1_000_000;
export const LONGEST_CELL = 400;
export const LONGEST_NAME = 60;

const name = z.string().check(z.maxLength(LONGEST_NAME));
const id = z.string().check(z.minLength(1), z.maxLength(40));
const cell = z.string().check(z.maxLength(LONGEST_CELL));

export const columnSchema = z.object({
  id,
  name,
  unit: name,
  /** The expression that its cells are worked from, row by row; empty where they are typed. */
  rule: z._default(cell, ''),
  cells: z.array(cell).check(z.maxLength(MOST_ROWS)),
});

/** How classes are told: not at all, by both bounds, or by one of them. */
export const classKinds = ['none', 'both', 'lower', 'upper'] as const;
export const FEWEST_DEGREE = 2;
export const MOST_DEGREE = 10;
export const MOST_PREDICTORS = 8;

/** What the columns of a table are used for. A column that is not named, or is gone, is chosen by itself. */
export const useSchema = z.object({
  /** The column that is summed up by itself, and its frequencies. */
  one: z.nullable(id),
  frequencies: z.nullable(id),
  classes: z.enum(classKinds),
  /** The upper bounds, where both are given. */
  upper: z.nullable(id),
  /** Of classes with one bound, and of those that a histogram makes; empty for a proposed one. */
  width: cell,
  quartiles: z.enum(quartileRules),
  /** The column whose labels tell groups apart. */
  by: z._default(z.nullable(id), null),
  /** What is told besides the summary, and the sum of cubes with it. */
  further: z._default(z.boolean(), false),
  cubes: z._default(z.boolean(), false),
  /** Shares whose percentiles are told, as they were typed. */
  shares: z._default(cell, ''),
  percentiles: z._default(z.enum(percentileRules), 'between'),
  /** Of a weighted mean, and of a fit. */
  weights: z._default(z.nullable(id), null),
  x: z.nullable(id),
  y: z.nullable(id),
  of: z.enum(['one', 'pair']),
  chart: z.enum(chartNames),
  outliers: z.boolean(),
  /** Functions of Curves are laid over the chart. */
  functions: z.boolean(),
  /** How many classes a histogram makes: so many, or by a rule. */
  classCount: z._default(cell, ''),
  classRule: z._default(z.enum(classRules), 'root'),
  density: z._default(z.boolean(), false),
  normal: z._default(z.boolean(), false),
  bars: z._default(z.enum(barKinds), 'beside'),
  model: z.enum(fitModelNames),
  degree: z.int().check(z.gte(FEWEST_DEGREE), z.lte(MOST_DEGREE)),
  /** The x at which the fit is read. */
  at: cell,
  /** The y whose x is asked for. */
  back: z._default(cell, ''),
  origin: z._default(z.boolean(), false),
  /** An exponential or a power is fitted to the values themselves, not to their logarithms. */
  direct: z._default(z.boolean(), false),
  predictors: z._default(z.array(id).check(z.maxLength(MOST_PREDICTORS)), []),
  /** An own model, and the values that its letters begin with. */
  expr: z._default(cell, ''),
  start: z._default(cell, ''),
  /** Of intervals and bands; empty for 0.95. */
  level: z._default(cell, ''),
  bands: z._default(z.boolean(), false),
});

export const tableSchema = z.object({
  id,
  name,
  columns: z.array(columnSchema).check(z.maxLength(MOST_COLUMNS)),
  use: useSchema,
  /** The condition by which rows take part; the others are set aside. Empty for all of them. */
  filter: z._default(cell, ''),
});

export const columnsSchema = z.object({
  tables: z.array(tableSchema).check(z.maxLength(MOST_TABLES)),
  /** The table that is in sight. */
  open: z.nullable(id),
  /** The column that was last written into. */
  into: z.nullable(id),
});

export type SavedColumns = z.infer<typeof columnsSchema>;
export type DataTable = z.infer<typeof tableSchema>;
export type DataColumn = z.infer<typeof columnSchema>;
export type AnalysisOptions = z.infer<typeof useSchema>;

export const FIRST_USE: AnalysisOptions = {
  one: null,
  frequencies: null,
  classes: 'none',
  upper: null,
  width: '',
  quartiles: 'halves',
  by: null,
  further: false,
  cubes: false,
  shares: '',
  percentiles: 'between',
  weights: null,
  x: null,
  y: null,
  of: 'one',
  chart: 'points',
  outliers: true,
  functions: false,
  classCount: '',
  classRule: 'root',
  density: false,
  normal: false,
  bars: 'beside',
  model: 'straight',
  degree: 2,
  at: '',
  back: '',
  origin: false,
  direct: false,
  predictors: [],
  expr: '',
  start: '',
  level: '',
  bands: false,
};

/** The columns that a table's use names, those it does not name chosen by their order. */
export type UsedColumns = Readonly<{
  one: DataColumn | null;
  frequencies: DataColumn | null;
  upper: DataColumn | null;
  x: DataColumn | null;
  y: DataColumn | null;
  by: DataColumn | null;
  weights: DataColumn | null;
  predictors: readonly DataColumn[];
}>;

export function usedColumns({ columns, use }: DataTable): UsedColumns {
  const named = (wanted: string | null): DataColumn | null => columns.find((c) => c.id === wanted) ?? null;
  const frequencies = named(use.frequencies);
  const free = columns.filter((c) => c !== frequencies);
  const x = named(use.x) ?? free[0] ?? null;
  const one = named(use.one) ?? free[0] ?? null;
  return {
    one,
    frequencies,
    upper: named(use.upper) ?? free.find((c) => c !== one) ?? null,
    x,
    y: named(use.y) ?? free.find((c) => c !== x) ?? null,
    by: named(use.by),
    weights: named(use.weights),
    predictors: use.predictors.flatMap((wanted) => named(wanted) ?? []),
  };
}

/** Rows that hold something in any of the columns. */
export const rowsOf = ({ columns }: DataTable): number =>
  columns.reduce((most, { cells }) => Math.max(most, cells.length), 0);

const NUMERAL = /^-?\d+(?:\.\d+)?$/;
const COUNT = /^\d+$/;
/** Fewer classes than these are no reason to take columns for classes. */
const FEWEST_CLASSES = 3;

/**
 * Columns that look like the edges of classes and their frequencies: rising numbers, and beside them whole numbers, one
 * fewer. Null where classes or frequencies are chosen, or nothing looks so.
 */
export function classesIn({ columns, use }: DataTable): Readonly<{ one: DataColumn; frequencies: DataColumn }> | null {
  if (use.classes !== 'none' || use.frequencies !== null) return null;
  const filled = columns.map((column) => ({ column, cells: filledCells(column.cells) }));
  const isRising = (cells: readonly string[]): boolean =>
    cells.every((text, i) => NUMERAL.test(text) && (i === 0 || Number(text) > Number(cells[i - 1])));
  for (const one of filled) {
    if (one.cells.length <= FEWEST_CLASSES || !isRising(one.cells)) continue;
    const found = filled.find(
      ({ cells }) => cells.length === one.cells.length - 1 && cells.every((text) => COUNT.test(text)),
    );
    if (found !== undefined) return { one: one.column, frequencies: found.column };
  }
  return null;
}
