import { z } from 'zod';
import { angleUnits } from '@/core/base/angle';

/** The most significant digits that can be asked for. */
export const MOST_BATCH_DIGITS = 200;

export const evaluateRequest = z.object({
  id: z.union([z.string(), z.number()]),
  do: z.literal('evaluate'),
  expr: z.string().max(100_000),
  angle: z.enum(angleUnits).default('rad'),
  /** Complex numbers are not there yet: asking for them is refused rather than answered as if real. */
  complex: z.literal(false).default(false),
  digits: z.int().min(1).max(MOST_BATCH_DIGITS).default(30),
  impliedFirst: z.boolean().default(false),
  variables: z.record(z.string().regex(/^[A-Za-z]$/), z.string().max(10_000)).default({}),
});

export type EvaluateRequest = z.infer<typeof evaluateRequest>;
