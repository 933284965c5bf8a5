import type { DrawnMarks } from '@/core/chart/model';
import type { Frame } from '@/core/curve/plane';
import type { Size, ViewRange } from '@/core/curve/view';
import { boxMarks } from './box';
import { classMarks } from './classes';
import { pointMarks } from './points';
import { scaleOf } from './record';
import type { MarkRecord, MarkText, ShapePath } from './record';
import { shareMarks } from './share';

/** How each kind of marks is drawn and found. */
const records: { readonly [K in DrawnMarks['kind']]: MarkRecord<Extract<DrawnMarks, { kind: K }>> } = {
  points: pointMarks,
  classes: classMarks,
  box: boxMarks,
  share: shareMarks,
};

// The record of a mark's own kind takes it, which the union of all records cannot say.
const recordOf = ({ kind }: DrawnMarks): MarkRecord<DrawnMarks> => records[kind] as MarkRecord<DrawnMarks>;

/** What a chart draws besides curves, in the units of the axes, and which of its parts is chosen. */
export type ShownMarks = Readonly<{ marks: DrawnMarks; chosen: number | null }>;

/** Marks as paths, those that are drawn first before those that lie on them. */
export function shapePaths({ marks, chosen }: ShownMarks, frame: Frame): readonly ShapePath[] {
  const [record, scale] = [recordOf(marks), scaleOf(frame)];
  const mark = chosen === null ? null : record.chosen(marks, chosen, scale);
  return [...record.paths(marks, scale).filter(({ d }) => d !== ''), ...(mark === null ? [] : [mark])];
}

/** What is written beside marks. */
export const shapeTexts = ({ marks }: ShownMarks, frame: Frame): readonly MarkText[] =>
  recordOf(marks).texts?.(marks, scaleOf(frame)) ?? [];

/** The index of the part under a place of the plot; null where there is none. `at`, `size` in pixels. */
export const partUnder = (
  marks: DrawnMarks,
  view: ViewRange,
  size: Size,
  at: Readonly<{ x: number; y: number }>,
): number | null => recordOf(marks).at(marks, scaleOf({ ...view, ...size }), at);
