/*
 * Characters from elsewhere that look like a sign of the language: dashes for the minus sign, dots and crosses for the
 * multiplication sign, and everything in the full width of East Asian type (Unicode 15, U+FF01 to U+FF5E) but brackets,
 * since a closing one stands for a bracket without an opening one in a line of boxes.
 */

const lookAlikes: ReadonlyMap<string, string> = new Map([
  ...[...'–—―‐‑‒﹣－➖'].map((dash) => [dash, '−'] as const),
  ...[...'∙⋅•✕✖⨯╳'].map((times) => [times, '×'] as const),
  ...[...'∗⁎'].map((star) => [star, '*'] as const),
  ['➕', '+'],
  ['➗', '÷'],
]);

const FULL_WIDTH_BEFORE = 0xfee0;
const FOREIGN = new RegExp(`[${[...lookAlikes.keys()].join('')}\\uff01-\\uff07\\uff0a-\\uff5e]`, 'g');

/** A text with such characters written as the signs that they stand for, each in its place. */
export const plainSigns = (text: string): string =>
  text.replace(FOREIGN, (char) => lookAlikes.get(char) ?? String.fromCharCode(char.charCodeAt(0) - FULL_WIDTH_BEFORE));
