import { guarded } from '@/core/base/limits';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { ShouldContinue } from '@/core/base/should-continue';
import type { Context } from '@/core/evaluate/context';
import { openLetters } from '@/core/evaluate/open-letters';
import type { Random } from '@/core/function/record';
import { parse } from '@/core/language/parse';
import { binaryTree, groupTree } from '@/core/language/tree';
import type { Tree } from '@/core/language/tree';
import { interval } from '@/core/number/interval';
import type { Bounds } from '@/core/number/interval';
import { toDouble } from '@/core/number/to-double';
import * as q from '@/core/number/rational';
import { real } from '@/core/number/arithmetic';
import { fromRational, isReal } from '@/core/number/value';
import type { Scalar } from '@/core/number/value';
import { middleOf } from '@/core/solve/root';
import type { Root } from '@/core/solve/root';
import { nonlinearPair } from '@/core/solve/nonlinear-pair';
import { equationOf } from '@/core/solve/solve';
import { contextFor } from '../answer';
import type { LineRequest } from '../answer';
import { Shower } from '../solution-view';
import type { KeptView } from '../solution-view';
import { SPELLING, entryValue } from './tables';

/** Two equations in two letters, and between which numbers each letter is searched. All typed with a point. */
export type PairsRequest = LineRequest &
  Readonly<{ equations: readonly [string, string]; from: readonly [string, string]; to: readonly [string, string] }>;

/** What was refused: an equation, or an end of where is searched. */
export type PairsField = 'first' | 'second' | 'xFrom' | 'xTo' | 'yFrom' | 'yTo';

export type PairsView =
  | Readonly<{ kind: 'refused'; problem: Problem; field: PairsField }>
  /** The letters that were found are not two. */
  | Readonly<{ kind: 'letters'; letters: readonly string[] }>
  /** The first end of a letter is not below its second. */
  | Readonly<{ kind: 'empty-box'; letter: string }>
  | Readonly<{ kind: 'unknown' }>
  | Readonly<{
      kind: 'pairs';
      letters: readonly [string, string];
      pairs: readonly (readonly [KeptView, KeptView])[];
      isComplete: boolean;
      open: readonly (readonly [number, number])[];
    }>;

type Refused = PairsView & { kind: 'refused' };
const refused = (problem: Problem, field: PairsField): Refused => ({ kind: 'refused', problem, field });

function equationIn(text: string, field: PairsField): Tree | Refused {
  const reading = parse(text, SPELLING);
  if (!reading.ok) return refused(reading.problem, field);
  const equation = equationOf(reading.value.tree);
  if (equation === null)
    return refused(withSpan({ code: 'domain', reason: 'not-an-equation' }, reading.value.tree.span), field);
  const right = equation.rest[0]?.right ?? equation.first;
  return binaryTree('minus', equation.first, groupTree(right));
}

function endIn(text: string, usual: number, field: PairsField, context: Context): number | Refused {
  if (text.trim() === '') return usual;
  const value = entryValue(text, context);
  if (!value.ok) return refused(value.problem, field);
  const at = { from: 0, to: text.length };
  if (!isReal(value.value)) return refused(withSpan({ code: 'domain', reason: 'real-only' }, at), field);
  return toDouble(value.value, context.shouldContinue);
}

/** Where is searched when nothing else is said. */
export const USUAL_END = 10;

function boxIn(request: PairsRequest, context: Context): Readonly<{ x: Bounds; y: Bounds }> | Refused | 'x' | 'y' {
  const ends: number[] = [];
  const fields = ['xFrom', 'xTo', 'yFrom', 'yTo'] as const;
  const texts = [request.from[0], request.to[0], request.from[1], request.to[1]];
  for (const [i, field] of fields.entries()) {
    const end = endIn(texts[i] ?? '', i % 2 === 0 ? -USUAL_END : USUAL_END, field, context);
    if (typeof end !== 'number') return end;
    ends.push(end);
  }
  const [a = 0, b = 0, c = 0, d = 0] = ends;
  if (!(a < b)) return 'x';
  return c < d ? { x: interval(a, b), y: interval(c, d) } : 'y';
}

/** A root as a value: one that is only near keeps how near it is proved to be. */
const valueOf = (root: Root): Scalar =>
  root.kind === 'exact'
    ? root.value
    : real('within', middleOf(root), fromRational(q.divide(q.subtract(root.high, root.low), q.whole(2))));

/** The pairs that solve two equations, all those in a box where that can be proved. */
export const pairsView = (
  request: PairsRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<PairsView, Problem> =>
  guarded(
    () => worked(request, shouldContinue, random),
    (problemData) => withSpan(problemData, { from: 0, to: 0 }),
  );

function worked(request: PairsRequest, shouldContinue: ShouldContinue, random: Random): Result<PairsView, Problem> {
  const context = contextFor(request, shouldContinue, random);
  const [first, second] = [equationIn(request.equations[0], 'first'), equationIn(request.equations[1], 'second')];
  if (first.kind === 'refused') return succeed(first);
  if (second.kind === 'refused') return succeed(second);
  const isFree = (name: string): boolean => !context.names.letters.has(name);
  const letters = [...new Set([...openLetters(first), ...openLetters(second)])].filter(isFree).sort();
  const [x, y] = letters;
  if (x === undefined || y === undefined || letters.length > 2) return succeed({ kind: 'letters', letters });
  const box = boxIn(request, context);
  if (typeof box === 'string') return succeed({ kind: 'empty-box', letter: box === 'x' ? x : y });
  if ('kind' in box) return succeed(box);
  const found = nonlinearPair([first, second], [x, y], box, context);
  if (!shouldContinue()) return fail(withSpan({ code: 'stopped' }, { from: 0, to: 0 }));
  if (found === null) return succeed({ kind: 'unknown' });
  const shower = new Shower(request, context);
  const pairs = found.pairs.map(([a, b]) => [shower.kept(valueOf(a)), shower.kept(valueOf(b))] as const);
  return succeed({ kind: 'pairs', letters: [x, y], pairs, isComplete: found.isComplete, open: found.open });
}
