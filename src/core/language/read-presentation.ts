import { functions } from '../function';
import type { DescribedFunction } from '../function/described';
import type { Layout } from '../notation/layout';
import { matchLayout } from './match-layout';
import type { Found, ValueReader } from './match-layout';
import type { DecimalSign } from './numerals';
import { operators } from './operators';
import { Unreadable, isGroup, kidAt, leafText, rowOf, seenOf } from './presentation';
import type { Presentation } from './presentation';
import { DEEPEST } from './token-cursor';

/** Signs that typed text writes otherwise. */
const signs: Readonly<Record<string, string>> = {
  '⋅': '*',
  '∗': '*',
  '−': '-',
  '∘': '°',
  '′': "'",
  '″': '"',
  '\u2063': ',',
  ';': ',',
  '[': '(',
  ']': ')',
};

const isRelation = ({ kind }: (typeof operators)[keyof typeof operators]): boolean =>
  kind === 'relation' || kind === 'logic';

/** What ends the term that a sum sign reaches over: another term, a relation, or a further value. */
const ENDS_TERM: ReadonlySet<string> = new Set([
  ...Object.values(operators).flatMap((row) => (isRelation(row) ? row.reads : [])),
  ...operators.plus.reads,
  ...operators.minus.reads,
  ',',
  ';',
  ')',
]);

type Candidate = Readonly<{ fn: string; values: number; layout: Layout; isNameOverNumbers: boolean }>;

/** The layouts of a function for the numbers of values that it may have. */
const candidatesOf = ({ name, notation, least, takes }: DescribedFunction, values: readonly number[]): Candidate[] =>
  notation === undefined || notation.isOnlyPrinted
    ? []
    : values
        .filter((count) => count >= least && count >= 1 && takes.length >= 1)
        .flatMap((count) => {
          const layout = notation.layout(count);
          return layout === null
            ? []
            : [{ fn: name, values: count, layout, isNameOverNumbers: notation.isNameOverNumbers }];
        });

const fixed: readonly Candidate[] = functions
  .filter((f) => !f.more)
  .flatMap((f) =>
    candidatesOf(
      f,
      f.takes.map((_, i) => i + 1),
    ),
  );
const growing = functions.filter((f) => f.more && f.notation !== undefined);

/** All that may begin at an index: what grows, in as many rows as the table that follows has. */
function candidatesAt(row: readonly Presentation[], at: number): readonly Candidate[] {
  const table = row[at + 1];
  if (table?.tag !== 'mtable') return fixed;
  const rows = seenOf(table.kids).length;
  return growing.flatMap((f) => candidatesOf(f, [2 * rows - 1]));
}

const isPlainWhole = (node: Presentation | undefined): boolean => node?.tag === 'mn' && /^\d+$/.test(node.text);

/** A whole number beside a fraction of whole numbers is a mixed number, as it is on paper. */
function mixedAt(row: readonly Presentation[], at: number): string | null {
  const [whole, fraction] = [row[at], row[at + 1]];
  if (!isPlainWhole(whole) || fraction?.tag !== 'mfrac') return null;
  const [top, below] = [rowOf(kidAt(fraction, 0)), rowOf(kidAt(fraction, 1))];
  const isSimple = top.length === 1 && below.length === 1 && isPlainWhole(top[0]) && isPlainWhole(below[0]);
  return isSimple ? `${whole?.text} ${top[0]?.text}/${below[0]?.text}` : null;
}

/** Where the bracket that opens at an index closes, a power upon it included; null when none opens there, or none closes. */
function closingOf(row: readonly Presentation[], at: number): number | null {
  let depth = 0;
  for (let i = at; i < row.length; i += 1) {
    const node = row[i];
    const text = node === undefined ? null : leafText(node.tag === 'msup' ? kidAt(node, 0) : node);
    if (text === '(' || text === '[') depth += 1;
    if (text === ')' || text === ']') depth -= 1;
    if (depth === 0) return i === at ? null : i;
  }
  return null;
}

const DIGITS = /^\d+$/;

/** What opens and closes a table of entries; bars around one ask for its determinant. */
const MATRIX_FENCES: Readonly<Record<string, string>> = { '[': ']', '(': ')', '|': '|' };

/** Texts one after the other: names and letters must not run together into others, nor a number into a power of ten. */
function joined(texts: readonly string[]): string {
  let before = '';
  const spaced = texts.flatMap((text) => {
    if (text === '') return [];
    const isRunning = /[A-Za-z]$/.test(before) && /^[A-Za-z]/.test(text);
    const isPowerOfTen = /[\d.\u0305]$/.test(before) && /^[eE]/.test(text);
    // Only the last character is kept, so that a long row takes the time of its length.
    before = text.slice(-1);
    return isRunning || isPowerOfTen ? [' ', text] : [text];
  });
  return spaced.join('');
}

function leafAsTyped(tag: string, text: string, decimalSign: DecimalSign): string {
  if (tag === 'mn') {
    const digits = text.replace(/\s/g, '');
    return decimalSign === ',' ? digits.replace(/^(\d*),(\d*)$/, '$1.$2') : digits;
  }
  return /^(?:and|or|not|mod)$/.test(text) ? ` ${text} ` : (signs[text] ?? text);
}

class Reader implements ValueReader {
  constructor(private readonly decimalSign: DecimalSign) {}

  private depth = 0;

  readonly awaited: ValueReader['awaited'] = [];

  join = joined;

  endsTerm(node: Presentation): boolean {
    const text = leafText(node);
    return text !== null && ENDS_TERM.has(text.trim());
  }

  raised(exponent: Presentation): string {
    const text = this.whole(exponent);
    if (/^(?:°|'{1,2}|")$/.test(text)) return text === "''" ? '"' : text;
    return /^(?:-?\d+|[A-Za-z])$/.test(text) ? `^${text}` : `^(${text})`;
  }

  row(kids: readonly Presentation[]): string {
    const texts: string[] = [];
    for (let at = 0; at < kids.length;) {
      const { text, end } = this.unit(kids, at);
      texts.push(text);
      at = end;
    }
    return joined(texts);
  }

  unit(row: readonly Presentation[], at: number): { text: string; end: number } {
    this.depth += 1;
    if (this.depth > DEEPEST) throw new Unreadable();
    const read = this.matrix(row, at) ?? this.call(row, at) ?? this.bracket(row, at) ?? this.single(row, at);
    this.depth -= 1;
    return read;
  }

  private call(row: readonly Presentation[], at: number): { text: string; end: number } | null {
    for (const { fn, values, layout, isNameOverNumbers } of candidatesAt(row, at)) {
      const found: Found | null = matchLayout(layout, row, at, this);
      if (found === null) continue;
      const args = Array.from({ length: values }, (_, i) => found.values.get(i) ?? '');
      if (isNameOverNumbers && args.some((arg) => DIGITS.test(arg))) continue;
      return { text: `${fn}(${args.join(',')})${found.power}`, end: found.end };
    }
    return null;
  }

  /** A table of entries with the fences around it, and a power upon them. */
  private matrix(row: readonly Presentation[], at: number): { text: string; end: number } | null {
    const [open, table, last] = [row[at], row[at + 1], row[at + 2]];
    const sign = open === undefined ? null : leafText(open);
    const close = sign === null ? undefined : MATRIX_FENCES[sign];
    if (sign === null || close === undefined || table?.tag !== 'mtable' || last === undefined) return null;
    const isRaised = last.tag === 'msup';
    if (leafText(isRaised ? kidAt(last, 0) : last) !== close) return null;
    const power = isRaised ? this.raised(kidAt(last, 1)) : '';
    const text = this.table(table);
    return { text: (sign === '|' ? `det(${text})` : text) + power, end: at + 3 };
  }

  private table({ kids }: Presentation): string {
    const rows = seenOf(kids).map((line) => line.kids.map((cell) => this.row(rowOf(cell))));
    if (rows.length === 0) throw new Unreadable();
    const lines = rows.map((cells) => cells.join(','));
    return rows.every(({ length }) => length === 1)
      ? `[${lines.join(',')}]`
      : `[${lines.map((l) => `[${l}]`).join(',')}]`;
  }

  /** Brackets with what stands between them, so that a sum in them ends no term outside. */
  private bracket(row: readonly Presentation[], at: number): { text: string; end: number } | null {
    const end = closingOf(row, at);
    const close = end === null ? undefined : row[end];
    if (end === null || close === undefined) return null;
    return { text: `(${this.row(row.slice(at + 1, end))}${this.node(close)}`, end: end + 1 };
  }

  private single(row: readonly Presentation[], at: number): { text: string; end: number } {
    const mixed = mixedAt(row, at);
    if (mixed !== null) return { text: mixed, end: at + 2 };
    const node = row[at];
    if (node === undefined) throw new Unreadable();
    return { text: this.node(node), end: at + 1 };
  }

  /** An element by itself, read as a row is, so that roots and calls are found in it. */
  private whole(node: Presentation): string {
    return this.row(rowOf(node));
  }

  private node(node: Presentation): string {
    const text = leafText(node);
    if (text !== null) return leafAsTyped(node.tag, text.trim(), this.decimalSign);
    if (isGroup(node)) return this.row(rowOf(node));
    switch (node.tag) {
      case 'mfrac': {
        const [top, below] = [this.whole(kidAt(node, 0)), this.whole(kidAt(node, 1))];
        return `((${top})/(${below}))`;
      }
      case 'binomial':
        return `nCr(${this.whole(kidAt(node, 0))},${this.whole(kidAt(node, 1))})`;
      case 'mtable':
        return this.table(node);
      case 'msub': {
        // An index asks for an entry of what can be a matrix; on anything else it would be part of a name.
        const base = kidAt(node, 0);
        const name = leafText(base);
        if (name !== null && !/^(?:[A-Z]|Ans)$/.test(name)) throw new Unreadable();
        return `${this.whole(base)}[${this.whole(kidAt(node, 1))}]`;
      }
      case 'msup':
        return this.whole(kidAt(node, 0)) + this.raised(kidAt(node, 1));
      case 'mover': {
        const under = this.whole(kidAt(node, 0));
        // Over digits a bar marks what recurs.
        if (!DIGITS.test(under)) throw new Unreadable();
        return [...under].map((digit) => `${digit}\u0305`).join('');
      }
      default:
        throw new Unreadable();
    }
  }
}

/**
 * Typed text (with a decimal point) for a formula as it stands on the page; null for what is beyond it. A comma between
 * digits is decimal only where that sign is set: elsewhere it might as well part thousands.
 */
export function readPresentation(root: Presentation, decimalSign: DecimalSign): string | null {
  try {
    return new Reader(decimalSign).row(rowOf(root)).replace(/\s+/g, ' ').trim();
  } catch (error) {
    if (error instanceof Unreadable) return null;
    throw error;
  }
}
