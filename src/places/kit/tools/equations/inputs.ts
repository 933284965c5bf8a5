import { z } from 'zod/mini';
import { emptyTable } from '@/places/kit/parts/table';

const text = (first = '') => z.catch(z.string(), first);
const table = (rows: number, columns: number) =>
  z.catch(
    z.array(z.array(z.string())).check(z.refine((found) => found.length > 0 && (found[0]?.length ?? 0) > 0)),
    emptyTable(rows, columns),
  );

export const kinds = ['linear', 'polynomial', 'one', 'pair'] as const;
export type Kind = (typeof kinds)[number];

const shape = {
  kind: z.catch(z.enum(kinds), 'linear'),
  /** Linear equations by their coefficients, the right side last; or typed, one to a row. */
  entry: z.catch(z.enum(['grid', 'typed']), 'grid'),
  rows: table(3, 4),
  letters: text(),
  equations: table(2, 1),
  /** Coefficients from the highest power down. */
  coefficients: table(1, 3),
  cardano: z.catch(z.enum(['on', 'off']), 'off'),
  equation: text(),
  from: text(),
  to: text(),
  first: text(),
  second: text(),
  xFrom: text(),
  xTo: text(),
  yFrom: text(),
  yTo: text(),
};

const others = z.catch(z.union([z.string(), z.array(z.array(z.string()))]), '');

/** What is entered for equations; what a letter is worth that is no unknown stands under `value x`. */
export const inputs = z.catchall(z.object(shape), others);

export type EquationEntries = z.infer<typeof inputs>;

export const equationEntries = { id: 'equations', inputs } as const;

export const valueKey = (letter: string): string => `value ${letter}`;

/** What unknowns are called when nothing else is said. */
const NAMES = 'xyzuvwst';
export const MOST_UNKNOWNS = 8;
export const MOST_DEGREE = 10;

/** The letters that are meant, each once; e and i are numbers. */
export const lettersIn = (found: string): readonly string[] =>
  [...new Set(found.match(/[A-Za-z]/g) ?? [])].filter((name) => name !== 'e' && name !== 'i');

/** A name for each unknown of a grid: those that were chosen, then the usual ones. */
export function unknownsOf(letters: string, count: number): readonly string[] {
  const chosen = lettersIn(letters);
  return [...chosen, ...[...NAMES].filter((name) => !chosen.includes(name))].slice(0, count);
}
