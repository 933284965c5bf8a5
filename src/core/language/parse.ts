import { entryAt, itemAt, lastOf } from '../base/item';
import type { Problem } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import { withSpan } from '../base/problem';
import { cover } from '../base/span';
import type { Span } from '../base/span';
import { isBase } from '../radix/digits';
import { conversionIn } from './conversion';
import type { WrittenConversion } from './conversion';
import { foreignWordIn } from './foreign-words';
import { operators, rankOf } from './operators';
import type { InfixName, LogicName, RelationName } from './operators';
import { OperandParser } from './operand-parser';
import { Refusal } from './token-cursor';
import { tokenise } from './tokens';
import type { FunctionShape, ReadingOptions, Token, TokenKind } from './tokens';
import type { Measure, RelationPart, Tree } from './tree';
import { isTruth, wrongKind } from './truth';

/** A line as it was read. `supplied`: how many closing brackets were missing at the end. */
export type Reading = Readonly<{ target: string | null; tree: Tree; supplied: number }>;

/** Kinds of tokens with which an operand begins. */
export const BEGINS_OPERAND: ReadonlySet<TokenKind> = new Set<TokenKind>([
  'number',
  'badNumber',
  'based',
  'vulgar',
  'function',
  'prefixSign',
  'constant',
  'letter',
  'open',
  'squareOpen',
  'box',
]);

class Parser extends OperandParser {
  /** Whether anything was read that is true or false, or asks for it. */
  private seesTruths = false;

  line(): { target: string | null; tree: Tree } {
    let target: string | null = null;
    if (this.ahead(1).kind === 'assign') {
      const name = this.take();
      if (name.kind !== 'letter' || !/^[A-Z]$/.test(name.name))
        this.syntax('not-a-letter', name.span, { found: name.text });
      else target = name.name;
      this.take();
    }
    if (this.token.kind === 'end' && !this.lenient)
      this.syntax(target === null ? 'empty' : 'operand-missing', this.token.span);
    const tree = this.statement();
    if (this.token.kind !== 'end') this.unexpected();
    const wrong = this.lenient || !this.seesTruths ? null : wrongKind(tree, target !== null, this.options.functions);
    if (wrong !== null) this.syntax(wrong.reason, wrong.at);
    return { target, tree };
  }

  /** Conditions joined by `or` and `and`, or a plain expression. */
  protected statement(op: LogicName = 'or'): Tree {
    let left = op === 'or' ? this.statement('and') : this.condition();
    while (this.isOperator(op)) {
      this.seesTruths = true;
      this.take();
      const right = op === 'or' ? this.statement('and') : this.condition();
      left = this.node({ kind: 'logic', op, left, right, span: cover(left.span, right.span) });
    }
    return left;
  }

  private condition(): Tree {
    const { token } = this;
    if (this.isOperator('not')) {
      this.seesTruths = true;
      this.take();
      this.enter();
      const of = this.condition();
      this.leave();
      return this.node({ kind: 'not', of, span: cover(token.span, of.span) });
    }
    const first = this.expression(0);
    const rest: RelationPart[] = [];
    for (;;) {
      const { token: sign } = this;
      if (sign.kind !== 'operator' || operators[sign.op].kind !== 'relation') break;
      this.take();
      rest.push({ op: sign.op as RelationName, right: this.expression(0) });
    }
    if (rest.length === 0) return first;
    this.seesTruths = true;
    return this.node({ kind: 'relation', first, rest, span: cover(first.span, lastOf(rest).right.span) });
  }

  /** Operators of at least `least`, after one operand. */
  private expression(least: number): Tree {
    this.enter();
    let left = this.prefixed();
    for (;;) {
      const next = this.infix(left, least);
      if (next === null) break;
      left = next;
    }
    this.leave();
    return left;
  }

  private infix(left: Tree, least: number): Tree | null {
    const { token } = this;
    if (token.kind === 'unitWord' && operators.unitWord.rank >= least) {
      this.take();
      return this.node({ kind: 'mark', unit: token.unit, by: 'word', of: left, span: cover(left.span, token.span) });
    }
    if (token.kind === 'operator') {
      if (operators[token.op].kind !== 'infix' || token.op === 'power') return null;
      return this.binary(token.op as InfixName, left, least, true);
    }
    if (!BEGINS_OPERAND.has(token.kind)) return null;
    this.checkImplied(left);
    return this.binary('implied', left, least, false);
  }

  private binary(op: InfixName, left: Tree, least: number, isWritten: boolean): Tree | null {
    const rank = rankOf(op, this.options.impliedFirst);
    if (rank < least) return null;
    if (isWritten) this.take();
    const right = this.expression(rank + 1);
    return this.node({ kind: 'binary', op, left, right, span: cover(left.span, right.span) });
  }

  /** An operand follows an operand: a product, unless that reading would hide a slip. */
  private checkImplied(left: Tree): void {
    const { token } = this;
    const before = itemAt(this.tokens, this.at - 1);
    if (before.kind === 'operator' && before.op === 'percent') {
      this.syntax('percent-before-operand', cover(before.span, token.span), {
        found: token.text,
        offers: [` mod ${token.text}`, `%×${token.text}`],
      });
    }
    if (
      (token.kind === 'number' || token.kind === 'badNumber' || token.kind === 'based') &&
      (before.kind === 'number' || before.kind === 'vulgar' || before.kind === 'based')
    )
      this.syntax('two-numbers', cover(before.span, token.span), { found: `${before.text} ${token.text}` });
    if (token.kind === 'number' && left.kind === 'mark' && left.by === 'sign')
      this.syntax('angle-badly-formed', token.span, { found: token.text });
  }

  protected prefixed(): Tree {
    const { token } = this;
    const isMinus = this.isOperator('minus');
    const isPlus = this.isOperator('plus') && this.mayBeSigned();
    if (!isMinus && !isPlus) return this.powered();
    this.take();
    this.enter();
    const of = this.prefixed();
    this.leave();
    if (isPlus) return of;
    return this.node({ kind: 'negate', of, span: cover(token.span, of.span) });
  }

  /** A primary with its marks, and what it is raised to. */
  private powered(): Tree {
    const base = this.marked(this.primary());
    return this.raised(base);
  }

  private raised(base: Tree): Tree {
    if (!this.isOperator('power')) return base;
    this.take();
    this.enter();
    const exponent = this.prefixed();
    this.leave();
    return this.node({ kind: 'power', base, exponent, span: cover(base.span, exponent.span) });
  }

  protected call(name: Token & { kind: 'function' }): Tree {
    this.take();
    const raised = this.functionPower(name);
    const fn = raised?.inverse ?? name.fn;
    const result = this.token.kind === 'open' ? this.bracketedCall(name, fn) : this.bareCall(name, fn);
    if (raised === null || raised.exponent === null) return result;
    return this.node({ kind: 'power', base: result, exponent: raised.exponent, span: result.span });
  }

  /** `sin²x` and `sin^2 x` raise the value; `sin⁻¹x` names the inverse function where there is one. */
  private functionPower(name: Token & { kind: 'function' }): { exponent: Tree | null; inverse: string | null } | null {
    const { token } = this;
    let value: bigint;
    let span: Span;
    if (token.kind === 'superscript') {
      this.take();
      ({ value, span } = token);
    } else if (this.isOperator('power')) {
      this.take();
      const isNegative = this.isOperator('minus');
      if (isNegative) this.take();
      const digits = this.token;
      if (digits.kind !== 'number' || !digits.isPlainWhole)
        return this.syntax('power-of-function', cover(token.span, digits.span), { found: name.text });
      this.take();
      value = isNegative ? -BigInt(digits.written) : BigInt(digits.written);
      span = cover(token.span, digits.span);
    } else return null;
    const inverse = this.options.functions.get(`a${name.fn}`);
    if (value === -1n && inverse !== undefined) return { exponent: null, inverse: inverse.name };
    if (value < 0n) return this.syntax('power-of-function', span, { found: name.text });
    return { exponent: this.node({ kind: 'number', written: value.toString(), span }), inverse: null };
  }

  private bracketedCall(name: Token, fn: string): Tree {
    const open = this.take();
    const args: Tree[] = [];
    if (this.token.kind !== 'close') {
      args.push(this.argument(fn, 0));
      while (this.token.kind === 'separator') {
        this.take();
        args.push(this.argument(fn, args.length));
      }
    }
    const { closed, span } = this.closing(cover(name.span, open.span));
    // A sum over a letter takes four values; of one, it is the sum of what that holds.
    if (fn === 'sum' && args.length === 1 && !this.lenient)
      return this.node({ kind: 'call', fn: 'sumOf', args, bracketed: true, closed, span });
    const row = entryAt(this.options.functions, fn);
    if (!this.lenient && (args.length < row.least || args.length > row.most)) {
      if (args.length === 0) this.syntax('argument-missing', span, { found: name.text });
      this.refuse({ code: 'argument-count', fn, got: args.length, least: row.least, most: row.most }, span);
    }
    if (!this.lenient) this.checkForm(row, args, span);
    return this.node({ kind: 'call', fn, args, bracketed: true, closed, span });
  }

  /** A value in brackets; an empty box where something stands for it when it is left out is that. */
  private argument(fn: string, index: number): Tree {
    const { absent, least } = entryAt(this.options.functions, fn);
    const written = absent?.[index - least];
    const { token } = this;
    if (this.lenient || token.kind !== 'box' || written === undefined) return this.statement();
    this.take();
    return this.node({ kind: 'number', written, span: token.span });
  }

  /** A binder's second argument is a letter; cases take conditions and values in turn, and a value at the end. */
  private checkForm({ name, form }: FunctionShape, args: readonly Tree[], span: Span): void {
    if (form === 'binder' && itemAt(args, 1).kind !== 'letter')
      this.syntax('variable-missing', itemAt(args, 1).span, { found: name });
    if (form === 'cases') this.seesTruths = true;
    if (form === 'cases' && args.length % 2 === 0) this.syntax('cases-form', span);
  }

  /** Without brackets an argument may begin with a sign and ends before + − × ÷ or another function's name. */
  private bareCall(name: Token, fn: string): Tree {
    const row = entryAt(this.options.functions, fn);
    if (row.most === 0)
      return this.node({ kind: 'call', fn, args: [], bracketed: true, closed: true, span: name.span });
    const begins = BEGINS_OPERAND.has(this.token.kind) || this.isOperator('minus');
    if (!begins && !this.lenient) this.syntax('argument-missing', name.span, { found: name.text });
    if (row.least > 1 && !this.lenient)
      this.refuse({ code: 'argument-count', fn, got: 1, least: row.least, most: row.most }, name.span);
    this.enter();
    let argument = this.prefixed();
    this.leave();
    while (BEGINS_OPERAND.has(this.token.kind) && this.token.kind !== 'function') {
      this.checkImplied(argument);
      const right = this.powered();
      argument = this.node({
        kind: 'binary',
        op: 'implied',
        left: argument,
        right,
        span: cover(argument.span, right.span),
      });
    }
    const { token } = this;
    if (token.kind === 'unitWord') {
      this.take();
      argument = this.node({
        kind: 'mark',
        unit: token.unit,
        by: 'word',
        of: argument,
        span: cover(argument.span, token.span),
      });
    }
    return this.node({
      kind: 'call',
      fn,
      args: [argument],
      bracketed: false,
      closed: true,
      span: cover(name.span, argument.span),
    });
  }
}

/** Each value of a conversion is read where it stands, the text before it left out. */
function converted(
  text: string,
  { measures, to, base }: WrittenConversion,
  options: ReadingOptions,
  lenient: boolean,
): Result<Reading, Problem> {
  const read: Measure[] = [];
  let [target, supplied]: [string | null, number] = [null, 0];
  const asked = (at: Span): { text: string; span: Span } => ({ text: text.slice(at.from, at.to), span: at });
  for (const { value, unit } of measures) {
    const reading = run(' '.repeat(value.from) + text.slice(value.from, value.to), options, lenient);
    if (!reading.ok) return reading;
    if (!lenient && isTruth(reading.value.tree))
      return fail(withSpan({ code: 'syntax', reason: 'comparison-as-number' }, reading.value.tree.span));
    ({ target } = reading.value.target === null ? { target } : reading.value);
    supplied += reading.value.supplied;
    read.push({ of: reading.value.tree, unit: unit === null ? null : asked(unit) });
  }
  if (!lenient && base !== null && !isBase(base))
    return fail(withSpan({ code: 'syntax', reason: 'base-range', found: `${base}` }, to));
  const tree: Tree = {
    kind: 'conversion',
    measures: read,
    to: asked(to),
    base,
    span: { from: itemAt(read, 0).of.span.from, to: to.to },
  };
  return succeed({ target, tree, supplied });
}

function run(text: string, options: ReadingOptions, lenient: boolean): Result<Reading, Problem> {
  const parser = new Parser(tokenise(text, options), options, lenient);
  try {
    const { target, tree } = parser.line();
    return succeed({ target, tree, supplied: parser.supplied });
  } catch (error) {
    if (error instanceof Refusal) return fail(error.problem);
    throw error;
  }
}

/** Reads a typed line. Problems: syntax, argument-count, each with its place; nothing is evaluated. */
export function parse(text: string, options: ReadingOptions): Result<Reading, Problem> {
  const foreign = foreignWordIn(text, options);
  if (foreign !== null)
    return fail(withSpan({ code: 'syntax', reason: 'foreign-word', found: foreign.word }, foreign.span));
  const conversion = conversionIn(text);
  return conversion === null ? run(text, options, false) : converted(text, conversion, options, false);
}

/** Reads as much as can be drawn: empty boxes stand for missing operands; null where even that fails. */
export function parseUnfinished(text: string, options: ReadingOptions): Reading | null {
  const conversion = conversionIn(text);
  const result = conversion === null ? run(text, options, true) : converted(text, conversion, options, true);
  return result.ok ? result.value : null;
}
