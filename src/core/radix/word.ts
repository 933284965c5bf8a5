/*
 * Whole numbers in words of a fixed number of bits: negative ones by two's complement (common practice of computer
 * arithmetic; D. E. Knuth, The Art of Computer Programming, vol. 2, 4.1, from memory).
 */

export const wordBits = [8, 16, 32, 64] as const;
export type WordBits = (typeof wordBits)[number];

/** A word: how many bits it has, and whether its first bit is a sign. */
export type Word = Readonly<{ bits: WordBits; isSigned: boolean }>;

/** The words that can be set, by a name of one text. */
export const words = {
  signed8: { bits: 8, isSigned: true },
  signed16: { bits: 16, isSigned: true },
  signed32: { bits: 32, isSigned: true },
  signed64: { bits: 64, isSigned: true },
  unsigned8: { bits: 8, isSigned: false },
  unsigned16: { bits: 16, isSigned: false },
  unsigned32: { bits: 32, isSigned: false },
  unsigned64: { bits: 64, isSigned: false },
} as const satisfies Readonly<Record<string, Word>>;
export type WordId = keyof typeof words;
export const wordIds = Object.keys(words) as [WordId, ...WordId[]];

/** The least and the largest number that a word holds. */
export const rangeOf = ({ bits, isSigned }: Word): readonly [least: bigint, largest: bigint] =>
  isSigned ? [-(1n << BigInt(bits - 1)), (1n << BigInt(bits - 1)) - 1n] : [0n, (1n << BigInt(bits)) - 1n];

/**
 * Whether a number names a pattern of that many bits: as one with a sign, or as one without (so that 0xCA is a pattern
 * of eight bits whether or not they have a sign).
 */
export const isPattern = (n: bigint, bits: WordBits): boolean =>
  n >= -(1n << BigInt(bits - 1)) && n < 1n << BigInt(bits);

/** The bits of a number as a number from 0: what is left of it in so many bits. */
export const patternOf = (n: bigint, bits: number): bigint => BigInt.asUintN(bits, n);

/** What a pattern stands for in a word. */
export const readPattern = (pattern: bigint, { bits, isSigned }: Word): bigint =>
  isSigned ? BigInt.asIntN(bits, pattern) : BigInt.asUintN(bits, pattern);

/** Whether a word holds a number as it is. */
export function fitsWord(n: bigint, word: Word): boolean {
  const [least, largest] = rangeOf(word);
  return n >= least && n <= largest;
}
