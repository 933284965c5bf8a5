import type { ReadingOptions } from '../language/tokens';
import { isLetters, rowAt } from './row';
import type { Line } from './line';

const MOST_OFFERED = 6;

/** The letters that stand right before the caret. */
function lettersBefore(line: Line): string {
  if (line.kind === 'typed') return /[A-Za-z]*$/.exec(line.text.slice(0, line.caret))?.[0] ?? '';
  const row = rowAt(line.row, line.caret.path);
  let letters = '';
  for (let at = line.caret.at - 1; at >= 0; at -= 1) {
    const item = row[at];
    if (!isLetters(item)) break;
    letters = (item as { text: string }).text + letters;
  }
  return letters;
}

/** A function, or a column, whose name goes on from what is being typed, and how many letters of it are there. */
export type Completion = Readonly<{ fn: string; typed: number; isColumn?: boolean }>;

const NONE: readonly Completion[] = [];

/**
 * Functions, and columns, whose names begin with the letters before the caret, two of them at least; the shortest first,
 * columns before functions.
 */
export function completionsFor(
  line: Line,
  { functions }: ReadingOptions,
  columns: readonly string[] = [],
): readonly Completion[] {
  const letters = lettersBefore(line);
  const named =
    letters.length < 2 ? [] : columns.filter((name) => name.length > letters.length && name.startsWith(letters));
  if (named.length > 0)
    return named.slice(0, MOST_OFFERED).map((fn) => ({ fn, typed: letters.length, isColumn: true }));
  for (let from = 0; from <= letters.length - 2; from += 1) {
    const typed = letters.slice(from);
    const found = [...functions.keys()].filter((name) => name.startsWith(typed));
    if (found.length > 0)
      return found
        .sort((a, b) => a.length - b.length)
        .slice(0, MOST_OFFERED)
        .map((fn) => ({ fn, typed: typed.length }));
  }
  return NONE;
}
