import { DEEPEST } from './token-cursor';

/** Commands that stand for one sign of typed text. */
const signs: Readonly<Record<string, string>> = {
  cdot: '*',
  times: '*',
  div: '÷',
  pi: 'pi',
  infty: 'inf',
  le: '<=',
  leq: '<=',
  ge: '>=',
  geq: '>=',
  ne: '!=',
  neq: '!=',
  lt: '<',
  gt: '>',
  land: ' and ',
  lor: ' or ',
  lnot: 'not ',
  bmod: ' mod ',
  mod: ' mod ',
  degree: '°',
  circ: '°',
  prime: "'",
  '%': '%',
  lbrace: '(',
  rbrace: ')',
};

const functions: Readonly<Record<string, string>> = {
  arcsin: 'asin',
  arccos: 'acos',
  arctan: 'atan',
  lg: 'lg',
};

const NAMED =
  /^(?:sin|cos|tan|sec|csc|cot|arcsin|arccos|arctan|sinh|cosh|tanh|ln|lg|log|exp|min|max|gcd|arg|sqrt|cbrt|abs|floor|ceil|round|lcm|nCr|nPr)$/;
/** Spaces and switches that change nothing of the meaning. */
const SILENT = /^(?:[,;:! ]|quad|qquad|left|right|big|Big|bigg|Bigg|displaystyle|textstyle|limits|nolimits|thinspace)$/;

const TOKEN = /\\([A-Za-z]+|.)|[{}[\]^_&~]|\d+(?:\.\d+)?|[^\s]/g;

/** What ends the term that a sum sign reaches over: another term, a relation, or the end of what it stands in. */
const AFTER_TERM = /^(?:[+\-−=<>})\]&,]|\\(?:right|end|\\|l[te]q?|g[te]q?|neq?|land|lor))$/;

type Token = Readonly<{ text: string; command: string | null }>;

class Unreadable extends Error {}

class Latex {
  private at = 0;
  private readonly tokens: readonly Token[];

  constructor(source: string) {
    this.tokens = [...source.matchAll(TOKEN)].map((m) => ({ text: m[0], command: m[1] ?? null }));
  }

  private depth = 0;

  all(): string {
    const text = this.row(() => this.at >= this.tokens.length);
    return text;
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

  private row(isEnd: () => boolean): string {
    this.depth += 1;
    if (this.depth > DEEPEST) throw new Unreadable();
    let made = '';
    while (!isEnd()) {
      if (this.at >= this.tokens.length) throw new Unreadable();
      const part = this.part();
      // Two names or numbers must not run together.
      const gap = /[A-Za-z]$/.test(made) && /^[A-Za-z]/.test(part) && (made.length > 1 || part.length > 1) ? ' ' : '';
      made += gap + part;
    }
    this.depth -= 1;
    return made;
  }

  /** What is in braces, or the one token that stands for it. */
  private argument(): string {
    if (!this.is('{')) return this.atom();
    this.take();
    const text = this.row(() => this.is('}'));
    this.expect('}');
    return text;
  }

  private part(): string {
    const { token } = this;
    if (token?.command === 'left') {
      this.take();
      if (this.is('.')) return this.derivative();
      return this.is('|') ? this.bars(() => this.nextIsRight('|')) : '';
    }
    if (token?.command !== null && token?.command !== undefined && SILENT.test(token.command)) {
      this.take();
      return '';
    }
    if (token?.text === '~' || token?.text === '&') {
      this.take();
      return '';
    }
    if (token?.text === '^') {
      this.take();
      return this.raised(this.argument());
    }
    return this.atom();
  }

  private raised(exponent: string): string {
    if (exponent === '°' || exponent === "'" || exponent === "''") return exponent === "''" ? '"' : exponent;
    return /^\d+$/.test(exponent) || /^[A-Za-z]$/.test(exponent) ? `^${exponent}` : `^(${exponent})`;
  }

  private atom(): string {
    const { text, command } = this.take();
    if (command !== null) return this.command(command);
    switch (text) {
      case '{': {
        const inner = this.row(() => this.is('}'));
        this.expect('}');
        return inner;
      }
      case '|':
        this.at -= 1;
        return this.bars(() => this.is('|'));
      case '[':
        return '(';
      case ']':
        return ')';
      case '_':
      case '}':
        throw new Unreadable();
      default:
        return text;
    }
  }

  private bars(isEnd: () => boolean): string {
    this.expect('|');
    const inner = this.row(isEnd);
    this.skipRight();
    this.expect('|');
    return `abs(${inner})`;
  }

  private nextIsRight(text: string): boolean {
    return this.token?.command === 'right' && this.tokens[this.at + 1]?.text === text;
  }

  private skipRight(): void {
    if (this.token?.command === 'right') this.take();
  }

  private command(name: string): string {
    const sign = signs[name];
    if (sign !== undefined) return sign;
    switch (name) {
      case 'frac':
      case 'dfrac':
      case 'tfrac': {
        const [top, below] = [this.argument(), this.argument()];
        return `((${top})/(${below}))`;
      }
      case 'binom': {
        const [n, r] = [this.argument(), this.argument()];
        return `nCr(${n},${r})`;
      }
      case 'sqrt': {
        if (!this.is('[')) return `sqrt(${this.argument()})`;
        this.take();
        const index = this.row(() => this.is(']'));
        this.expect(']');
        return `root(${index},${this.argument()})`;
      }
      case 'overline': {
        // Over digits it marks what recurs, over anything else it is the conjugate.
        const under = this.argument();
        return /^\d+$/.test(under) ? [...under].map((digit) => `${digit}\u0305`).join('') : `conj(${under})`;
      }
      case 'begin':
        return this.cases();
      case 'mathrm':
      case 'operatorname':
      case 'mathit':
      case 'text':
        return this.named(this.argument().replaceAll(' ', ''));
      case 'lvert':
      case 'rvert':
        return this.fenced('rvert', 'abs');
      case 'lfloor':
        return this.fenced('rfloor', 'floor');
      case 'lceil':
        return this.fenced('rceil', 'ceil');
      case 'sum':
      case 'prod':
        return this.bound(name);
      case 'int':
        return this.integral();
      default:
        if (NAMED.test(name)) return this.named(name);
        throw new Unreadable();
    }
  }

  private fenced(end: string, fn: string): string {
    const inner = this.row(
      () =>
        this.token?.command === end || (this.token?.command === 'right' && this.tokens[this.at + 1]?.command === end),
    );
    this.skipRight();
    this.take();
    return `${fn}(${inner})`;
  }

  /** A function: its base, its power, then its argument, which is a bracket or the factor that follows. */
  private named(name: string): string {
    const fn = functions[name] ?? name;
    if (!NAMED.test(name) && !NAMED.test(fn)) return name;
    let base: string | null = null;
    let power: string | null = null;
    for (;;) {
      if (this.is('_')) {
        this.take();
        base = this.argument();
      } else if (this.is('^')) {
        this.take();
        power = this.argument();
      } else break;
    }
    while (this.token?.command !== null && this.token !== undefined && SILENT.test(this.token.command)) this.take();
    const isBracketed = this.is('(');
    let argument: string;
    if (isBracketed) {
      this.take();
      argument = this.inBrackets();
    } else argument = this.factor();
    const called = power === '-1' ? `a${fn}` : fn;
    const made = base === null ? `${called}(${argument})` : `${called}(${argument},${base})`;
    return power === null || power === '-1' ? made : `(${made})${this.raised(power)}`;
  }

  private inBrackets(): string {
    let depth = 0;
    const inner = this.row(() => {
      if (depth === 0 && (this.is(')') || this.nextIsRight(')'))) return true;
      if (this.is('(')) depth += 1;
      if (this.is(')')) depth -= 1;
      return false;
    });
    this.skipRight();
    this.expect(')');
    return inner;
  }

  /** One factor with its power. */
  private factor(): string {
    let made = this.part();
    while (made === '' && this.token !== undefined) made = this.part();
    while (this.is('^')) made += this.part();
    return made;
  }

  /** The term that a sum sign reaches over: up to the next + or −, or the end. */
  private term(): string {
    let depth = 0;
    return this.row(() => {
      const { token } = this;
      if (token === undefined) return true;
      if (depth === 0 && AFTER_TERM.test(token.text)) return true;
      if (token.text === '(') depth += 1;
      if (token.text === ')') depth -= 1;
      return false;
    });
  }

  private limits(): { low: string; high: string } {
    let [low, high] = ['', ''];
    while (this.is('_') || this.is('^') || this.token?.command === 'limits') {
      const { text } = this.take();
      if (text === '_') low = this.argument();
      else if (text === '^') high = this.argument();
    }
    return { low, high };
  }

  private bound(fn: string): string {
    const { low, high } = this.limits();
    const start = /^([A-Za-z])=(.+)$/.exec(low);
    if (start === null || high === '') throw new Unreadable();
    const of = this.term();
    return `${fn}(${of},${start[1]},${start[2]},${high})`;
  }

  /** A slope at a place: the fraction of differentials, what it is of, and a bar with the place. */
  private derivative(): string {
    this.expect('.');
    if (!/^[dt]?frac$/.test(this.take().command ?? '')) throw new Unreadable();
    const [above, below] = [this.argument(), this.argument().replaceAll(' ', '')];
    const letter = /^d([A-Za-z])$/.exec(below)?.[1];
    if (above !== 'd' || letter === undefined) throw new Unreadable();
    const of = this.row(() => this.nextIsRight('|'));
    this.skipRight();
    this.expect('|');
    this.expect('_');
    const at = /^([A-Za-z])=(.+)$/.exec(this.argument());
    if (at?.[1] !== letter) throw new Unreadable();
    return `derivative(${of},${letter},${at[2]})`;
  }

  /** Values and their conditions, row by row; the last value holds otherwise. */
  private cases(): string {
    if (this.argument().replaceAll(' ', '') !== 'cases') throw new Unreadable();
    const args: string[] = [];
    const isRowEnd = (): boolean => this.token?.command === '\\' || this.token?.command === 'end';
    for (;;) {
      const value = this.row(() => this.is('&'));
      this.expect('&');
      const condition = this.row(isRowEnd)
        .trim()
        .replace(/^if\b\s*/, '');
      const isLast = this.take().command === 'end';
      if (/^(?:otherwise|else)$/.test(condition)) args.push(value);
      else args.push(condition, value);
      if (isLast) break;
    }
    this.argument();
    if (args.length % 2 === 0) throw new Unreadable();
    return `cases(${args.join(',')})`;
  }

  private integral(): string {
    const { low, high } = this.limits();
    if (low === '' || high === '') throw new Unreadable();
    // The differential may be written d, \mathrm{d} or \text{d} before its letter.
    const isDifferential = (): boolean => {
      const [a, b, c, d, e] = Array.from({ length: 5 }, (_, i) => this.tokens[this.at + i]?.text);
      if (a === 'd' && b !== undefined && /^[A-Za-z]$/.test(b)) return true;
      return (a === '\\mathrm' || a === '\\text') && b === '{' && c === 'd' && d === '}' && /^[A-Za-z]$/.test(e ?? '');
    };
    const of = this.row(isDifferential);
    this.at += this.is('d') ? 1 : 4;
    return `integral(${of},${this.take().text},${low},${high})`;
  }
}

/**
 * Typed text (with a decimal point) for the LaTeX of school mathematics: fractions, powers, roots, functions, sums,
 * products, integrals, bars, degrees, relations. Null for what is beyond it.
 */
export function readLatex(source: string): string | null {
  const bare = source
    .trim()
    .replace(/^\$\$?|\$\$?$/g, '')
    .replace(/^\\[([]|\\[)\]]$/g, '');
  try {
    return new Latex(bare).all().replace(/\s+/g, ' ').trim();
  } catch (error) {
    if (error instanceof Unreadable) return null;
    throw error;
  }
}
