import { z } from 'zod/mini';
import { MOST_TYPED } from '../line/line';

/*
 * What was entered in the tools of Kit. A tool knows its entries by names of its own and reads them by a schema of its
 * own; the notebook only bounds them, so that a tool can come or go without a new version of it.
 */

/** The longest side of a table that is entered: matrices up to 50 × 50, and the right side of a system. */
export const LONGEST_SIDE = 51;
export const LONGEST_ENTRY = MOST_TYPED;
const MOST_ENTRIES = 200;
const MOST_TOOLS = 100;

const name = z.string().check(z.minLength(1), z.maxLength(40));
const text = z.string().check(z.maxLength(LONGEST_ENTRY));
/** Typed texts with a point, row by row; all rows are equally long. */
const table = z.array(z.array(text).check(z.maxLength(LONGEST_SIDE))).check(
  z.maxLength(LONGEST_SIDE),
  z.refine((rows) => rows.every(({ length }) => length === rows[0]?.length), 'rows of different lengths'),
);

export const entrySchema = z.union([text, table]);
const atMost = (most: number) => z.refine<object>((found) => Object.keys(found).length <= most, `more than ${most}`);
export const entriesSchema = z.record(name, entrySchema).check(atMost(MOST_ENTRIES));
/** By the id of the tool, then by the name of the entry. */
export const kitSchema = z.record(name, entriesSchema).check(atMost(MOST_TOOLS));

export type Entries = z.infer<typeof entriesSchema>;
export type SavedKit = z.infer<typeof kitSchema>;

export const toolName = name;
