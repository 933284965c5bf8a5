import type { ReactNode } from 'react';
import type { SheetEntries } from './inputs';

/** What each part of the tool is given. */
export type ScreenProps = Readonly<{
  entries: SheetEntries;
  enter: (change: Partial<SheetEntries>, thought?: string) => void;
  above: ReactNode;
}>;
