import { z } from 'zod/mini';
import { isBase } from '@/core/radix/digits';
import { wordBits } from '@/core/radix/word';
import type { Word } from '@/core/radix/word';

const text = (first = '') => z.catch(z.string(), first);
const sizes = wordBits.map(String) as unknown as readonly ['8', '16', '32', '64'];

/** A number, a second one, the word in which their bits are worked with, and a base of choice. */
export const inputs = z.object({
  value: text(),
  second: text(),
  bits: z.catch(z.enum(sizes), '8'),
  signed: z.catch(z.enum(['on', 'off']), 'on'),
  places: text('1'),
  base: z.catch(z.string().check(z.refine((found) => isBase(Number(found)))), '7'),
});

export type BaseEntries = z.infer<typeof inputs>;

export const baseEntries = { id: 'bases', inputs } as const;

export const bitSizes = sizes;

export const wordOf = ({ bits, signed }: Pick<BaseEntries, 'bits' | 'signed'>): Word => ({
  bits: Number(bits) as Word['bits'],
  isSigned: signed === 'on',
});
