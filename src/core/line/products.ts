import { itemAt } from '../base/item';
import { operators } from '../language/operators';
import type { Token } from '../language/tokens';
import { itemsOf } from './pieces';
import type { Piece } from './pieces';
import { isGlyph } from './row';
import type { Row } from './row';

/** Whether an operator ends the product before it: + and −, relations, words of logic, and what separates. */
export function endsProduct(token: Token, isAfterOperand: boolean): boolean {
  if (token.kind !== 'operator') return token.kind === 'separator' || token.kind === 'assign';
  if (token.op === 'minus') return isAfterOperand;
  return token.op === 'plus' || ['relation', 'logic', 'prefix'].includes(operators[token.op].kind);
}

/** Where the numerator of a product begins: after the signs that begin it, unless a remainder is part of it. */
export function numeratorStart(product: Row): number {
  if (product.some((item) => isGlyph(item, /^mod$/))) return 0;
  let at = 0;
  while (isGlyph(product[at], /^[−\s]$/)) at += 1;
  return at;
}

/** The items at the end of a list among which its last operand lies: those after its last sign between operands. */
export function operandTail(list: readonly Piece[]): Row {
  let at = list.length;
  while (at > 0 && !isGlyph(itemAt(list, at - 1).item, /^[+×÷=≠<≤>≥]$/)) at -= 1;
  return itemsOf(list.slice(at));
}
