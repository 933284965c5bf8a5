import { isAlike } from './kernel/same';

/**
 * Whether two requests ask the same. Values of letters are recipes that share their parts: each is decoded once, and is
 * then one object. A list longer than a thousand is a column's, which the document shares as long as it is the same.
 */
export const isSameRequest = (a: unknown, b: unknown): boolean => isAlike(a, b, { deepest: 4, longest: 1000 });
