import { one, record } from '@/state/kernel/merging';
import type { Merge } from '@/state/kernel/merging';
import type { Document } from '@/state/slices/parts';

/** The line being written belongs to its tab. */
export const mergeBench: Merge<Document> = (base, mine, theirs, lost) => ({
  running: one(base.running, mine.running, theirs.running, () =>
    lost('running', '', theirs.running.shown?.sourceText ?? theirs.running.entry, theirs.running),
  ),
  stack: one(base.stack, mine.stack, theirs.stack, () =>
    lost('stack', '', theirs.stack.levels.at(-1)?.sourceText ?? theirs.stack.entry, theirs.stack),
  ),
  ans: one(base.ans, mine.ans, theirs.ans, () => undefined),
  tries: record(base.tries, mine.tries, theirs.tries),
});
