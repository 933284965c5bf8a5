/**
 * The line in its linear view: typed text with a caret, and the other end of a selection (equal to the caret when
 * nothing is selected).
 */
export type TypedLine = Readonly<{ kind: 'typed'; text: string; caret: number; anchor: number }>;

export type TypedCommand = (line: TypedLine) => TypedLine | null;

export const EMPTY_TYPED: TypedLine = { kind: 'typed', text: '', caret: 0, anchor: 0 };

export const typedLine = (text: string, caret = text.length, anchor = caret): TypedLine => ({
  kind: 'typed',
  text,
  caret,
  anchor,
});

const selection = ({ caret, anchor }: TypedLine): { from: number; to: number } => ({
  from: Math.min(caret, anchor),
  to: Math.max(caret, anchor),
});

/** What goes and comes as one piece: a name with its bracket, a word, a digit with its overline, else one character. */
const PIECES =
  /[A-Za-z]{2,}\(|Ans|pi|nCr|nPr| ?(?:mod|deg|rad|grad|and|or|not|base) ?|inf|:=|\d\u0305|[\ud800-\udbff][\udc00-\udfff]|[\s\S]/g;

/** The places where a caret may stand. */
export function stops(text: string): readonly number[] {
  const places = [0];
  for (const match of text.matchAll(PIECES)) places.push(match.index + match[0].length);
  return places;
}

const before = (line: TypedLine): number => stops(line.text).findLast((at) => at < line.caret) ?? 0;
const after = (line: TypedLine): number => stops(line.text).find((at) => at > line.caret) ?? line.text.length;

const replace = (line: TypedLine, from: number, to: number, text: string): TypedLine =>
  typedLine(line.text.slice(0, from) + text + line.text.slice(to), from + text.length);

/** Puts text in place of the selection, or at the caret. */
export function insert(line: TypedLine, text: string): TypedLine {
  const { from, to } = selection(line);
  return replace(line, from, to, text);
}

/** An operator or mark that needs something before it: on an empty line it goes on from the last answer. */
export const insertAfterOperand = (line: TypedLine, text: string): TypedLine =>
  insert(line, line.text.trim() === '' ? `Ans${text}` : text);

/** The exponent-of-ten key: E right after a number, else a written power of ten. */
export function insertPowerOfTen(line: TypedLine): TypedLine {
  const { from } = selection(line);
  const isAfterNumber = /(?:^|[^A-Za-z\d.,])[\d.,\u202f]*\d[.,]?$/.test(line.text.slice(0, from));
  return insert(line, isAfterNumber ? 'E' : '10^');
}

export const deleteLeft: TypedCommand = (line) => {
  const { from, to } = selection(line);
  if (from !== to) return replace(line, from, to, '');
  return line.caret === 0 ? null : replace(line, before(line), line.caret, '');
};

export const deleteRight: TypedCommand = (line) => {
  const { from, to } = selection(line);
  if (from !== to) return replace(line, from, to, '');
  return line.caret === line.text.length ? null : replace(line, line.caret, after(line), '');
};

export const moveLeft: TypedCommand = (line) => {
  const { from, to } = selection(line);
  if (from !== to) return typedLine(line.text, from);
  return line.caret === 0 ? null : typedLine(line.text, before(line));
};

export const moveRight: TypedCommand = (line) => {
  const { from, to } = selection(line);
  if (from !== to) return typedLine(line.text, to);
  return line.caret === line.text.length ? null : typedLine(line.text, after(line));
};

export const moveHome: TypedCommand = (line) => (line.caret === 0 ? null : typedLine(line.text, 0));
export const moveEnd: TypedCommand = (line) => (line.caret === line.text.length ? null : typedLine(line.text));
export const clear: TypedCommand = (line) => (line.text === '' ? null : EMPTY_TYPED);

const selecting =
  (place: (line: TypedLine) => number): TypedCommand =>
  (line) => {
    const caret = place(line);
    return caret === line.caret ? null : { ...line, caret };
  };

export const typedCommands = {
  deleteLeft,
  deleteRight,
  moveLeft,
  moveRight,
  moveHome,
  moveEnd,
  selectLeft: selecting(before),
  selectRight: selecting(after),
  selectHome: selecting(() => 0),
  selectEnd: selecting((line) => line.text.length),
  selectAll: (line) => (line.text === '' ? null : typedLine(line.text, line.text.length, 0)),
  clear,
} as const satisfies Record<string, TypedCommand>;

export const selectedTyped = (line: TypedLine): string | null => {
  const { from, to } = selection(line);
  return from === to ? null : line.text.slice(from, to);
};
