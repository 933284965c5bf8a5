import type { ReactNode } from 'react';
import type { ChanceEntries } from './inputs';

/** What a part of the tool is given: its entries, how they are changed, and what stands above it. */
export type ScreenProps = Readonly<{
  entries: ChanceEntries;
  enter: (change: Partial<ChanceEntries>, thought?: string) => void;
  above: ReactNode;
}>;
