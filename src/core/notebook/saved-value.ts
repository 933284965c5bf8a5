import { z } from 'zod/mini';
import { MOST_PARTS } from '../number/recipe';
import { LARGEST_INDEX } from '../number/radical';
import { LARGEST_SIDE } from '../matrix/matrix';
import { realOpNames } from '../number/real-op-names';
import { LONGEST_FRACTION } from './value-codec';
import { LARGEST_RADICAND_DIGITS, MOST_TERMS } from '../number/surd';

const fraction = z.string().check(z.regex(/^-?\d+(\/[1-9]\d*)?$/), z.maxLength(LONGEST_FRACTION));
const radicand = z.string().check(z.regex(/^[1-9]\d*$/), z.maxLength(LARGEST_RADICAND_DIGITS));
const place = z.int().check(z.gte(0));
const node = z.union([
  z.object({ rational: fraction }),
  z.object({ pi: fraction }),
  z.object({
    surd: z.array(z.tuple([radicand, fraction])).check(z.maxLength(MOST_TERMS)),
  }),
  z.object({ radical: z.tuple([fraction, radicand, z.int().check(z.gte(3), z.lte(LARGEST_INDEX))]) }),
  z.object({ complex: z.tuple([place, place]) }),
  z.object({
    matrix: z.tuple([
      z.int().check(z.gte(1), z.lte(LARGEST_SIDE)),
      z.array(place).check(z.maxLength(LARGEST_SIDE ** 2)),
    ]),
  }),
  z.object({
    op: z.enum(realOpNames),
    args: z.array(place).check(z.maxLength(4)),
  }),
]);

/** The shape of a saved value; whether its parts fit together is seen when it is decoded. */
export const savedValue = z.array(node).check(z.minLength(1), z.maxLength(MOST_PARTS));
