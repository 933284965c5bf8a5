import type { SavedShelf } from '@/core/notebook/schema';
import { text } from '@/state/kernel/merging';
import type { Lost, Merge } from '@/state/kernel/merging';
import type { Document } from '@/state/slices/parts';

function shelfOf(base: SavedShelf, mine: SavedShelf, theirs: SavedShelf, lost: Lost): SavedShelf {
  if (theirs === base) return mine;
  if (mine === base) return theirs;
  const result: SavedShelf = {};
  for (const name of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const [b, m, t] = [base[name], mine[name], theirs[name]];
    // What was kept later counts.
    const isTheirs = m === b || (t !== undefined && t !== b && m !== undefined && (t.at ?? 0) > (m.at ?? 0));
    const [kept, other] = isTheirs ? [t, m] : [m, t];
    if (kept !== undefined) result[name] = kept;
    if (other !== undefined && other !== b && m !== b && text(other) !== text(kept))
      lost('place', name, other.from, other);
  }
  return result;
}

export const mergeShelf: Merge<Document> = (base, mine, theirs, lost, renamed) => {
  // What this tab kept came from its own lines.
  const shelf = Object.fromEntries(
    Object.entries(mine.shelf).map(([name, kept]) => {
      const from = kept.line === null || base.shelf[name] === kept ? undefined : renamed.get(kept.line);
      return [name, from === undefined ? kept : { ...kept, line: from }];
    }),
  );
  const isRenamed = Object.entries(shelf).some(([name, kept]) => kept !== mine.shelf[name]);
  return { shelf: shelfOf(base.shelf, isRenamed ? shelf : mine.shelf, theirs.shelf, lost) };
};
