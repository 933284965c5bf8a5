import { cover } from '../base/span';
import type { Span } from '../base/span';
import { isBase, strangerIn } from '../radix/digits';
import { takesIndex } from './brackets';
import { MatrixParser } from './matrix-parser';
import type { Token } from './tokens';
import type { Tree } from './tree';

/** What stands between operators: numbers with their marks, names, brackets and roots. */
export abstract class OperandParser extends MatrixParser {
  /** How many closing brackets were missing at the end. */
  supplied = 0;

  protected abstract prefixed(): Tree;
  protected abstract call(name: Token & { kind: 'function' }): Tree;

  protected marked(start: Tree): Tree {
    let tree = start;
    for (;;) {
      const { token } = this;
      if (token.kind === 'superscript') {
        this.take();
        const digits = token.value < 0n ? -token.value : token.value;
        const size = this.node({ kind: 'number', written: digits.toString(), span: token.span });
        const exponent: Tree = token.value < 0n ? { kind: 'negate', of: size, span: token.span } : size;
        tree = this.node({ kind: 'power', base: tree, exponent, span: cover(tree.span, token.span) });
      } else if (token.kind === 'operator' && (token.op === 'factorial' || token.op === 'percent')) {
        this.take();
        tree = this.node({ kind: 'postfix', op: token.op, of: tree, span: cover(tree.span, token.span) });
      } else if (token.kind === 'operator' && token.op === 'degreeSign') {
        this.take();
        tree = this.degrees(tree, token);
      } else if (token.kind === 'squareOpen' && !token.spaced && takesIndex(tree)) tree = this.index(tree);
      else return tree;
    }
  }

  /** What stands before a degree sign: an angle alone, or the degrees of one with minutes and seconds. */
  protected degrees(of: Tree, sign: Token): Tree {
    const minutes = this.token;
    if (minutes.kind !== 'number' || this.ahead(1).kind !== 'minute')
      return this.node({ kind: 'mark', unit: 'deg', by: 'sign', of, span: cover(of.span, sign.span) });
    if (of.kind !== 'number') this.syntax('angle-badly-formed', of.span, { found: sign.text });
    this.take();
    let last = this.take();
    let seconds: string | null = null;
    const next = this.token;
    if (next.kind === 'number' && this.ahead(1).kind === 'second') {
      seconds = next.written;
      this.take();
      last = this.take();
    }
    return this.node({
      kind: 'dms',
      degrees: of.written,
      minutes: minutes.written,
      seconds,
      span: cover(of.span, last.span),
    });
  }

  protected primary(): Tree {
    const { token } = this;
    switch (token.kind) {
      case 'number':
        this.take();
        return this.afterNumber(token);
      case 'based':
        this.take();
        return this.based(token);
      case 'badNumber':
        return this.syntax('number-badly-formed', token.span, { found: token.text });
      case 'vulgar':
        this.take();
        return this.node({ kind: 'mixed', whole: null, n: token.n, d: token.d, span: token.span });
      case 'constant':
        this.take();
        return this.node({ kind: 'constant', name: token.name, span: token.span });
      case 'letter':
        this.take();
        return this.node({ kind: 'letter', name: token.name, span: token.span });
      case 'box':
        this.take();
        if (!this.lenient) this.syntax('empty-box', token.span);
        return this.node({ kind: 'box', span: token.span });
      case 'open':
        return this.group();
      case 'squareOpen':
        return this.matrix();
      case 'prefixSign':
        return this.rootOfFactor(token);
      case 'function':
        return this.call(token);
      default:
        return this.missing();
    }
  }

  /** A number in another base, whose digits must all be of that base. */
  private based({ digits, base, span, text }: Token & { kind: 'based' }): Tree {
    if (!this.lenient && !isBase(base)) this.syntax('base-range', span, { found: `${base}` });
    const stranger = this.lenient ? null : strangerIn(digits, base);
    if (stranger !== null) {
      // The digit may stand apart from its place among the bare digits, behind a prefix and among groups.
      const at = span.from + text.toUpperCase().indexOf(stranger.digit, base === 10 || !/^0[BOX]/i.test(text) ? 0 : 2);
      this.syntax('digit-outside-base', { from: at, to: at + 1 }, { found: stranger.digit, base });
    }
    return this.node({ kind: 'based', digits, base, span });
  }

  protected missing(): Tree {
    const { token } = this;
    if (this.lenient) return this.node({ kind: 'box', span: { from: token.span.from, to: token.span.from } });
    if (token.kind === 'unknown' || token.kind === 'strayComma' || token.kind === 'minute' || token.kind === 'second')
      return this.unexpected();
    return this.syntax('operand-missing', token.span, { found: token.text });
  }

  /** A number, or a mixed one: `2 5/6` (a space, and none around the stroke) and `2½`. */
  protected afterNumber(first: Token & { kind: 'number' }): Tree {
    const { token } = this;
    if (first.isPlainWhole && token.kind === 'vulgar') {
      this.take();
      return this.node({
        kind: 'mixed',
        whole: BigInt(first.written),
        n: token.n,
        d: token.d,
        span: cover(first.span, token.span),
      });
    }
    const stroke = this.ahead(1);
    const bottom = this.ahead(2);
    const isMixed =
      first.isPlainWhole &&
      token.kind === 'number' &&
      token.isPlainWhole &&
      token.spaced &&
      this.isOperator('over', stroke) &&
      !stroke.spaced &&
      bottom.kind === 'number' &&
      bottom.isPlainWhole &&
      !bottom.spaced;
    if (!isMixed) return this.node({ kind: 'number', written: first.written, span: first.span });
    this.at += 3;
    return this.node({
      kind: 'mixed',
      whole: BigInt(first.written),
      n: BigInt(token.written),
      d: BigInt(bottom.written),
      span: cover(first.span, bottom.span),
    });
  }

  protected group(): Tree {
    const open = this.take();
    const of = this.statement();
    const { closed, span } = this.closing(open.span);
    return this.node({ kind: 'group', of, closed, span });
  }

  /** The closing bracket, or the end of the line in its place. */
  protected closing(from: Span): { closed: boolean; span: Span } {
    if (this.token.kind === 'close') return { closed: true, span: cover(from, this.take().span) };
    if (this.token.kind !== 'end') this.unexpected();
    this.supplied += 1;
    return { closed: false, span: cover(from, this.token.span) };
  }

  /** √ and ∛ take the next factor with its marks and its power, or just what is in brackets. */
  protected rootOfFactor(sign: Token & { kind: 'prefixSign' }): Tree {
    this.take();
    this.enter();
    const of = this.token.kind === 'open' ? this.group() : this.prefixed();
    this.leave();
    const args = of.kind === 'group' ? [of.of] : [of];
    const closed = of.kind !== 'group' || of.closed;
    return this.node({
      kind: 'call',
      fn: sign.fn,
      args,
      bracketed: of.kind === 'group',
      closed,
      span: cover(sign.span, of.span),
    });
  }
}
