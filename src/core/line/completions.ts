import type { FunctionNames, FunctionShape, ReadingOptions } from '../language/tokens';
import { isLetters, rowAt } from './row';
import type { Row } from './row';
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

/** The lists that the function takes whose name ends a text; undefined where none does, or it takes none. */
function listsOf(text: string, functions: FunctionNames): FunctionShape['lists'] {
  for (let from = 0; from < text.length; from += 1) {
    const shape = functions.get(text.slice(from));
    if (shape !== undefined) return shape.lists;
  }
  return undefined;
}

const VALUE_BEGINS = /([A-Za-z]+)\(((?:[^()]*[,;])?)\s*$/;

/** Whether a text ends where a value of a function of lists begins: there alone a column's name is read. */
function beginsList(before: string, functions: FunctionNames): boolean {
  const match = VALUE_BEGINS.exec(before);
  const lists = match === null ? undefined : listsOf(match[1] ?? '', functions);
  return lists === 'several' || (lists === 'alone' && match?.[2] === '');
}

/** The same of the line, before so many letters that stand at its caret. */
function standsInList(line: Line, letters: number, functions: FunctionNames): boolean {
  if (line.kind === 'typed') return beginsList(line.text.slice(0, line.caret - letters), functions);
  const { path, at } = line.caret;
  const step = path.at(-1);
  if (step === undefined) return false;
  const around = rowAt(line.row, path.slice(0, -1));
  const box = around[step.item];
  const texts = (items: Row): string => items.map((item) => (item.kind === 'glyph' ? item.text : '▯')).join('');
  const before = texts(rowAt(line.row, path).slice(0, at - letters));
  if (box?.kind === 'call') {
    const lists = functions.get(box.fn)?.lists;
    return before === '' && (lists === 'several' || (lists === 'alone' && box.slots.length === 1));
  }
  return box?.kind === 'group' && beginsList(`${texts(around.slice(0, step.item))}(${before}`, functions);
}

/** A function, or a column, whose name goes on from what is being typed, and how many letters of it are there. */
export type Completion = Readonly<{ fn: string; typed: number; isColumn?: boolean }>;

const NONE: readonly Completion[] = [];

/**
 * Functions whose names begin with the letters before the caret, two of them at least; the shortest first. Where a value of
 * a function of lists begins, the names of columns that go on so come before them.
 */
export function completionsFor(
  line: Line,
  { functions }: ReadingOptions,
  columns: readonly string[] = [],
): readonly Completion[] {
  const letters = lettersBefore(line);
  const isList = letters.length >= 2 && columns.length > 0 && standsInList(line, letters.length, functions);
  const named: readonly Completion[] = (isList ? columns : [])
    .filter((name) => name.length > letters.length && name.startsWith(letters))
    .map((fn) => ({ fn, typed: letters.length, isColumn: true }));
  for (let from = 0; from <= letters.length - 2; from += 1) {
    const typed = letters.slice(from);
    const found = [...functions.keys()].filter((name) => name.startsWith(typed));
    if (found.length > 0 || named.length > 0)
      return [...named, ...found.sort((a, b) => a.length - b.length).map((fn) => ({ fn, typed: typed.length }))].slice(
        0,
        MOST_OFFERED,
      );
  }
  return NONE;
}
