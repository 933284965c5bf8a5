import { functionNames } from '../function';
import { latexSigns } from '../notation/latex-signs';
import type { DecimalSign } from './numerals';
import { Unreadable, leaf, part, seenOf } from './presentation';
import type { Presentation } from './presentation';
import { readPresentation } from './read-presentation';
import { DEEPEST } from './token-cursor';

/** Commands that stand for one sign. */
const signs: Readonly<Record<string, string>> = {
  cdot: '·',
  times: '×',
  div: '÷',
  le: '≤',
  leq: '≤',
  ge: '≥',
  geq: '≥',
  ne: '≠',
  neq: '≠',
  lt: '<',
  gt: '>',
  pi: 'π',
  infty: '∞',
  degree: '°',
  circ: '°',
  prime: '′',
  land: 'and',
  wedge: 'and',
  lor: 'or',
  vee: 'or',
  lnot: 'not',
  neg: 'not',
  bmod: 'mod',
  mod: 'mod',
  '%': '%',
  '{': '(',
  '}': ')',
  lbrace: '(',
  rbrace: ')',
  vert: '|',
  lvert: '|',
  rvert: '|',
  ...Object.fromEntries(
    Object.entries(latexSigns).flatMap(([sign, command]) => (sign === '{' ? [] : [[command.slice(1).trim(), sign]])),
  ),
};

/** Spaces and switches that change nothing of the meaning. */
const SILENT =
  /^(?:[,;:! ]|quad|qquad|big|Big|bigg|Bigg|[bB]ig{1,2}[lr]|displaystyle|textstyle|limits|nolimits|thinspace)$/;
const UPRIGHT = /^(?:mathrm|operatorname|mathit|text|textrm|mbox)$/;

const TOKEN = /\\([A-Za-z]+|.)|[{}[\]^_&~]|\d+(?:(?:\.|\{,\})\d+)?|[^\s]/g;

type Token = Readonly<{ text: string; command: string | null }>;

/** The tokens as a formula on the page. */
class Latex {
  private at = 0;
  private depth = 0;
  private readonly tokens: readonly Token[];

  constructor(source: string) {
    this.tokens = [...source.matchAll(TOKEN)].map(([text, command]) => ({ text, command: command ?? null }));
  }

  all(): Presentation {
    return this.row(() => this.at >= this.tokens.length);
  }

  private get token(): Token | undefined {
    return this.tokens[this.at];
  }

  private take(): Token {
    const { token } = this;
    if (token === undefined) throw new Unreadable();
    this.at += 1;
    return token;
  }

  private is(text: string): boolean {
    return this.token?.text === text;
  }

  private expect(text: string): void {
    if (this.take().text !== text) throw new Unreadable();
  }

  private isSilent(): boolean {
    const { token } = this;
    if (token === undefined) return false;
    return token.command === null ? /^[~&]$/.test(token.text) : SILENT.test(token.command);
  }

  private row(isEnd: () => boolean): Presentation {
    this.depth += 1;
    if (this.depth > DEEPEST) throw new Unreadable();
    const kids: Presentation[] = [];
    while (!isEnd()) {
      if (this.token === undefined) throw new Unreadable();
      if (this.isSilent()) this.at += 1;
      else kids.push(this.scripted(this.atom()));
    }
    this.depth -= 1;
    return part('mrow', ...kids);
  }

  /** What is in braces, or the one token that stands for it. */
  private argument(): Presentation {
    while (this.token !== undefined && this.isSilent()) this.at += 1;
    return this.atom();
  }

  private braced(): Presentation {
    const inner = this.row(() => this.is('}'));
    this.expect('}');
    return inner;
  }

  /** What was read with what is lowered and raised after it. */
  private scripted(base: Presentation): Presentation {
    let low: Presentation | null = null;
    let high: Presentation | null = null;
    for (;;) {
      if (this.token?.command === 'limits' || this.token?.command === 'nolimits') this.at += 1;
      else if (this.is('_') && low === null) low = this.script();
      else if (this.is('^') && high === null) high = this.script();
      else break;
    }
    if (low !== null) return high === null ? part('msub', base, low) : part('msubsup', base, low, high);
    return high === null ? base : part('msup', base, high);
  }

  private script(): Presentation {
    this.at += 1;
    return this.argument();
  }

  private atom(): Presentation {
    const { text, command } = this.take();
    if (command !== null) return this.command(command);
    switch (text) {
      case '{':
        return this.braced();
      case '^':
        // Without a base, as in the degrees of an empty group.
        return part('msup', part('mrow'), this.argument());
      case '_':
      case '}':
        throw new Unreadable();
      default:
        return /^\d/.test(text)
          ? leaf('mn', text.replace('{,}', ','))
          : leaf(/^[A-Za-z]$/.test(text) ? 'mi' : 'mo', text);
    }
  }

  private command(name: string): Presentation {
    const sign = signs[name];
    if (sign !== undefined) return leaf('mo', sign);
    switch (name) {
      case 'frac':
      case 'dfrac':
      case 'tfrac':
        return part('mfrac', this.argument(), this.argument());
      case 'binom':
        return part('binomial', this.argument(), this.argument());
      case 'sqrt': {
        if (!this.is('[')) return part('msqrt', this.argument());
        this.take();
        const index = this.row(() => this.is(']'));
        this.expect(']');
        return part('mroot', this.argument(), index);
      }
      case 'overline':
      case 'bar':
        return part('mover', this.argument(), leaf('mo', '¯'));
      case 'left':
        return this.fenced();
      case 'begin':
        return this.table();
      default:
        if (UPRIGHT.test(name)) return leaf('mi', wordsOf(this.argument()));
        if (functionNames.has(name)) return leaf('mi', name);
        throw new Unreadable();
    }
  }

  /** One sign of a pair that grows; null for the full stop that stands for none. */
  private fence(): Presentation | null {
    if (!this.is('.')) return this.atom();
    this.take();
    return null;
  }

  private fenced(): Presentation {
    const open = this.fence();
    const inner = this.row(() => this.token?.command === 'right');
    this.take();
    const close = this.fence();
    // A bar that closes nothing bears the place at its foot itself.
    if (open === null && close !== null) return part('mrow', ...inner.kids, this.scripted(close));
    return part('mrow', ...(open === null ? [] : [open]), ...inner.kids, ...(close === null ? [] : [close]));
  }

  private table(): Presentation {
    const name = wordsOf(this.argument());
    const fences = MATRICES[name];
    if (fences !== undefined) return this.matrix(fences);
    if (name !== 'cases') throw new Unreadable();
    return this.branches();
  }

  /** Entries, row by row, between the fences that the name of the environment tells. */
  private matrix([open, close]: readonly [string, string]): Presentation {
    const rows: Presentation[] = [];
    const isCellEnd = (): boolean => this.is('&') || this.token?.command === '\\' || this.token?.command === 'end';
    for (let isLast = false; !isLast;) {
      const cells: Presentation[] = [];
      let isRow = true;
      while (isRow) {
        cells.push(part('mtd', this.row(isCellEnd)));
        isRow = this.is('&');
        if (isRow) this.take();
      }
      isLast = this.take().command === 'end';
      // A row that is ended and empty is no row.
      if (cells.length > 1 || seenOf(cells).length > 0) rows.push(part('mtr', ...cells));
    }
    this.argument();
    const table = part('mtable', ...rows);
    return open === '' ? table : part('mrow', leaf('mo', open), table, leaf('mo', close));
  }

  /** Values and their conditions, row by row. */
  private branches(): Presentation {
    const rows: Presentation[] = [];
    const isRowEnd = (): boolean => this.token?.command === '\\' || this.token?.command === 'end';
    for (let isLast = false; !isLast;) {
      const value = this.row(() => this.is('&'));
      this.expect('&');
      rows.push(part('mtr', part('mtd', value), part('mtd', this.row(isRowEnd))));
      isLast = this.take().command === 'end';
    }
    this.argument();
    return part('mrow', leaf('mo', '{'), part('mtable', ...rows));
  }
}

/** Environments of matrices and what stands around them. */
const MATRICES: Readonly<Record<string, readonly [string, string]>> = {
  matrix: ['', ''],
  pmatrix: ['(', ')'],
  bmatrix: ['[', ']'],
  vmatrix: ['|', '|'],
};

/** The letters of a word, without the spaces around it. */
const wordsOf = ({ text, kids }: Presentation): string => text + kids.map(wordsOf).join('');

/**
 * Typed text (with a decimal point) for the LaTeX of school mathematics: fractions, powers, degrees, relations, and all
 * that functions have as their notation. Null for what is beyond it.
 */
export function readLatex(source: string, decimalSign: DecimalSign): string | null {
  const bare = source
    .trim()
    .replace(/^\$\$?|\$\$?$/g, '')
    .replace(/^\\[([]|\\[)\]]$/g, '');
  try {
    return readPresentation(new Latex(bare).all(), decimalSign);
  } catch (error) {
    if (error instanceof Unreadable) return null;
    throw error;
  }
}
