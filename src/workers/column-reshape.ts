import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { recoded, sequence } from '@/core/column/reshape';
import { withLetter } from '@/core/evaluate/context';
import { evaluate } from '@/core/evaluate/evaluate';
import { batchText } from '@/core/format/layout';
import { parse } from '@/core/language/parse';
import { valuesOf } from '@/core/language/value-list';
import { MOST_CELLS } from '@/core/notebook/columns';
import { longestDecimal } from '@/core/number/digits';
import type { Rational } from '@/core/number/rational';
import { asWhole, fromRational, fromWhole, isReal } from '@/core/number/value';
import type { LineRequest } from './answer';
import { SPELLING, fractionsOf } from './column-reader';
import type { Reader } from './column-reader';

/** Values that are filled in by a rule, or told by the classes that they lie in. All texts are typed texts with a point. */
export type FillRequest = LineRequest &
  Readonly<
    | { fill: 'sequence'; from: string; step: string; count: string }
    /** An expression in k, worked for k = 1, 2, … */
    | { fill: 'rule'; rule: string; count: string }
    | { fill: 'classes'; cells: readonly string[]; bounds: string }
  >;

const NOWHERE = { from: 0, to: 0 } as const;
const DIGITS = 40;

/** A fraction as typed text: as a decimal where it ends, else as it is. */
function typed(value: Rational, reader: Reader): string {
  const decimal = longestDecimal(fromRational(value), DIGITS, reader.context.shouldContinue);
  return decimal?.exact === true ? batchText(decimal).replace('E+', 'E') : `${value.n}/${value.d}`;
}

function fraction(text: string, reader: Reader): Result<Rational, Problem> {
  const value = reader.value(text);
  if (!value.ok) return value;
  const taken = fractionsOf([value.value], reader.context);
  return taken.ok ? succeed(taken.value.values[0] ?? { n: 0n, d: 1n }) : taken;
}

function countOf(text: string, reader: Reader): Result<number, Problem> {
  const value = reader.value(text);
  if (!value.ok) return value;
  const count = asWhole(value.value);
  return count !== null && count >= 1n && count <= MOST_CELLS
    ? succeed(Number(count))
    : fail(withSpan({ code: 'outside-range', least: 1, most: MOST_CELLS, isWhole: true }, NOWHERE));
}

function byRule(rule: string, count: number, reader: Reader): Result<readonly string[], Problem> {
  const reading = parse(rule, SPELLING);
  if (!reading.ok) return reading;
  const cells: string[] = [];
  for (let k = 1; k <= count; k += 1) {
    if (!reader.context.shouldContinue()) return fail(withSpan({ code: 'stopped' }, NOWHERE));
    const value = evaluate(reading.value.tree, withLetter(reader.context, 'k', fromWhole(k)));
    if (!value.ok) return value;
    if (!isReal(value.value)) return fail(withSpan({ code: 'domain', reason: 'real-only' }, NOWHERE));
    const taken = fractionsOf([value.value], reader.context);
    if (!taken.ok) return taken;
    const [first] = taken.value.values;
    cells.push(first === undefined ? '' : typed(first, reader));
  }
  return succeed(cells);
}

/** The cells of a column that is filled. Problems: those of the texts; outside-range (the count); empty (no bounds). */
export function filled(request: FillRequest, reader: Reader): Result<readonly string[], Problem> {
  if (request.fill === 'classes') {
    const bounds: Rational[] = [];
    for (const text of valuesOf(request.bounds, SPELLING)) {
      const bound = fraction(text, reader);
      if (!bound.ok) return bound;
      bounds.push(bound.value);
    }
    if (bounds.length === 0) return fail(withSpan({ code: 'syntax', reason: 'empty' }, NOWHERE));
    const values = request.cells.map((cell) => {
      const value = cell === '' ? null : fraction(cell, reader);
      return value?.ok === true ? value.value : null;
    });
    return succeed(recoded(values, bounds, (bound) => typed(bound, reader)));
  }
  const count = countOf(request.count, reader);
  if (!count.ok) return count;
  if (request.fill === 'rule') return byRule(request.rule, count.value, reader);
  const [from, step] = [fraction(request.from, reader), fraction(request.step, reader)];
  if (!from.ok) return from;
  if (!step.ok) return step;
  return succeed(sequence(from.value, step.value, count.value).map((value) => typed(value, reader)));
}
