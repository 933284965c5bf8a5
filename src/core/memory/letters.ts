import type { Value } from '../number/value';

/** What a letter keeps: the value, its digits as they are copied, the line it came from, and the form that was shown, as typed text. */
export type Kept<V = Value> = Readonly<{ value: V; full: string; from: string; typed: string; exact: boolean }>;

export type Letters<V = Value> = Readonly<Record<string, Kept<V>>>;

/** Keeps a value in a letter, in place of what it held. */
export const keep = <V>(letters: Letters<V>, name: string, kept: Kept<V>): Letters<V> => ({ ...letters, [name]: kept });

/** Clears one letter; the same object when it holds nothing. */
export function clearLetter<V>(letters: Letters<V>, name: string): Letters<V> {
  if (letters[name] === undefined) return letters;
  return Object.fromEntries(Object.entries(letters).filter(([other]) => other !== name));
}

/** The letters that hold something, in the order of the alphabet. */
export const held = <V>(letters: Letters<V>): readonly (readonly [string, Kept<V>])[] =>
  Object.entries(letters).sort(([a], [b]) => (a < b ? -1 : 1));
