import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { withSpan } from '@/core/base/problem';
import type { ShouldContinue } from '@/core/base/should-continue';
import { withLetter } from '@/core/evaluate/context';
import { evaluate } from '@/core/evaluate/evaluate';
import { exactTree } from '@/core/format/exact-tree';
import type { Random } from '@/core/function/record';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import { letterTree, partsOf, withParts, wholeTree } from '@/core/language/tree';
import type { Tree } from '@/core/language/tree';
import { fromWhole, isExact, isScalar } from '@/core/number/value';
import { contextFor } from '../answer';
import type { LineRequest } from '../answer';
import { SPELLING } from './tables';

/** A rule in i, the row, and j, the column, both from 1; typed with a point. */
export type FillRequest = LineRequest & Readonly<{ rule: string; rows: number; columns: number }>;

/** Stands for the row: no letter that can be keyed is called so. */
const ROW = '#row';

/** The expression with a letter wherever i stands, which means the row here and not the imaginary unit. */
const withRow = (tree: Tree, row: Tree): Tree =>
  tree.kind === 'constant' && tree.name === 'i'
    ? row
    : withParts(
        tree,
        partsOf(tree).map((part) => withRow(part, row)),
      );

/** Every entry as typed text: what the rule comes to where that is exact, else the rule with its numbers put in. */
export function filled(
  { rule, rows, columns, ...request }: FillRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<readonly (readonly string[])[], Problem> {
  const reading = parse(rule, SPELLING);
  if (!reading.ok) return reading;
  const tree = withRow(reading.value.tree, letterTree(ROW));
  const context = contextFor(request, shouldContinue, random);
  const result: string[][] = [];
  for (let i = 1; i <= rows; i += 1) {
    const texts: string[] = [];
    for (let j = 1; j <= columns; j += 1) {
      const value = evaluate(tree, withLetter(withLetter(context, ROW, fromWhole(i)), 'j', fromWhole(j)));
      if (!value.ok) return value;
      if (!isScalar(value.value))
        return fail(withSpan({ code: 'syntax', reason: 'entry-is-matrix' }, reading.value.tree.span));
      texts.push(printText(isExact(value.value) ? exactTree(value.value) : placed(tree, i, j), TYPED));
    }
    result.push(texts);
  }
  return succeed(result);
}

const placed = (tree: Tree, i: number, j: number): Tree => {
  if (tree.kind === 'letter' && tree.name === ROW) return wholeTree(BigInt(i));
  if (tree.kind === 'letter' && tree.name === 'j') return wholeTree(BigInt(j));
  return withParts(
    tree,
    partsOf(tree).map((part) => placed(part, i, j)),
  );
};
