import type { FunctionRecord } from './record';
import { records } from './records';

/** What of a record is for working it. */
type Worked =
  | 'apply'
  | 'complex'
  | 'complexFirst'
  | 'formula'
  | 'double'
  | 'bounds'
  | 'derivative'
  | 'domain'
  | 'of'
  | 'examples'
  | 'source';

type WithoutWork<R> = R extends unknown ? Omit<R, Worked> : never;

/**
 * A function as it is keyed, read and shown. In the built app this file holds nothing else (`metro/described.js` leaves
 * out the rest), so that the page does not load what only the workers work with.
 */
export type DescribedFunction = WithoutWork<FunctionRecord>;

export const functions: readonly DescribedFunction[] = records;
export type FunctionName = (typeof records)[number]['name'];
