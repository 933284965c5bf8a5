import { z } from 'zod/mini';

const text = z.catch(z.string(), '');

export const percentKinds = ['share', 'change', 'series', 'three'] as const;

/** What is entered for percent: of three numbers the empty one is sought. */
export const inputs = z.object({
  kind: z.catch(z.enum(percentKinds), 'share'),
  part: text,
  whole: text,
  percent: text,
  from: text,
  to: text,
  by: text,
  before: text,
  after: text,
  /** Per cent added or taken off one after the other, one to a row. */
  steps: z.catch(
    z.array(z.array(z.string())).check(z.refine((rows) => rows.length > 0 && rows.every((row) => row.length === 1))),
    [[''], ['']],
  ),
  a: text,
  b: text,
  c: text,
  relation: z.catch(z.enum(['direct', 'inverse']), 'direct'),
});

export type PercentEntries = z.infer<typeof inputs>;

export const percentEntries = { id: 'percent', inputs } as const;

export const MOST_STEPS = 12;
