import { parse } from './parse';
import type { ReadingOptions } from './tokens';

/** Text cut at every sign that separates values, outside brackets. A comma that is the decimal sign separates only before a space. */
function cut(text: string, { decimalSign }: ReadingOptions): readonly string[] {
  const parts = [''];
  let depth = 0;
  [...text].forEach((sign, i, all) => {
    if (sign === '(') depth += 1;
    if (sign === ')') depth = Math.max(0, depth - 1);
    const separates =
      sign === ';' || sign === '\n' || (sign === ',' && (decimalSign === '.' || /\s/.test(all[i + 1] ?? '')));
    if (separates && depth === 0) parts.push('');
    else parts[parts.length - 1] += sign;
  });
  return parts.map((part) => part.trim()).filter((part) => part !== '');
}

/**
 * The values that a text lists, each as typed text: `1, 10`, `1; 10`, `1 10`. With the decimal comma, values stand apart
 * by `;`, a comma with a space behind it, or a space. What can be read as one expression is one value (`2 5/6`), and so
 * is what cannot be read at all.
 */
export function valuesOf(text: string, options: ReadingOptions): readonly string[] {
  const reads = (part: string): boolean => parse(part, options).ok;
  return cut(text, options).flatMap((part) => {
    const words = part.split(/\s+/);
    return words.length > 1 && !reads(part) && words.every(reads) ? words : [part];
  });
}
