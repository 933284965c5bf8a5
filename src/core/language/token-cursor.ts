import { itemAt } from '../base/item';
import { withSpan } from '../base/problem';
import type { Problem, SyntaxReason, ProblemData } from '../base/problem';
import { cover } from '../base/span';
import type { Span } from '../base/span';
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

  protected syntax(reason: SyntaxReason, at: Span, facts: { found?: string; offers?: readonly string[] } = {}): never {
    return this.refuse({ code: 'syntax', reason, ...facts }, at);
  }

  protected node<T extends Tree>(tree: T): T {
    this.nodes += 1;
    if (this.nodes > (this.options.mostNodes ?? MOST_NODES)) this.syntax('too-long', tree.span);
    return tree;
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

  /** A token that cannot stand here, told by what it is. */
  protected unexpected(): never {
    const { kind, span, text } = this.token;
    switch (kind) {
      case 'close':
        return this.syntax('unopened-bracket', span);
      case 'separator': {
        const before = this.tokens[this.at - 1];
        const after = this.ahead(1);
        if (before?.kind === 'number' && after.kind === 'number' && this.options.decimalSign === '.')
          this.syntax('comma-outside-call', cover(before.span, after.span), {
            found: before.text + text + after.text,
            offers: [before.text + after.text, `${before.text}.${after.text}`],
          });
        return this.syntax('separator-outside-call', span, { found: text });
      }
      case 'strayComma':
      case 'unknown':
        return this.syntax('unknown-character', span, { found: text });
      case 'minute':
      case 'second':
        return this.syntax('angle-badly-formed', span, { found: text });
      case 'assign':
        return this.syntax('not-a-letter', span, { found: text });
      default:
        return this.syntax('operator-missing', span, { found: text });
    }
  }
}
