import Papa from 'papaparse';

/**
 * What a spreadsheet would run as a formula: a text that begins like one and is not a number. A quotation mark before it
 * makes it a text there (OWASP, "CSV injection", from memory).
 */
const FORMULA = /^(?![-+]?(?:\d+[.,]?\d*|[.,]\d+)(?:E[-+]?\d+)?$)[=+\-@\t\r]/i;

/** Rows as text for other programs (RFC 4180), each ended by CR LF. */
export const delimitedText = (rows: readonly (readonly string[])[], separator: string): string =>
  `${Papa.unparse(rows as string[][], { delimiter: separator, newline: '\r\n', escapeFormulae: FORMULA })}\r\n`;
