import type { Run } from '@/core/practice/run';
import type { PracticeEntries } from './inputs';

/** What each screen of Practice is given. */
export type ScreenProps = Readonly<{
  entries: PracticeEntries;
  enter: (change: Partial<PracticeEntries>, thought?: string) => void;
  run: Run;
}>;

export const newSeed = (): string => String((crypto.getRandomValues(new Uint32Array(1))[0] ?? 1) % 1_000_000);
