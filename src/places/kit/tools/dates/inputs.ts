import { z } from 'zod/mini';
import { dateOrders } from '@/core/date/read';

const text = (first = '') => z.catch(z.string(), first);

export const dateKinds = ['between', 'add', 'times'] as const;

/** Dates as ISO 8601 writes them, or as they were typed where they are none; numbers and times as typed. */
export const inputs = z.object({
  kind: z.catch(z.enum(dateKinds), 'between'),
  /** In which order numbers are read as a date; '' for that of the browser. */
  order: z.catch(z.enum(['', ...dateOrders]), ''),
  from: text(),
  to: text(),
  bothEnds: z.catch(z.enum(['on', 'off']), 'off'),
  /** Weekdays of the weekend by number. */
  weekend: z.catch(z.string().check(z.regex(/^[1-7]*$/)), '67'),
  start: text(),
  direction: z.catch(z.enum(['later', 'earlier']), 'later'),
  years: text(),
  months: text(),
  weeks: text(),
  days: text(),
  hours: text(),
  clock: text(),
  sum: text(),
  clockFrom: text(),
  clockTo: text(),
});

export type DateEntries = z.infer<typeof inputs>;

export const dateEntries = { id: 'dates', inputs } as const;
