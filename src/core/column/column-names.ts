/**
 * How a column is called in an expression: its name, with spaces as underscores; null where a name cannot stand there,
 * because it is no single word of letters and digits.
 */
export function columnWord(name: string): string | null {
  const word = name.trim().replace(/\s+/g, '_');
  return /^[\p{L}_][\p{L}\p{N}_]*$/u.test(word) ? word : null;
}
