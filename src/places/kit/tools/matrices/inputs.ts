import { z } from 'zod/mini';
import { letterNames } from '@/core/memory/shelf';
import type { Table } from '@/places/kit/parts/table';
import { emptyTable } from '@/places/kit/parts/table';

const letter = z.string().check(z.regex(/^[A-Z]$/));
const table = z.array(z.array(z.string()));

/** The letter at hand and the one beside it, what is worked out, and the matrices under their letters. */
export const inputs = z.catch(
  z.catchall(
    z.object({
      open: z.catch(letter, 'A'),
      beside: z.catch(letter, 'B'),
      /** Ids of operations, a space between them. */
      shown: z.catch(z.string(), 'det'),
      oneDigit: z.catch(z.enum(['on', 'off']), 'off'),
      expression: z.catch(z.string(), ''),
      rule: z.catch(z.string(), ''),
    }),
    z.catch(z.union([z.string(), table]), ''),
  ),
  { open: 'A', beside: 'B', shown: 'det', oneDigit: 'off', expression: '', rule: '' },
);

export type MatrixEntries = z.infer<typeof inputs>;

export const matrixEntries = { id: 'matrices', inputs } as const;

/** The matrices that are there, by their letters; the one at hand is there in any case. */
export function tablesIn(entries: MatrixEntries): Readonly<Record<string, Table>> {
  const result: Record<string, Table> = {};
  for (const name of letterNames) {
    const found = entries[name];
    if (Array.isArray(found) && found.length > 0) result[name] = found;
  }
  result[entries.open] ??= emptyTable(FIRST_SIDE, FIRST_SIDE);
  return result;
}

/** Rows and columns of a new matrix. */
export const FIRST_SIDE = 3;
