import { z } from 'zod/mini';

/*
 * What could not be read of a notebook, or gave way to what another tab wrote: each part by itself, as it was found, with
 * the text that can be worked again. It stays in the notebook until it is removed.
 */

/** What a part was. */
export const partKinds = [
  'line',
  'tape',
  'place',
  'level',
  'running',
  'stack',
  'answer',
  'tried',
  'function',
  'view',
  'table',
  'column',
  'tool',
  'setting',
  'other',
] as const;
export type PartKind = (typeof partKinds)[number];

/** `unreadable`: it is not what such a part must be. `other-tab`: another tab changed the same thing. */
export const asideReasons = ['unreadable', 'other-tab'] as const;
export type AsideReason = (typeof asideReasons)[number];

export const MOST_SET_ASIDE = 10_000;
/** Longer texts are cut where they are shown; `raw` holds the whole. */
export const LONGEST_ASIDE_TEXT = 20_000;
export const LONGEST_ASIDE_NAME = 100;

export const setAsideSchema = z.object({
  id: z.string().check(z.minLength(1), z.maxLength(40)),
  of: z.enum(partKinds),
  reason: z.enum(asideReasons),
  /** The place, the letter, the column … that it was. */
  name: z.string().check(z.maxLength(LONGEST_ASIDE_NAME)),
  /** What can be worked again; empty where there is no such text. */
  text: z.string().check(z.maxLength(LONGEST_ASIDE_TEXT)),
  /** The part as JSON, as it was found. */
  raw: z.string().check(z.maxLength(50_000_000)),
});

export type SetAside = z.infer<typeof setAsideSchema>;

/** A part as it is set aside. */
export function asidePart(
  id: string,
  of: PartKind,
  reason: SetAside['reason'],
  name: string,
  text: unknown,
  raw: unknown,
): SetAside {
  return {
    id,
    of,
    reason,
    name: name.slice(0, LONGEST_ASIDE_NAME),
    text: typeof text === 'string' ? text.slice(0, LONGEST_ASIDE_TEXT) : '',
    raw: raw === undefined ? 'null' : JSON.stringify(raw),
  };
}

/** An id that none of the parts has. */
export function freeAsideId(parts: readonly SetAside[]): () => string {
  let last = parts.reduce((most, { id }) => Math.max(most, Number(id.slice(1)) || 0), 0);
  return () => `a${(last += 1)}`;
}
