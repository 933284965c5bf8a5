import { z } from 'zod';
import { angleUnits } from '@/core/base/angle';

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

export const batchRequest = z.discriminatedUnion('do', [
  z.object({ ...shared, do: z.literal('evaluate') }),
  z.object({ ...shared, do: z.literal('steps') }),
]);

export type BatchRequest = z.infer<typeof batchRequest>;
