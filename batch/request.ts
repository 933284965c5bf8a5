import { z } from 'zod';
import { angleUnits } from '@/core/base/angle';
import { formIds } from '@/core/format/form';
import { FEWEST_DIGITS, MOST_DIGITS, displayModes } from '@/core/format/settings';
import { lineViews } from '@/core/line/line';
import { entryStyles } from '@/core/notebook/schema';
import { runningOrders } from '@/core/running/state';
import { stackDepths } from '@/core/stack/stack';

/** The most significant digits that can be asked for. */
export const MOST_BATCH_DIGITS = 200;

const shared = {
  id: z.union([z.string(), z.number()]),
  expr: z.string().max(100_000),
  angle: z.enum(angleUnits).default('rad'),
  complex: z.boolean().default(false),
  digits: z.int().min(1).max(MOST_BATCH_DIGITS).default(30),
  impliedFirst: z.boolean().default(false),
  variables: z.record(z.string().regex(/^[A-Za-z]$/), z.string().max(10_000)).default({}),
};

/** Keys pressed one after another in a fresh app; settings that are not given are those of a fresh app too. */
const keysRequest = z.object({
  id: shared.id,
  do: z.literal('keys'),
  style: z.enum(entryStyles).default('written'),
  keys: z.array(z.string().max(100)).max(20_000),
  settings: z
    .strictObject({
      angle: z.enum(angleUnits),
      mode: z.enum(displayModes),
      digits: z.int().min(FEWEST_DIGITS).max(MOST_DIGITS),
      grouping: z.boolean(),
      decimalSign: z.enum(['.', ',']),
      impliedFirst: z.boolean(),
      complex: z.boolean(),
      form: z.nullable(z.enum(formIds)),
      fractions: z.enum(['improper', 'mixed']),
      complexForm: z.enum(['rectangular', 'polar']),
      order: z.enum(runningOrders),
      depth: z.enum(stackDepths),
      view: z.enum(lineViews),
    })
    .partial()
    .default({}),
});

export const batchRequest = z.discriminatedUnion('do', [
  keysRequest,
  z.object({ ...shared, do: z.literal('evaluate') }),
  z.object({ ...shared, do: z.literal('steps') }),
]);

export type KeysRequest = z.infer<typeof keysRequest>;
export type BatchRequest = Exclude<z.infer<typeof batchRequest>, KeysRequest>;
