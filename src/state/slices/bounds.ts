import { notice } from './notice';
import type { State } from './state';

/**
 * Fields of text have the bounds of the saved schema: what is longer is not taken, and that is said. Null when every
 * text fits.
 */
export function overflow(most: number, ...texts: readonly (string | undefined)[]): Partial<State> | null {
  return texts.some((text) => text !== undefined && text.length > most)
    ? { notice: notice('field-full', `${most}`) }
    : null;
}
