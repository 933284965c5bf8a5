import type { PlotMarks } from '@/core/chart/model';
import type { Frame } from '@/core/curve/plane';
import type { Size, ViewRange } from '@/core/curve/view';
import { boxMarks } from './box';
import { classMarks } from './classes';
import { pointMarks } from './points';
import { scaleOf } from './record';
import type { MarkRecord, ShapePath } from './record';

/** How each kind of marks is drawn and found. */
const records: { readonly [K in PlotMarks['kind']]: MarkRecord<Extract<PlotMarks, { kind: K }>> } = {
  points: pointMarks,
  classes: classMarks,
  box: boxMarks,
};

// The record of a mark's own kind takes it, which the union of all records cannot say.
const recordOf = ({ kind }: PlotMarks): MarkRecord<PlotMarks> => records[kind] as MarkRecord<PlotMarks>;

/** What a chart draws besides curves, in the units of the axes, and which of its parts is chosen. */
export type ShownMarks = Readonly<{ marks: PlotMarks; chosen: number | null }>;

/** Marks as paths, those that are drawn first before those that lie on them. */
export function shapePaths({ marks, chosen }: ShownMarks, frame: Frame): readonly ShapePath[] {
  const [record, scale] = [recordOf(marks), scaleOf(frame)];
  const mark = chosen === null ? null : record.chosen(marks, chosen, scale);
  return [...record.paths(marks, scale).filter(({ d }) => d !== ''), ...(mark === null ? [] : [mark])];
}

/** The index of the part under a place of the plot; null where there is none. `at`, `size` in pixels. */
export const partUnder = (
  marks: PlotMarks,
  view: ViewRange,
  size: Size,
  at: Readonly<{ x: number; y: number }>,
): number | null => recordOf(marks).at(marks, scaleOf({ ...view, ...size }), at);
