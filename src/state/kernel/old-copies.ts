import type { Storage } from '@/platform/storage';

/*
 * What was found on the device and could not be used is set aside whole, under a key of its own. The newest few stay;
 * the user can save, open or remove them.
 */

const PREFIX = 'ulkav.set-aside.';
const MOST_COPIES = 3;

/** When a copy was set aside (milliseconds since 1970; 0 for one of before that was told), under its key. */
export type OldCopy = Readonly<{ key: string; at: number; size: number }>;

const timeOf = (key: string): number => Number(key.slice(PREFIX.length)) || 0;

const newestFirst = async (storage: Storage): Promise<readonly string[]> =>
  [...(await storage.keys(PREFIX))].sort((a, b) => timeOf(b) - timeOf(a));

/** Sets data aside; the key, or null when the device refuses. The same data is not set aside twice. */
export async function setAsideWhole(storage: Storage, raw: string, now: number): Promise<string | null> {
  try {
    const [newest, ...older] = await newestFirst(storage);
    if (newest !== undefined && (await storage.read(newest)) === raw) return newest;
    const kept = newest === undefined ? [] : [newest, ...older];
    for (const key of kept.slice(MOST_COPIES - 1)) await storage.remove(key);
    const key = PREFIX + now;
    await storage.write(key, raw);
    return key;
  } catch {
    return null;
  }
}

export async function oldCopies(storage: Storage): Promise<readonly OldCopy[]> {
  const result: OldCopy[] = [];
  for (const key of await newestFirst(storage)) {
    const raw = await storage.read(key).catch(() => null);
    if (raw !== null) result.push({ key, at: timeOf(key) < 100 ? 0 : timeOf(key), size: raw.length });
  }
  return result;
}
