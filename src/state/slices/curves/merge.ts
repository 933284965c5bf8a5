import type { SavedCurves } from '@/core/notebook/curves';
import { copied, freeIds, list, one, record } from '@/state/kernel/merging';
import type { Lost, Merge } from '@/state/kernel/merging';
import type { Document } from '@/state/slices/parts';

function curvesOf(base: SavedCurves, mine: SavedCurves, theirs: SavedCurves, lost: Lost): SavedCurves {
  if (theirs === base) return mine;
  if (mine === base) return theirs;
  const id = freeIds(
    [...mine.functions, ...theirs.functions].map((f) => f.id),
    'f',
  );
  return {
    ...record(base, mine, theirs),
    functions: [
      ...list(
        base.functions,
        mine.functions,
        theirs.functions,
        (before, own, other) => one(before ?? own, own, other, () => lost('function', other.name, other.text, other)),
        (f) => copied(f, id()),
      ),
    ],
  };
}

export const mergeCurves: Merge<Document> = (base, mine, theirs, lost) => ({
  curves: curvesOf(base.curves, mine.curves, theirs.curves, lost),
});
