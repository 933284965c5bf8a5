import { angleUnits } from '../base/angle';
import type { AngleUnit } from '../base/angle';
import { span } from '../base/span';
import type { Span } from '../base/span';
import { readNumeral } from './numerals';
import type { DecimalSign } from './numerals';
import { operators } from './operators';
import type { OperatorName } from './operators';
import type { ConstantName } from './tree';

/** What the language needs to know of a function. `form`: its second argument is the letter that it binds, or it takes conditions and values in turn. */
export type FunctionShape = Readonly<{ name: string; least: number; most: number; form?: 'binder' | 'cases' }>;

/** The functions that may be called. Keys are all names that are read. */
export type FunctionNames = ReadonlyMap<string, FunctionShape>;

export type ReadingOptions = Readonly<{
  functions: FunctionNames;
  decimalSign: DecimalSign;
  impliedFirst: boolean;
}>;

type Kind =
  | { kind: 'number'; written: string; isPlainWhole: boolean }
  | { kind: 'badNumber' }
  | { kind: 'vulgar'; n: bigint; d: bigint }
  | { kind: 'superscript'; value: bigint }
  | { kind: 'operator'; op: OperatorName }
  | { kind: 'unitWord'; unit: AngleUnit }
  | { kind: 'function'; fn: string }
  | { kind: 'rootSign'; fn: 'sqrt' | 'cbrt' }
  | { kind: 'constant'; name: ConstantName }
  | { kind: 'letter'; name: string }
  | {
      kind: 'open' | 'close' | 'separator' | 'strayComma' | 'minute' | 'second' | 'assign' | 'box' | 'unknown' | 'end';
    };

export type Token = Readonly<Kind & { span: Span; text: string; spaced: boolean }>;
export type TokenKind = Token['kind'];

const vulgar: Readonly<Record<string, readonly [bigint, bigint]>> = {
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
};

/** The sign of a simple fraction that has one of its own; others are written out. */
export const vulgarSign = (n: bigint, d: bigint): string =>
  Object.keys(vulgar).find((sign) => vulgar[sign]![0] === n && vulgar[sign]![1] === d) ?? `(${n}/${d})`;

const superscripts = '⁰¹²³⁴⁵⁶⁷⁸⁹';
const SUPERSCRIPT = /⁻?[⁰¹²³⁴⁵⁶⁷⁸⁹]+/y;
/** The printed form of a whole exponent. */
export const toSuperscript = (n: bigint): string =>
  [...n.toString()].map((c) => (c === '-' ? '⁻' : superscripts[Number(c)]!)).join('');

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
  if (row.kind !== 'prefix') for (const sign of row.reads as readonly string[]) if (!/^[a-z]/.test(sign)) signs.set(sign, name);

const punctuation: Readonly<Record<string, Kind>> = {
  '(': { kind: 'open' },
  ')': { kind: 'close' },
  "'": { kind: 'minute' },
  '′': { kind: 'minute' },
  '’': { kind: 'minute' },
  '"': { kind: 'second' },
  '″': { kind: 'second' },
  '”': { kind: 'second' },
  '▯': { kind: 'box' },
  '∞': { kind: 'constant', name: 'inf' },
  '√': { kind: 'rootSign', fn: 'sqrt' },
  '∛': { kind: 'rootSign', fn: 'cbrt' },
};

const SPACE = /[\s\u00a0\u2009\u202f]/;

/** The longest known name that begins at `from`: a function, a constant, a word, else one letter. */
function readName(
  text: string,
  from: number,
  functions: FunctionNames,
  isAfterOperand: boolean,
): { kind: Kind; length: number } | null {
  const run = /[A-Za-zπ]+/y;
  run.lastIndex = from;
  const letters = run.exec(text)?.[0];
  if (letters === undefined) return null;
  for (let length = letters.length; length > 0; length -= 1) {
    const name = letters.slice(0, length);
    // `mod` stands between two numbers or before two in brackets.
    const fn = name === 'mod' && isAfterOperand ? undefined : functions.get(name);
    if (fn !== undefined) return { kind: { kind: 'function', fn: fn.name }, length };
    const constant = Object.hasOwn(constants, name) ? constants[name] : undefined;
    if (constant !== undefined) return { kind: { kind: 'constant', name: constant }, length };
    const word = Object.hasOwn(words, name) ? words[name] : undefined;
    if (word !== undefined) return { kind: { kind: 'operator', op: word }, length };
    const unit = angleUnits.find((u) => u === name);
    if (unit !== undefined) return { kind: { kind: 'unitWord', unit }, length };
  }
  return { kind: { kind: 'letter', name: letters[0]! }, length: 1 };
}

const endsOperand = (token: Token | undefined): boolean => {
  if (token === undefined) return false;
  if (token.kind === 'operator') return operators[token.op].kind === 'postfix';
  return !['function', 'rootSign', 'open', 'separator', 'strayComma', 'assign', 'unknown'].includes(token.kind);
};

function readOne(
  text: string,
  from: number,
  options: ReadingOptions,
  before: Token | undefined,
): { kind: Kind; length: number } {
  const number = readNumeral(text, from, options.decimalSign);
  if (number !== null) {
    const { written, isWellFormed, isPlainWhole, length } = number;
    return { kind: isWellFormed ? { kind: 'number', written, isPlainWhole } : { kind: 'badNumber' }, length };
  }
  const name = readName(text, from, options.functions, endsOperand(before));
  if (name !== null) return name;
  SUPERSCRIPT.lastIndex = from;
  const raised = SUPERSCRIPT.exec(text)?.[0];
  if (raised !== undefined) {
    const digits = [...raised].map((c) => (c === '⁻' ? '-' : superscripts.indexOf(c).toString())).join('');
    return { kind: { kind: 'superscript', value: BigInt(digits) }, length: raised.length };
  }
  if (text.startsWith(':=', from)) return { kind: { kind: 'assign' }, length: 2 };
  const char = String.fromCodePoint(text.codePointAt(from)!);
  const length = char.length;
  const fraction = vulgar[char];
  if (fraction !== undefined) return { kind: { kind: 'vulgar', n: fraction[0], d: fraction[1] }, length };
  const two = text.slice(from, from + 2);
  const pair = two.length === 2 ? signs.get(two) : undefined;
  if (pair !== undefined) return { kind: { kind: 'operator', op: pair }, length: 2 };
  const op = signs.get(char);
  if (op !== undefined) return { kind: { kind: 'operator', op }, length };
  const mark = punctuation[char];
  if (mark !== undefined) return { kind: mark, length };
  const separator = options.decimalSign === ',' ? ';' : ',';
  if (char === separator) return { kind: { kind: 'separator' }, length };
  return { kind: { kind: char === ',' ? 'strayComma' : 'unknown' }, length };
}

/** The tokens of a typed line, the last one `end`. Never fails: what cannot be read is a token of its own kind. */
export function tokenise(text: string, options: ReadingOptions): readonly Token[] {
  const tokens: Token[] = [];
  let at = 0;
  for (;;) {
    const start = at;
    while (at < text.length && SPACE.test(text[at]!)) at += 1;
    const spaced = at > start;
    if (at >= text.length) {
      tokens.push({ kind: 'end', span: span(text.length, text.length), text: '', spaced });
      return tokens;
    }
    const { kind, length } = readOne(text, at, options, tokens.at(-1));
    tokens.push({ ...kind, span: span(at, at + length), text: text.slice(at, at + length), spaced });
    at += length;
  }
}
