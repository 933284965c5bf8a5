import type { ReactNode } from 'react';
import type { LoanEntries } from './inputs';

/** What each part of the tool is given. */
export type ScreenProps = Readonly<{
  entries: LoanEntries;
  enter: (change: Partial<LoanEntries>, thought?: string) => void;
  above: ReactNode;
}>;
