import { copied, freeIds, list, one } from '@/state/kernel/merging';
import type { Merge } from '@/state/kernel/merging';
import type { Document } from '@/state/slices/parts';

export const mergeTape: Merge<Document> = (base, mine, theirs, lost, renamed) => {
  const lineId = freeIds(
    [...mine.tape, ...theirs.tape].map((l) => l.id),
    'l',
  );
  const tape = list(
    base.tape,
    mine.tape,
    theirs.tape,
    (before, own, other) => one(before ?? own, own, other, () => lost('tape', '', other.text, other)),
    (line) => {
      const id = lineId();
      renamed.set(line.id, id);
      return copied(line, id);
    },
  );
  return { tape };
};
