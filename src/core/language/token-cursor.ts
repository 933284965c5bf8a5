import { itemAt, lastOf } from '../base/item';
import { withSpan } from '../base/problem';
import type { Problem, SyntaxReason, ProblemData } from '../base/problem';
import { cover } from '../base/span';
import type { Span } from '../base/span';
import { operators } from './operators';
import { pasteChoices } from './separators';
import type { ReadingOptions, Token } from './tokens';
import type { Tree } from './tree';

/** Nesting and length that every later walk can take: half of what a stack of one megabyte was seen to hold. */
export const DEEPEST = 500;
const MOST_NODES = 1500;

/** Thrown by the parser only, to leave the descent with a problem; `parse` turns it into a result. */
export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(problem.code);
  }
}

/** The tokens with a place in them, and how the parser refuses: what the grammar itself does not need to see. */
export class TokenCursor {
  protected at = 0;
  private nodes = 0;
  private depth = 0;

  constructor(
    protected readonly tokens: readonly Token[],
    protected readonly options: ReadingOptions,
    /** Missing operands become empty boxes, so that an unfinished line can be drawn. */
    protected readonly lenient: boolean,
  ) {}

  protected get token(): Token {
    return itemAt(this.tokens, Math.min(this.at, this.tokens.length - 1));
  }

  protected ahead(by: number): Token {
    return itemAt(this.tokens, Math.min(this.at + by, this.tokens.length - 1));
  }

  protected take(): Token {
    const token = this.token;
    this.at += 1;
    return token;
  }

  protected refuse(problemData: ProblemData, at: Span): never {
    throw new Refusal(withSpan(problemData, at));
  }

  protected syntax(
    reason: SyntaxReason,
    at: Span,
    facts: { found?: string; base?: number; offers?: readonly string[] } = {},
  ): never {
    return this.refuse({ code: 'syntax', reason, ...facts }, at);
  }

  protected node<T extends Tree>(tree: T): T {
    this.nodes += 1;
    if (this.nodes > (this.options.mostNodes ?? MOST_NODES)) this.syntax('too-long', tree.span);
    return tree;
  }

  /** How many parts were read. */
  protected counted(): number {
    return this.nodes;
  }

  /** Goes on counting from another number: what stands side by side is no load to a later walk. */
  protected recount(nodes: number): void {
    this.nodes = nodes;
  }

  /** One level further in; what was entered is left again by `leave`. No closures, which would cost half the stack. */
  protected enter(): void {
    this.depth += 1;
    if (this.depth > DEEPEST) this.syntax('nested-too-deep', this.token.span);
  }

  protected leave(): void {
    this.depth -= 1;
  }

  protected isOperator(op: string, token = this.token): boolean {
    return token.kind === 'operator' && token.op === op;
  }

  /**
   * Whether a plus may be the sign of what follows: at a beginning, or after an operation on the line. Not after another
   * plus, which is a slip, and not where boxes begin: a plus leaves them.
   */
  protected mayBeSigned(): boolean {
    const before = this.tokens[this.at - 1];
    if (before === undefined) return true;
    if (before.kind !== 'operator') return ['open', 'squareOpen', 'separator', 'assign'].includes(before.kind);
    const { kind } = operators[before.op];
    return kind === 'relation' || kind === 'logic' || ['minus', 'times', 'divide'].includes(before.op);
  }

  /** The number with commas in it around a comma, and how it may be meant; null where it is none. */
  private withSeparators(): { span: Span; found: string; offers: readonly string[] } | null {
    const isWithin = (token: Token | undefined): boolean =>
      token !== undefined && !token.spaced && (token.kind === 'number' || token.kind === 'separator');
    let to = this.at;
    while (isWithin(this.tokens[to + 1])) to += 1;
    const parts = this.tokens.slice(Math.max(0, this.at - 1), to + 1);
    const found = parts.map((part) => part.text).join('');
    const offers = this.token.spaced ? [] : pasteChoices(found, '.').map(({ typed }) => typed);
    const [first] = parts;
    return first === undefined || offers.length === 0
      ? null
      : { span: cover(first.span, lastOf(parts).span), found, offers };
  }

  /** A token that cannot stand here, told by what it is. */
  protected unexpected(): never {
    const { kind, span, text } = this.token;
    switch (kind) {
      case 'close':
      case 'squareClose':
        return this.syntax('unopened-bracket', span);
      case 'separator': {
        const number = this.options.decimalSign === '.' ? this.withSeparators() : null;
        if (number !== null) this.syntax('comma-outside-call', number.span, number);
        return this.syntax('separator-outside-call', span, { found: text });
      }
      case 'strayComma':
      case 'unknown':
        return this.syntax('unknown-character', span, { found: text });
      case 'minute':
      case 'second':
        return this.syntax('angle-badly-formed', span, { found: text });
      case 'baseWord':
        return this.syntax('base-missing', span);
      case 'assign':
        return this.syntax('not-a-letter', span, { found: text });
      default:
        return this.syntax('operator-missing', span, { found: text });
    }
  }
}
