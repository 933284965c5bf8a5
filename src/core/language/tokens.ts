import type { FunctionShape } from '../function';
import { angleUnits } from '../base/angle';
import type { AngleUnit } from '../base/angle';
import { span } from '../base/span';
import type { Span } from '../base/span';
import { prefixSigns } from '../function';
import { mayHoldBases, readBasedNumeral } from './based-numerals';
import { plainSigns } from './look-alikes';
import { readNumeral } from './numerals';
import type { DecimalSign } from './numerals';
import { operators } from './operators';
import type { OperatorName } from './operators';
import type { ConstantName } from './tree';

export type { FunctionShape };

/** The functions that may be called. Keys are all names that are read. */
export type FunctionNames = ReadonlyMap<string, FunctionShape>;

export type ReadingOptions = Readonly<{
  functions: FunctionNames;
  decimalSign: DecimalSign;
  impliedFirst: boolean;
  /** Names of columns that may stand anywhere; elsewhere one stands only as a whole value of a function of lists. */
  columns?: ReadonlySet<string>;
  /** More parts than this are refused, so that every later walk has the stack for them; raised only to measure. */
  mostNodes?: number;
}>;

type Kind =
  | { kind: 'number'; written: string; isPlainWhole: boolean }
  | { kind: 'badNumber' }
  | { kind: 'based'; digits: string; base: number }
  | { kind: 'vulgar'; n: bigint; d: bigint }
  | { kind: 'superscript'; value: bigint }
  | { kind: 'operator'; op: OperatorName }
  | { kind: 'unitWord'; unit: AngleUnit }
  | { kind: 'function'; fn: string }
  | { kind: 'prefixSign'; fn: string }
  | { kind: 'constant'; name: ConstantName }
  | { kind: 'letter'; name: string }
  | { kind: BareKind | 'strayComma' | 'unknown' | 'separator' | 'assign' | 'end' };

/** Signs that say nothing but what they are. */
type BareKind = 'baseWord' | 'open' | 'close' | 'squareOpen' | 'squareClose' | 'minute' | 'second' | 'box';

export type Token = Readonly<Kind & { span: Span; text: string; spaced: boolean }>;
export type TokenKind = Token['kind'];

const vulgar: ReadonlyMap<string, readonly [bigint, bigint]> = new Map(
  Object.entries({
    '½': [1n, 2n],
    '⅓': [1n, 3n],
    '⅔': [2n, 3n],
    '¼': [1n, 4n],
    '¾': [3n, 4n],
    '⅕': [1n, 5n],
    '⅖': [2n, 5n],
    '⅗': [3n, 5n],
    '⅘': [4n, 5n],
    '⅙': [1n, 6n],
    '⅚': [5n, 6n],
    '⅐': [1n, 7n],
    '⅛': [1n, 8n],
    '⅜': [3n, 8n],
    '⅝': [5n, 8n],
    '⅞': [7n, 8n],
    '⅑': [1n, 9n],
    '⅒': [1n, 10n],
  } as const),
);

/** The sign of a simple fraction that has one of its own; others are written out. */
export const vulgarSign = (n: bigint, d: bigint): string =>
  [...vulgar].find(([, [top, below]]) => top === n && below === d)?.[0] ?? `(${n}/${d})`;

const superscripts = '⁰¹²³⁴⁵⁶⁷⁸⁹';
const SUPERSCRIPT = /⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+/y;
/** The printed form of a whole exponent. */
export const toSuperscript = (n: bigint): string =>
  [...n.toString()].map((c) => (c === '-' ? '⁻' : superscripts.charAt(Number(c)))).join('');

const constants: Readonly<Record<string, ConstantName>> = {
  pi: 'pi',
  π: 'pi',
  e: 'e',
  i: 'i',
  inf: 'inf',
  Ans: 'Ans',
  total: 'total',
};
/** Operators that are words. */
const words: Readonly<Record<string, OperatorName>> = { mod: 'mod', and: 'and', or: 'or', not: 'not' };

const signs = new Map<string, OperatorName>();
for (const [name, row] of Object.entries(operators) as [OperatorName, (typeof operators)[OperatorName]][])
  if (row.kind !== 'prefix')
    for (const sign of row.reads as readonly string[]) if (!/^[a-z]/.test(sign)) signs.set(sign, name);

const punctuation: Readonly<Record<string, BareKind>> = {
  '(': 'open',
  ')': 'close',
  '[': 'squareOpen',
  ']': 'squareClose',
  "'": 'minute',
  '′': 'minute',
  '’': 'minute',
  '"': 'second',
  '″': 'second',
  '”': 'second',
  '▯': 'box',
};

/** Blank, no-break, thin and narrow no-break spaces, tabs and line ends. */
const isSpace = (code: number): boolean =>
  code === 32 || (code >= 9 && code <= 13) || code === 0xa0 || code === 0x2009 || code === 0x202f || code === 0xfeff;

const longest = new WeakMap<FunctionNames, ReadonlyMap<string, number>>();

/** How long the longest name is that begins with each letter: a run of letters is searched for no longer ones. */
function longestNames(functions: FunctionNames): ReadonlyMap<string, number> {
  const before = longest.get(functions);
  if (before !== undefined) return before;
  const result = new Map<string, number>();
  for (const name of [...functions.keys(), ...Object.keys(constants), ...Object.keys(words), ...angleUnits])
    result.set(name.charAt(0), Math.max(result.get(name.charAt(0)) ?? 0, name.length));
  longest.set(functions, result);
  return result;
}

const units: ReadonlyMap<string, AngleUnit> = new Map(angleUnits.map((unit) => [unit, unit]));
const NAME = /[A-Za-zπ]+/y;
const COLUMN = /[\p{L}_][\p{L}\p{N}_]*/uy;

const endsOperand = (token: Token | undefined): boolean => {
  if (token === undefined) return false;
  if (token.kind === 'operator') return operators[token.op].kind === 'postfix';
  return !['function', 'prefixSign', 'open', 'squareOpen', 'separator', 'strayComma', 'assign', 'unknown'].includes(
    token.kind,
  );
};

/** Reads tokens one after another. Each kind is made in one place, so that tokens of a kind have one shape. */
class Tokeniser {
  readonly tokens: Token[] = [];
  private at = 0;
  private spaced = false;
  private readonly holdsBases: boolean;
  /** Of the brackets that are open, whether they hold the values of a function of lists, and which. */
  private readonly open: (FunctionShape['lists'] | null)[] = [];

  constructor(
    private readonly text: string,
    private readonly options: ReadingOptions,
  ) {
    this.holdsBases = mayHoldBases(text);
  }

  run(): readonly Token[] {
    const { text } = this;
    for (;;) {
      const start = this.at;
      while (this.at < text.length && isSpace(text.charCodeAt(this.at))) this.at += 1;
      this.spaced = this.at > start;
      if (this.at >= text.length) {
        this.tokens.push({ kind: 'end', ...this.place(0) });
        return this.tokens;
      }
      const token = this.based() ?? this.number() ?? this.column() ?? this.name() ?? this.sign();
      this.noteBracket(token);
      this.tokens.push(token);
      this.at = token.span.to;
    }
  }

  private place(length: number): { span: Span; text: string; spaced: boolean } {
    const { at } = this;
    return { span: span(at, at + length), text: this.text.slice(at, at + length), spaced: this.spaced };
  }

  private noteBracket({ kind }: Token): void {
    if (kind === 'close') this.open.pop();
    if (kind !== 'open') return;
    const before = this.tokens.at(-1);
    const lists = before?.kind === 'function' ? this.options.functions.get(before.fn)?.lists : undefined;
    this.open.push(lists ?? null);
  }

  /** The name of a column: one that is known, or a whole value of a function of lists. Names of the language come first. */
  private column(): Token | null {
    const { text, at, options } = this;
    const lists = this.open.at(-1) ?? null;
    if (lists === null && options.columns === undefined) return null;
    COLUMN.lastIndex = at;
    const word = COLUMN.exec(text)?.[0];
    if (word === undefined || word.length < 2 || this.isKnown(word)) return null;
    const token: Token = { kind: 'letter', name: word, ...this.place(word.length) };
    if (options.columns?.has(word) === true) return token;
    const before = this.tokens.at(-1)?.kind;
    const begins = before === 'open' || (lists === 'several' && before === 'separator');
    const after = text
      .slice(at + word.length)
      .trimStart()
      .charAt(0);
    const separator = options.decimalSign === ',' ? ';' : ',';
    const ends = after === '' || after === ')' || (lists === 'several' && after === separator);
    return lists !== null && begins && ends ? token : null;
  }

  private isKnown = (name: string): boolean =>
    this.options.functions.has(name) || Object.hasOwn(constants, name) || Object.hasOwn(words, name) || units.has(name);

  private based(): Token | null {
    const found = this.holdsBases ? readBasedNumeral(this.text, this.at, this.options.decimalSign) : null;
    if (found === null) return this.baseWord();
    const { digits, base, isWellFormed, length } = found;
    const place = this.place(length);
    return isWellFormed ? { kind: 'based', digits, base, ...place } : { kind: 'badNumber', ...place };
  }

  /** The word behind digits whose base is still to be written. */
  private baseWord(): Token | null {
    const isWord = this.spaced && /^base(?![A-Za-z])/.test(this.text.slice(this.at, this.at + 5));
    return this.holdsBases && isWord && endsOperand(this.tokens.at(-1)) ? { kind: 'baseWord', ...this.place(4) } : null;
  }

  private number(): Token | null {
    const number = readNumeral(this.text, this.at, this.options.decimalSign);
    if (number === null) return null;
    const { written, isWellFormed, isPlainWhole, length } = number;
    const place = this.place(length);
    return isWellFormed ? { kind: 'number', written, isPlainWhole, ...place } : { kind: 'badNumber', ...place };
  }

  /** The longest known name that begins here: a function, a constant, a word, else one letter. */
  private name(): Token | null {
    const { text, at, options } = this;
    NAME.lastIndex = at;
    const letters = NAME.exec(text)?.[0];
    if (letters === undefined) return null;
    const most = longestNames(options.functions).get(letters.charAt(0)) ?? 0;
    for (let length = Math.min(letters.length, most); length > 0; length -= 1) {
      const name = letters.slice(0, length);
      // `mod` stands between two numbers or before two in brackets.
      const fn = name === 'mod' && endsOperand(this.tokens.at(-1)) ? undefined : options.functions.get(name);
      if (fn !== undefined) return { kind: 'function', fn: fn.name, ...this.place(length) };
      const constant = Object.hasOwn(constants, name) ? constants[name] : undefined;
      if (constant !== undefined) return { kind: 'constant', name: constant, ...this.place(length) };
      const word = Object.hasOwn(words, name) ? words[name] : undefined;
      if (word !== undefined) return { kind: 'operator', op: word, ...this.place(length) };
      const unit = units.get(name);
      if (unit !== undefined) return { kind: 'unitWord', unit, ...this.place(length) };
    }
    return { kind: 'letter', name: letters.charAt(0), ...this.place(1) };
  }

  private sign(): Token {
    const { text, at } = this;
    const char = String.fromCodePoint(text.codePointAt(at) ?? 0);
    const bare = punctuation[char];
    if (bare !== undefined) return { kind: bare, ...this.place(1) };
    if (text.startsWith(':=', at)) return { kind: 'assign', ...this.place(2) };
    const two = text.slice(at, at + 2);
    const pair = two.length === 2 ? signs.get(two) : undefined;
    if (pair !== undefined) return { kind: 'operator', op: pair, ...this.place(2) };
    const op = signs.get(char);
    if (op !== undefined) return { kind: 'operator', op, ...this.place(1) };
    const separator = this.options.decimalSign === ',' ? ';' : ',';
    if (char === separator) return { kind: 'separator', ...this.place(1) };
    return this.rareSign(char);
  }

  private rareSign(char: string): Token {
    SUPERSCRIPT.lastIndex = this.at;
    const raised = SUPERSCRIPT.exec(this.text)?.[0];
    if (raised !== undefined) {
      const digits = [...raised].map((c) => (c === '⁻' ? '-' : superscripts.indexOf(c).toString())).join('');
      return { kind: 'superscript', value: BigInt(digits), ...this.place(raised.length) };
    }
    const place = this.place(char.length);
    const fraction = vulgar.get(char);
    if (fraction !== undefined) return { kind: 'vulgar', n: fraction[0], d: fraction[1], ...place };
    const root = prefixSigns.get(char);
    if (root !== undefined) return { kind: 'prefixSign', fn: root, ...place };
    if (char === '∞') return { kind: 'constant', name: 'inf', ...place };
    return { kind: char === ',' ? 'strayComma' : 'unknown', ...place };
  }
}

/** The tokens of a typed line, the last one `end`. Never fails: what cannot be read is a token of its own kind. */
export const tokenise = (text: string, options: ReadingOptions): readonly Token[] =>
  new Tokeniser(plainSigns(text), options).run();
