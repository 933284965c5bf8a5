import { z } from 'zod/mini';
import { handedOnSchema } from './settings';

/*
 * An examination: which helps are off, as a link carries it, and what was put aside until it ends. The code is read off the
 * screen: whoever is in charge of a class sees by it that each works under the same.
 */

/** What can be off. */
export const helps = ['forms', 'steps', 'solve', 'search', 'curves', 'columns', 'kit'] as const;
export type Help = (typeof helps)[number];

/** The helps that are off, and the settings that go with them; null where each keeps their own. */
export const examPlanSchema = z.object({
  off: z.array(z.enum(helps)).check(z.maxLength(helps.length)),
  settings: z.nullable(handedOnSchema),
});
export type ExamPlan = z.infer<typeof examPlanSchema>;

/**
 * An examination that is on. `since`: milliseconds since 1970. `before`: the notebook that was put aside, alone in a list,
 * since lists are what is written apart; it is read as a notebook of its own version when the examination ends.
 */
export const examSchema = z.extend(examPlanSchema, {
  since: z.int().check(z.gte(0)),
  before: z.array(z.unknown()).check(z.maxLength(1)),
});
export type SavedExam = z.infer<typeof examSchema>;

/** Letters and digits that cannot be taken for each other. */
const SIGNS = '23456789ABCDEFGHJKLMNPQRSTUVWXYZ';
const CODE_LENGTH = 5;

/** The same text for the same plan, in whatever order its parts were given. */
function canonical(value: unknown): string {
  if (typeof value !== 'object' || value === null) return JSON.stringify(value);
  return Object.entries(value)
    .filter(([, part]) => part !== undefined)
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([key, part]) => `${key}:{${canonical(part)}}`)
    .join();
}

/**
 * Five letters and digits that are the same for the same plan and hardly ever for another. No secret: it helps against
 * mistakes, not against forging. Source: FNV-1a with 32 bits (draft-eastlake-fnv), of which 25 are kept.
 */
export function planCode({ off, settings }: ExamPlan): string {
  const text = canonical({ off: helps.filter((help) => off.includes(help)), settings });
  let hash = 0x811c9dc5;
  // Names and numbers alone: each sign is one byte.
  for (const sign of text) hash = Math.imul(hash ^ sign.charCodeAt(0), 0x01000193) >>> 0;
  let code = '';
  for (let i = 0; i < CODE_LENGTH; i += 1) code += SIGNS.charAt((hash >>> (5 * i)) & 31);
  return code;
}
