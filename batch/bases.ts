import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { Context } from '@/core/evaluate/context';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { asRational } from '@/core/number/value';
import { bitsOperations, operate, patternIn } from '@/core/radix/bits';
import type { BitsOperation } from '@/core/radix/bits';
import { digitsOf, expansion, writtenDigits } from '@/core/radix/digits';
import { readPattern } from '@/core/radix/word';
import type { Word } from '@/core/radix/word';
import { NOWHERE, numberIn } from './numbers';
import type { BaseRequest, BitsRequest } from './request';

const SIGNED = /^\s*([-−+]?)\s*(.*?)\s*$/s;

/** The expression for digits of a base, its sign before them. */
function inTen(value: string, from: number): string {
  if (from === 10) return value;
  const [, sign = '', digits = ''] = SIGNED.exec(value) ?? [];
  return `${sign === '+' ? '' : sign}${/\bbase\b|^0[box]/i.test(digits) ? digits : `${digits} base ${from}`}`;
}

/** A value that a base or a word can write: rational, and whole where bits are asked for. */
function rationalIn(text: string, context: Context): Result<Rational, Problem> {
  const value = numberIn(text, context);
  if (!value.ok) return value;
  const plain = asRational(value.value);
  return plain === null
    ? fail(withSpan({ code: 'domain', reason: 'rational-only', fn: 'base' }, { from: 0, to: text.length }))
    : succeed(plain);
}

function wholeIn(text: string, context: Context, fn: string): Result<bigint, Problem> {
  const value = rationalIn(text, context);
  if (!value.ok) return value;
  return q.isWhole(value.value)
    ? succeed(value.value.n)
    : fail(withSpan({ code: 'domain', reason: 'not-whole', fn }, { from: 0, to: text.length }));
}

/** Digits in a base with a minus before those of a negative number. Problem: what recurs only after too many digits. */
function digitsIn(value: Rational, base: number): Result<string, Problem> {
  const found = expansion(value, base, 2000);
  if (found === null) return fail(withSpan({ code: 'too-large' }, NOWHERE));
  return succeed((value.n < 0n ? '-' : '') + writtenDigits(found, base));
}

const BASES = { bin: 2, oct: 8, hex: 16, dec: 10 } as const;

/** A number in bases 2, 8, 16, 10 and one more; in a word, the bits are written as they stand and `dec` is what they mean. */
export function inBases(request: BaseRequest, context: Context): Result<object, Problem> {
  const text = inTen(request.value, request.from);
  const { bits, signed, to } = request;
  let value: Rational;
  let meaning: Rational | null = null;
  if (bits === undefined) {
    const found = rationalIn(text, context);
    if (!found.ok) return found;
    value = found.value;
  } else {
    const word: Word = { bits, isSigned: signed };
    const found = wholeIn(text, context, 'base');
    if (!found.ok) return found;
    const pattern = patternIn(found.value, word, 'base');
    if (!pattern.ok) return fail(withSpan(pattern.problem, { from: 0, to: request.value.length }));
    value = q.whole(pattern.value);
    meaning = q.whole(readPattern(pattern.value, word));
  }
  const answer: Record<string, string> = {};
  for (const [name, base] of [...Object.entries(BASES), ...(to === undefined ? [] : ([['inBase', to]] as const))]) {
    const digits = digitsIn(name === 'dec' ? (meaning ?? value) : value, base);
    if (!digits.ok) return digits;
    answer[name] = digits.value;
  }
  return succeed(answer);
}

/** An operation on words: the bits, what they mean with a sign and without, and what left or did not fit. */
export function onBits(request: BitsRequest, context: Context): Result<object, Problem> {
  const { op, bits, signed } = request;
  const word: Word = { bits, isSigned: signed };
  const { takes }: BitsOperation = bitsOperations[op];
  const a = wholeIn(request.a, context, op);
  if (!a.ok) return a;
  if (takes !== 'none' && request.b === undefined)
    return fail(withSpan({ code: 'argument-count', fn: op, got: 1, least: 2, most: 2 }, NOWHERE));
  const b = request.b === undefined ? succeed(0n) : wholeIn(request.b, context, op);
  if (!b.ok) return b;
  const result = operate(op, a.value, b.value, word);
  if (!result.ok) return fail(withSpan(result.problem, { from: 0, to: request.a.length }));
  const { pattern, carry, overflow } = result.value;
  return succeed({
    hex: digitsOf(pattern, 16),
    bin: digitsOf(pattern, 2),
    signed: `${readPattern(pattern, { bits, isSigned: true })}`,
    unsigned: `${pattern}`,
    carry,
    overflow,
  });
}
