/**
 * The line being written, in its linear form: typed text with a caret, and the other end of a selection (equal to the
 * caret when nothing is selected). Commands are pure; null means "not here" and dims the key.
 */
export type Line = Readonly<{ text: string; caret: number; anchor: number }>;

/** A line takes no more characters than this; far more than can be read at once. */
export const MOST_TYPED = 10_000;

export type LineCommand = (line: Line) => Line | null;

export const EMPTY_LINE: Line = { text: '', caret: 0, anchor: 0 };

export const lineOf = (text: string, caret = text.length): Line => ({ text, caret, anchor: caret });

const selection = ({ caret, anchor }: Line): { from: number; to: number } => ({
  from: Math.min(caret, anchor),
  to: Math.max(caret, anchor),
});

/** What goes and comes as one piece: a name with its bracket, a word, a digit with its overline, else one character. */
const PIECES =
  /[A-Za-z]{2,}\(|Ans|pi|nCr|nPr| ?(?:mod|deg|rad|grad|and|or|not) ?|inf|:=|\d\u0305|[\ud800-\udbff][\udc00-\udfff]|[\s\S]/g;

/** The places where a caret may stand. */
export function stops(text: string): readonly number[] {
  const places = [0];
  for (const match of text.matchAll(PIECES)) places.push(match.index + match[0].length);
  return places;
}

const before = (line: Line): number => stops(line.text).findLast((at) => at < line.caret) ?? 0;
const after = (line: Line): number => stops(line.text).find((at) => at > line.caret) ?? line.text.length;

const replace = (line: Line, from: number, to: number, text: string): Line =>
  lineOf(line.text.slice(0, from) + text + line.text.slice(to), from + text.length);

/** Puts text in place of the selection, or at the caret. */
export function insert(line: Line, text: string): Line {
  const { from, to } = selection(line);
  return replace(line, from, to, text);
}

/** An operator or mark that needs something before it: on an empty line it goes on from the last answer. */
export const insertAfterOperand = (line: Line, text: string): Line =>
  insert(line, line.text.trim() === '' ? `Ans${text}` : text);

/** The exponent-of-ten key: E right after a number, else a written power of ten. */
export function insertPowerOfTen(line: Line): Line {
  const { from } = selection(line);
  const isAfterNumber = /(?:^|[^A-Za-z\d.,])[\d.,\u202f]*\d[.,]?$/.test(line.text.slice(0, from));
  return insert(line, isAfterNumber ? 'E' : '10^');
}

export const deleteLeft: LineCommand = (line) => {
  const { from, to } = selection(line);
  if (from !== to) return replace(line, from, to, '');
  return line.caret === 0 ? null : replace(line, before(line), line.caret, '');
};

export const deleteRight: LineCommand = (line) => {
  const { from, to } = selection(line);
  if (from !== to) return replace(line, from, to, '');
  return line.caret === line.text.length ? null : replace(line, line.caret, after(line), '');
};

export const moveLeft: LineCommand = (line) => {
  const { from, to } = selection(line);
  if (from !== to) return lineOf(line.text, from);
  return line.caret === 0 ? null : lineOf(line.text, before(line));
};

export const moveRight: LineCommand = (line) => {
  const { from, to } = selection(line);
  if (from !== to) return lineOf(line.text, to);
  return line.caret === line.text.length ? null : lineOf(line.text, after(line));
};

export const moveHome: LineCommand = (line) => (line.caret === 0 ? null : lineOf(line.text, 0));
export const moveEnd: LineCommand = (line) => (line.caret === line.text.length ? null : lineOf(line.text));
export const clear: LineCommand = (line) => (line.text === '' ? null : EMPTY_LINE);

export const lineCommands = { deleteLeft, deleteRight, moveLeft, moveRight, moveHome, moveEnd, clear } as const;
export type LineCommandName = keyof typeof lineCommands;
