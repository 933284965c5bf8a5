import { z } from 'zod/mini';

/*
 * What stands on the Curves place: functions of x as typed text with a point, the view, and how the table is made.
 */

export const LONGEST_FUNCTION = 4000;
export const MOST_FUNCTIONS = 40;
/** Looks of a curve: a colour and a line pattern each. */
export const MOST_LOOKS = 8;

const text = z.string().check(z.maxLength(LONGEST_FUNCTION));
export const LONGEST_NAME = 60;
const name = z.string().check(z.maxLength(LONGEST_NAME));
const finite = z.number();

export const functionSchema = z.object({
  id: z.string().check(z.minLength(1), z.maxLength(40)),
  name,
  text,
  style: z.int().check(z.gte(0), z.lt(MOST_LOOKS)),
  on: z.boolean(),
});

type Ends = Readonly<{ xFrom: number; xTo: number; yFrom: number; yTo: number }>;

/** A share of the larger end below which doubles between two ends can no longer be told apart on a screen. */
const NARROWEST = 1e-12;
const LARGEST_END = 1e300;

const isRange = (from: number, to: number): boolean =>
  Math.abs(from) <= LARGEST_END &&
  Math.abs(to) <= LARGEST_END &&
  to - from > NARROWEST * Math.max(Math.abs(from), Math.abs(to), Number.MIN_VALUE);

/** Whether a view can be drawn: finite, not turned round, and wide enough for its doubles. */
export function isView({ xFrom, xTo, yFrom, yTo }: Ends): boolean {
  return isRange(xFrom, xTo) && isRange(yFrom, yTo);
}

export const viewSchema = z.object({ xFrom: finite, xTo: finite, yFrom: finite, yTo: finite }).check(z.refine(isView));

export const tickKinds = ['decimal', 'pi'] as const;
export const axisSchema = z.object({ name, unit: name, ticks: z.enum(tickKinds) });

export const MOST_PICKED = 1000;
export const valuesSchema = z.object({
  by: z.enum(['step', 'picked']),
  from: text,
  step: text,
  to: text,
  picked: z.array(text).check(z.maxLength(MOST_PICKED)),
  /** Values in their exact forms where they have one. */
  exact: z.boolean(),
});

const columnId = z.string().check(z.minLength(1), z.maxLength(40));
/** Two columns whose points are shown with the curves. */
export const pointsSchema = z.object({ x: columnId, y: columnId, on: z.boolean() });

export const curvesSchema = z.object({
  functions: z.array(functionSchema).check(z.maxLength(MOST_FUNCTIONS)),
  points: z.nullable(pointsSchema),
  /** Null for the Start view. */
  view: z.nullable(viewSchema),
  x: axisSchema,
  y: axisSchema,
  table: valuesSchema,
});

export type SavedCurves = z.infer<typeof curvesSchema>;
export type DrawnFunction = z.infer<typeof functionSchema>;
export type ShownPoints = z.infer<typeof pointsSchema>;
export type View = z.infer<typeof viewSchema>;
export type Axis = z.infer<typeof axisSchema>;
export type TableSettings = z.infer<typeof valuesSchema>;

export const EMPTY_CURVES: SavedCurves = {
  functions: [],
  points: null,
  view: null,
  x: { name: 'x', unit: '', ticks: 'decimal' },
  y: { name: 'y', unit: '', ticks: 'decimal' },
  table: { by: 'step', from: '-5', step: '1', to: '5', picked: [], exact: true },
};
