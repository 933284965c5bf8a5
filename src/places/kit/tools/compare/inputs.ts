import { z } from 'zod/mini';
import { angleUnits } from '@/core/base/angle';

const text = z.catch(z.string(), '');

/** `angle` is empty while the line follows the unit that is set. */
export const inputs = z.object({
  line: text,
  answer: text,
  angle: z.catch(z.enum([...angleUnits, '']), ''),
});

export const compareEntries = { id: 'compare', inputs } as const;
