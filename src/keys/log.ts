import type { KeyAction, KeyId } from './catalogue';
import { isKeyId, keyIds, keys } from './catalogue';
import { isLineAction } from './press';

/*
 * How a line was keyed, entry by entry, so that it can be shown, replayed and shared: the id of a key; `'` and a
 * character that a keyboard typed; `"` and text that was put in at once; `@` and where the caret was put in the text.
 */

export type Keyed =
  | Readonly<{ kind: 'key'; id: KeyId }>
  | Readonly<{ kind: 'typed'; char: string }>
  | Readonly<{ kind: 'put'; text: string }>
  | Readonly<{ kind: 'caret'; offset: number }>;

/** A log that would grow beyond this is given up: the line no longer knows how it was keyed. */
export const MOST_KEYED = 2000;

const byAction = new Map<string, KeyId>(keyIds.map((id) => [JSON.stringify(keys[id].does), id]));

/** The entry for an action; null for one that is not part of a line. */
export function entryOf(action: KeyAction): string | null {
  if (!isLineAction(action)) return null;
  const id = byAction.get(JSON.stringify(action));
  if (id !== undefined) return id;
  if (action.type === 'type') return `'${action.text}`;
  return action.type === 'insert' || action.type === 'operate' ? `"${action.text}` : null;
}

export const putEntry = (text: string): string => `"${text}`;
export const caretEntry = (offset: number): string => `@${offset}`;

/** What an entry says; null when it says nothing that is known. */
export function keyedOf(entry: string): Keyed | null {
  if (isKeyId(entry)) return { kind: 'key', id: entry };
  const rest = entry.slice(1);
  switch (entry[0]) {
    case "'":
      return rest === '' ? null : { kind: 'typed', char: rest };
    case '"':
      return { kind: 'put', text: rest };
    case '@':
      return /^\d+$/.test(rest) ? { kind: 'caret', offset: Number(rest) } : null;
    default:
      return null;
  }
}

/** A log with one more entry; a caret put twice is put once; null once a log was given up. */
export function logged(log: readonly string[] | null, entry: string | null): readonly string[] | null {
  if (log === null || entry === null || log.length >= MOST_KEYED) return null;
  return entry.startsWith('@') && log.at(-1)?.startsWith('@') === true ? [...log.slice(0, -1), entry] : [...log, entry];
}
