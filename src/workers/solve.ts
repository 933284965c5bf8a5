import type { ShouldContinue } from '@/core/base/should-continue';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { openLetters } from '@/core/evaluate/open-letters';
import type { Form } from '@/core/format/form';
import type { Random } from '@/core/function/record';
import { parse } from '@/core/language/parse';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { fromRational } from '@/core/number/value';
import { equationOf, solve } from '@/core/solve/solve';
import { contextFor, readingOptions, withTries } from './answer';
import type { LineRequest } from './answer';
import { Shower } from './solution-view';
import type { SolutionView } from './solution-view';

/** A line to be solved for a letter, between two whole numbers where that is needed. */
export type SolveRequest = LineRequest & Readonly<{ letter: string; from: string; to: string }>;

type RangeEnd = Readonly<{ form: Form; isTaken: boolean }> | null;
export type RangeView = Readonly<{ from: RangeEnd; to: RangeEnd }>;

type Within = Readonly<{ from: string; to: string }> | null;

export type SolvedLine = Readonly<{ letters: readonly string[] }> &
  (
    | Readonly<{ kind: 'always' | 'never' | 'unknown' }>
    | Readonly<{
        kind: 'roots';
        roots: readonly SolutionView[];
        within: Within;
        hidden: number;
        complex: readonly SolutionView[];
      }>
    | Readonly<{
        kind: 'periodic';
        /** Each with every whole multiple of the period: 30° + n·360°. */
        families: readonly Form[];
        /** The solutions from 0 up to `until`. */
        inTurn: readonly SolutionView[];
        until: string;
        isSearched: boolean;
      }>
    | Readonly<{ kind: 'ranges'; ranges: readonly RangeView[]; within: Within }>
    | Readonly<{
        kind: 'pair';
        names: readonly [string, string];
        outcome: 'one' | 'none' | 'many';
        values: readonly SolutionView[];
      }>
  );

const WIDEST = 1_000_000;

/** An end of where solutions are searched; the given one when it is not a number in reach. */
function endOf(text: string, usual: number): Rational {
  const n = Number(text.replace(',', '.').replace('−', '-'));
  const end = Number.isFinite(n) && Math.abs(n) <= WIDEST && text.trim() !== '' ? n : usual;
  return q.rational(BigInt(Math.round(end * 1000)), 1000n);
}

/**
 * Solves a line. Problems: those of reading it; stopped, since of solutions that were found until then others may be
 * missing, and a range may be wrong by them.
 */
export function solveLine(
  request: SolveRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<SolvedLine, Problem> {
  const reading = parse(request.text, readingOptions(request));
  if (!reading.ok) return reading;
  const { tree } = reading.value;
  const isFree = (name: string): boolean => !request.letters.has(name);
  const all = openLetters(tree).filter(isFree);
  const letter = all.includes(request.letter) ? request.letter : (all[0] ?? request.letter);
  // What is tried for the letter that is sought must not stand for it.
  const tries = Object.fromEntries(Object.entries(request.tries).filter(([name]) => name !== letter));
  const isPair = all.length === 2 && tree.kind === 'logic';
  const asked = { ...request, tries: isPair ? {} : tries };
  const { context } = withTries(reading.value, asked, contextFor(asked, shouldContinue, random));
  const shower = new Shower(request, context);
  const interval = { from: endOf(request.from, -100), to: endOf(request.to, 100) };
  const result = solve(tree, letter, interval, context);
  if (!shouldContinue()) return fail(withSpan({ code: 'stopped' }, tree.span));
  const text = (r: Rational): string =>
    shower.forms(fromRational(r)).find((f) => f.id === 'decimal' || f.id === 'exact')?.text ?? '';
  const within = (w: typeof interval | null): Within => w && { from: text(w.from), to: text(w.to) };
  const letters = all;
  switch (result.kind) {
    case 'always':
    case 'never':
    case 'unknown':
      return succeed({ letters, kind: result.kind });
    case 'roots': {
      const equation = equationOf(tree);
      return succeed({
        letters,
        kind: 'roots',
        roots: result.roots.map((root) => shower.solution(root, equation, letter)),
        within: within(result.within),
        hidden: result.hidden,
        complex: result.complex.map((value) =>
          result.isNear ? shower.nearComplex(value) : shower.solution({ kind: 'exact', value }, equation, letter),
        ),
      });
    }
    case 'periodic': {
      const equation = equationOf(tree);
      const sign = result.isAngle && request.angle === 'deg' ? '°' : '';
      const [until] = shower.forms(result.until);
      return succeed({
        letters,
        kind: 'periodic',
        families: result.roots.flatMap((root) => shower.family(root, result.period, sign) ?? []),
        inTurn: result.inTurn.map((root) => shower.solution(root, equation, letter)),
        until: `${until?.text ?? ''}${sign}`,
        isSearched: result.isSearched,
      });
    }
    case 'ranges':
      return succeed({
        letters,
        kind: 'ranges',
        within: within(result.within),
        ranges: result.ranges.map((r) => ({ from: shower.end(r.from, r.takesFrom), to: shower.end(r.to, r.takesTo) })),
      });
    case 'pair': {
      const values = result.pair.kind === 'one' ? result.pair.values : [];
      return succeed({
        letters,
        kind: 'pair',
        names: result.letters,
        outcome: result.pair.kind,
        values: values.map((value) => ({ value, forms: shower.forms(value), isSure: true, check: null })),
      });
    }
  }
}
