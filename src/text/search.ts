import { keyIds, letterIds } from '@/keys/catalogue';
import type { KeyId } from '@/keys/catalogue';
import { keyTexts } from '@/text/keys';
import { EMPTY, otherWords } from '@/text/search-words';

const normal = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '');

/** Something that can be found: its name, and all the words that it is known by. */
export type Findable<T> = Readonly<{ of: T; name: string; all: string }>;

export const findable = <T>(of: T, name: string, ...more: readonly string[]): Findable<T> => ({
  of,
  name: normal(name),
  all: normal([name, ...more].join(' ')),
});

export const keyEntries: readonly Findable<KeyId>[] = keyIds
  .filter((id) => !(letterIds as readonly KeyId[]).includes(id))
  .map((id) => {
    const { say, help } = keyTexts[id];
    return findable(id, say, otherWords[id] ?? '', help, id);
  });

/**
 * What fits plain words, the best first: what holds all of them in its name, then anywhere, then what holds most of them.
 */
export function found<T>(entries: readonly Findable<T>[], sought: string, most: number): readonly T[] {
  const all = normal(sought)
    .split(/[^\p{L}\p{N}/]+/u)
    .filter((word) => word !== '');
  const telling = all.filter((word) => !EMPTY.has(word));
  const asked = telling.length > 0 ? telling : all;
  if (asked.length === 0) return [];
  const begins = (text: string, word: string): boolean =>
    new RegExp(`(?:^|[^\\p{L}\\p{N}])${escaped(word)}`, 'u').test(text);
  const scored = entries.map(({ of, name, all: text }) => {
    const hits = asked.filter((word) => begins(text, word)).length;
    const inName = asked.filter((word) => begins(name, word)).length;
    return {
      of,
      score: hits === 0 ? 0 : (hits === asked.length ? 100 : 0) + 10 * hits + 5 * inName - name.length / 100,
    };
  });
  const best = Math.max(...scored.map((s) => s.score));
  return scored
    .filter(({ score }) => score > 0 && (best < 100 || score >= 100))
    .sort((a, b) => b.score - a.score)
    .slice(0, most)
    .map(({ of }) => of);
}

/** Keys that fit plain words. */
export const findKeys = (sought: string): readonly KeyId[] => found(keyEntries, sought, 12);

const escaped = (word: string): string => word.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&');
