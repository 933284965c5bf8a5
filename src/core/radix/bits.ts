import type { ProblemData } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import { fitsWord, isPattern, patternOf, readPattern } from './word';
import type { Word } from './word';

/** What comes of an operation on words. */
export type BitsOutcome = Readonly<{
  /** The bits, as a number from 0. */
  pattern: bigint;
  /** A sum's carry out of the first bit, a difference's borrow into it, a product's higher half; of a shift or a rotation the bit that left last. */
  carry: boolean;
  /** The number that would be right does not fit in the word as it is read. */
  overflow: boolean;
}>;

type Work = (a: bigint, b: bigint, word: Word) => BitsOutcome;

/** How an operation takes its second operand: it has none, another pattern, or a number of places. */
type Operand = 'none' | 'pattern' | 'count';

export type BitsOperation = Readonly<{ takes: Operand; work: Work }>;

const plain = (pattern: bigint): BitsOutcome => ({ pattern, carry: false, overflow: false });

const logic = (of: (a: bigint, b: bigint) => bigint, takes: Operand = 'pattern'): BitsOperation => ({
  takes,
  work: (a, b, { bits }) => plain(patternOf(of(a, b), bits)),
});

/** A sum, difference or product: carry by the patterns as they stand, overflow by what they are read as. */
const arithmetic = (of: (a: bigint, b: bigint) => bigint, takes: Operand = 'pattern'): BitsOperation => ({
  takes,
  work: (a, b, word) => {
    const unsigned = of(a, b);
    return {
      pattern: patternOf(unsigned, word.bits),
      carry: unsigned !== patternOf(unsigned, word.bits),
      overflow: !fitsWord(of(readPattern(a, word), readPattern(b, word)), word),
    };
  },
});

const bitAt = (pattern: bigint, at: bigint): boolean => at >= 0n && ((pattern >> at) & 1n) === 1n;

const shifted = (work: (a: bigint, count: bigint, word: Word) => BitsOutcome): BitsOperation => ({
  takes: 'count',
  work: (a, count, word) => (count === 0n ? plain(a) : work(a, count, word)),
});

const left: Work = (a, count, word) => {
  const { bits } = word;
  if (count > BigInt(bits)) return { ...plain(0n), overflow: a !== 0n };
  return {
    pattern: patternOf(a << count, bits),
    carry: bitAt(a, BigInt(bits) - count),
    overflow: !fitsWord(readPattern(a, word) << count, word),
  };
};

const right: Work = (a, count) => ({ pattern: a >> count, carry: bitAt(a, count - 1n), overflow: false });

/** The first bit is kept, whatever the word is read as: that is what makes the shift an arithmetic one. */
const arithmeticRight: Work = (a, count, { bits }) => {
  const signed = BigInt.asIntN(bits, a);
  return { pattern: patternOf(signed >> count, bits), carry: ((signed >> (count - 1n)) & 1n) === 1n, overflow: false };
};

function rotated(a: bigint, count: bigint, bits: number): bigint {
  const by = count % BigInt(bits);
  return patternOf((a << by) | (a >> (BigInt(bits) - by)), bits);
}

const rotatedLeft: Work = (a, count, { bits }) => {
  const pattern = rotated(a, count, bits);
  return { pattern, carry: bitAt(pattern, 0n), overflow: false };
};

const rotatedRight: Work = (a, count, { bits }) => {
  const pattern = rotated(a, BigInt(bits) - (count % BigInt(bits)), bits);
  return { pattern, carry: bitAt(pattern, BigInt(bits - 1)), overflow: false };
};

/** Every operation on words, by the name that is common practice in assembly languages. */
export const bitsOperations = {
  and: logic((a, b) => a & b),
  or: logic((a, b) => a | b),
  xor: logic((a, b) => a ^ b),
  nand: logic((a, b) => ~(a & b)),
  nor: logic((a, b) => ~(a | b)),
  xnor: logic((a, b) => ~(a ^ b)),
  not: logic((a) => ~a, 'none'),
  neg: arithmetic((a) => -a, 'none'),
  shl: shifted(left),
  shr: shifted(right),
  sar: shifted(arithmeticRight),
  rol: shifted(rotatedLeft),
  ror: shifted(rotatedRight),
  add: arithmetic((a, b) => a + b),
  sub: arithmetic((a, b) => a - b),
  mul: arithmetic((a, b) => a * b),
} as const satisfies Readonly<Record<string, BitsOperation>>;

export type BitsOperationId = keyof typeof bitsOperations;
export const bitsOperationIds = Object.keys(bitsOperations) as [BitsOperationId, ...BitsOperationId[]];

/** A count of more places than any word has; shifting further changes nothing more, and rotations come round. */
const MOST_PLACES = 1n << 32n;

/** The pattern that a number names in a word; a problem where it needs more bits. */
export const patternIn = (n: bigint, word: Word, fn: string): Result<bigint, ProblemData> =>
  isPattern(n, word.bits)
    ? succeed(patternOf(n, word.bits))
    : fail({ code: 'domain', reason: 'outside-word', fn, bits: word.bits });

/**
 * An operation on one or two whole numbers in a word. Numbers are taken by their bits, negative ones by two's complement.
 * Problems: domain, where a number needs more bits than the word has, or a count of places is negative.
 */
export function operate(id: BitsOperationId, a: bigint, b: bigint, word: Word): Result<BitsOutcome, ProblemData> {
  const { takes, work }: BitsOperation = bitsOperations[id];
  const first = patternIn(a, word, id);
  if (!first.ok) return first;
  if (takes === 'none') return succeed(work(first.value, 0n, word));
  if (takes === 'count')
    return b < 0n || b > MOST_PLACES
      ? fail({ code: 'domain', reason: 'places-of-bits', fn: id })
      : succeed(work(first.value, b, word));
  const second = patternIn(b, word, id);
  return second.ok ? succeed(work(first.value, second.value, word)) : second;
}
