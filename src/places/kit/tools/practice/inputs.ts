import { z } from 'zod/mini';
import { seriesIds } from '@/core/practice/exercise';

const text = z.catch(z.string(), '');
const rows = z.catch(z.array(z.array(z.string())), []);

/** The name of the series of one's own lines. */
export const OWN = 'own';

/** The topic of the questions of a sheet. */
export const SHEET = 'sheet';

export const counts = ['5', '10', '20'] as const;

/**
 * What is chosen in Practice, and the run that is under way. `run`: rows of the exercises with how they were answered,
 * `since`: when it began, in milliseconds, where the time is to be told. `own`: lines with their forms. Besides these
 * there are a table for each month of answers and tables of the exercises that come back (`log …`, `cards …`).
 */
export const inputs = z.object({
  topic: z.catch(z.enum([...seriesIds, OWN]), 'squares'),
  level: z.catch(z.enum(['1', '2', '3']), '1'),
  count: z.catch(z.enum(counts), '10'),
  seed: text,
  timed: z.catch(z.enum(['', 'yes']), ''),
  run: rows,
  since: text,
  own: rows,
  /** A sheet that was handed out, as JSON, and the number of the pupil. */
  sheet: text,
  pupil: text,
  ownLine: text,
  ownForm: z.catch(z.string(), 'any'),
});

export type PracticeEntries = z.infer<typeof inputs>;

export const practiceEntries = { id: 'practice', inputs } as const;
