import type { Entries, SavedKit } from '@/core/notebook/kit';
import { one } from '@/state/kernel/merging';
import type { Lost, Merge } from '@/state/kernel/merging';
import type { Document } from '@/state/slices/parts';

const NONE: Entries = {};

/** Entry by entry: as the tab that changed it has it. */
function kitOf(base: SavedKit, mine: SavedKit, theirs: SavedKit, lost: Lost): SavedKit {
  if (theirs === base) return mine;
  if (mine === base) return theirs;
  const result: SavedKit = {};
  for (const tool of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const [was, own, other] = [base[tool] ?? NONE, mine[tool] ?? NONE, theirs[tool] ?? NONE];
    const entries: Entries = {};
    for (const name of new Set([...Object.keys(other), ...Object.keys(own)])) {
      const entry = one(was[name], own[name], other[name], () =>
        lost('tool', `${tool}: ${name}`, [other[name] ?? ''].flat(2).join('\n'), other[name]),
      );
      if (entry !== undefined) entries[name] = entry;
    }
    if (Object.keys(entries).length > 0) result[tool] = entries;
  }
  return result;
}

export const mergeKit: Merge<Document> = (base, mine, theirs, lost) => ({
  kit: kitOf(base.kit, mine.kit, theirs.kit, lost),
});
