import { itemAt } from '@/core/base/item';

/** The place among parts side by side that one of them comes to when it is carried so many pixels: that of the part under its middle. */
export function orderOf(widths: readonly number[], at: number, by: number): number {
  const left = widths.slice(0, at).reduce((sum, width) => sum + width, 0);
  const middle = left + itemAt(widths, at) / 2 + by;
  let end = 0;
  const found = widths.findIndex((width) => (end += width) > middle);
  return found < 0 ? widths.length - 1 : found;
}
