import type { Span } from '../base/span';
import { nodesOf } from '../language/tree';
import type { Tree } from '../language/tree';

/**
 * Where a line differs from another: the smallest part of it that holds every character that differs, or null where
 * that is the whole line or nothing. `tree` is that of `text`, with its places.
 */
export function differenceIn(before: string, text: string, tree: Tree): Span | null {
  const shorter = Math.min(before.length, text.length);
  let from = 0;
  while (from < shorter && before[from] === text[from]) from += 1;
  let tail = 0;
  while (tail < shorter - from && before[before.length - 1 - tail] === text[text.length - 1 - tail]) tail += 1;
  const to = Math.max(text.length - tail, from);
  let best: Span | null = null;
  for (const { span } of nodesOf(tree)) {
    const holds = span.from <= from && span.to >= to && span.to > span.from;
    if (holds && (best === null || span.to - span.from <= best.to - best.from)) best = span;
  }
  return best === null || best.to - best.from === tree.span.to - tree.span.from ? null : best;
}
