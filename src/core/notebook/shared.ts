import { z } from 'zod/mini';
import { angleUnits } from '../base/angle';
import { examPlanSchema } from './exam';
import { keyLogSchema, ownDigitsSchema, typedText } from './schema';
import { sheetSchema } from '../practice/sheet-schema';
import { decimalSign } from './setting-records';
import { handedOnSchema } from './settings';

/*
 * What a link carries in its fragment, which no server sees: a line with the settings it was worked in and the keys
 * that made it, settings for a whole class, a short sheet of exercises, or an examination. Read as a stranger's input.
 */

const sharedLine = z.object({
  kind: z.literal('line'),
  text: typedText,
  angle: z.enum(angleUnits),
  impliedFirst: z.boolean(),
  complex: z.boolean(),
  decimalSign,
  own: z.nullable(ownDigitsSchema),
  keys: keyLogSchema,
});

const sharedSettings = z.object({ kind: z.literal('settings'), settings: handedOnSchema });

const sharedSheet = z.object({ kind: z.literal('sheet'), sheet: sheetSchema });

const sharedExam = z.object({ kind: z.literal('exam'), plan: examPlanSchema });

const shared = z.discriminatedUnion('kind', [sharedLine, sharedSettings, sharedSheet, sharedExam]);

export type SharedLine = z.infer<typeof sharedLine>;
export type Shared = z.infer<typeof shared>;

const PREFIX = 'ulkav=';

export const toFragment = (what: Shared): string => PREFIX + encodeURIComponent(JSON.stringify(what));

/** What a fragment carries; null when it is none of ours, `damaged` when it is one that cannot be read. */
export function fromFragment(fragment: string): Shared | 'damaged' | null {
  const text = fragment.replace(/^#/, '');
  if (!text.startsWith(PREFIX)) return null;
  return fromSharedText(() => decodeURIComponent(text.slice(PREFIX.length)));
}

/** The same from a file. */
export const fromSharedFile = (raw: string): Shared | 'damaged' => fromSharedText(() => raw);

function fromSharedText(read: () => string): Shared | 'damaged' {
  try {
    const result = shared.safeParse(JSON.parse(read()));
    return result.success ? result.data : 'damaged';
  } catch {
    return 'damaged';
  }
}
