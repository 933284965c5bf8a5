import type { DecimalSign } from '@/core/language/numerals';

/*
 * Expressions over columns as they stand in a field: names of columns cannot be told from letters there, so that only
 * the signs are changed.
 */

/** As it is kept: decimals with a point, values apart by commas. */
export const pointed = (typed: string, sign: DecimalSign): string =>
  sign === '.' ? typed : typed.replaceAll(',', '.').replaceAll(';', ',');

/** As it is shown. */
export const spelled = (kept: string, sign: DecimalSign): string =>
  sign === '.' ? kept : kept.replaceAll(',', ';').replaceAll('.', ',');
