import type { Size } from '@/core/curve/view';

/** Characters of a label that are shown. */
const MOST_CHARACTERS = 12;
/** Pixels that a character takes, nearly, those between two labels, and those of the axis beside them. */
const CHARACTER = 7;
const BETWEEN = 12;
const AXIS_WIDTH = 60;
const LEAST_WIDTH = 36;

export const shortened = (label: string): string =>
  label.length <= MOST_CHARACTERS ? label : `${label.slice(0, MOST_CHARACTERS - 1)}…`;

const labelWidth = (labels: readonly string[], large: number): number =>
  labels.reduce((most, label) => Math.max(most, shortened(label).length * CHARACTER * large + BETWEEN), LEAST_WIDTH);

/** How many labels are readable at once in a width: at least two. */
export const fittingLabels = (labels: readonly string[], width: number, large: number): number =>
  Math.max(2, Math.floor((width - AXIS_WIDTH) / labelWidth(labels, large)));

/** A size at which all labels are readable at once. */
export const wholeSize = (labels: readonly string[], { width, height }: Size): Size => ({
  width: Math.max(width, Math.ceil(AXIS_WIDTH + labels.length * labelWidth(labels, 1))),
  height,
});
