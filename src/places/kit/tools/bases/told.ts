import { inBase } from '@/core/format/based';
import { expressionForm } from '@/core/format/form';
import type { Form } from '@/core/format/form';
import type { DisplaySettings } from '@/core/format/settings';
import { encode } from '@/core/notebook/value-codec';
import { wholeTree } from '@/core/language/tree';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { fromWhole } from '@/core/number/value';
import { operate } from '@/core/radix/bits';
import type { BitsOperationId } from '@/core/radix/bits';
import { expansion, writtenDigits } from '@/core/radix/digits';
import { readPattern } from '@/core/radix/word';
import type { Word } from '@/core/radix/word';
import type { Result } from '@/places/kit/parts/result';
import { operationName, outcomeNote } from '@/text/kit/bases';

/** The digits of a number in a base, a minus before those of a negative one; null where there are too many. */
export function digitsIn(value: Rational, base: number): string | null {
  const found = expansion(value, base);
  return found === null ? null : (value.n < 0n ? '-' : '') + writtenDigits(found, base);
}

/** The typed text of digits keyed in a base; '' for none. */
export function typedIn(digits: string, base: number): string {
  const isNegative = digits.startsWith('-');
  const bare = (isNegative ? digits.slice(1) : digits).replace(/\.$/, '');
  if (bare === '') return '';
  const prefix = { 2: '0b', 8: '0o', 16: '0x' }[base];
  const written = prefix !== undefined ? prefix + bare : base === 10 ? bare : `${bare} base ${base}`;
  return (isNegative ? '-' : '') + written;
}

export type BitsTold = Readonly<{ id: BitsOperationId; result: Result; note: string | null; pattern: bigint }>;

/** An operation on words with its bits, what they stand for, and what left or does not fit; null where it cannot be done. */
export function bitsTold(
  id: BitsOperationId,
  a: bigint,
  b: bigint,
  word: Word,
  display: DisplaySettings,
): BitsTold | null {
  const done = operate(id, a, b, word);
  if (!done.ok) return null;
  const { pattern, carry, overflow } = done.value;
  const meant = readPattern(pattern, word);
  const forms: readonly (Form | null)[] = [
    padded(pattern, word, display),
    expressionForm('exact', wholeTree(meant), display),
    inBase('hexadecimal', q.whole(pattern), 16, display),
  ];
  const result: Result = {
    name: operationName(id),
    forms: forms.filter((form) => form !== null),
    saved: encode(fromWhole(meant)),
    full: `${meant}`,
    from: `${operationName(id)}, ${word.bits} bits`,
  };
  return { id, result, note: outcomeNote(id, carry, overflow), pattern };
}

/** All bits of a word, leading zeros too. */
function padded(pattern: bigint, { bits }: Word, display: DisplaySettings): Form | null {
  const form = inBase('binary', q.whole(pattern | (1n << BigInt(bits))), 2, display);
  if (form === null) return null;
  const digits = pattern.toString(2).padStart(bits, '0');
  const typed = `0b${digits}`;
  const groups = display.grouping ? digits.replace(/(\d)(?=(?:\d{4})+$)/g, '$1\u2009') : digits;
  return { ...form, typed, text: `${groups}₂` };
}
