import type { ReactNode } from 'react';
import type { EquationEntries } from './inputs';

/** What each kind of equation is handed. */
export type ScreenProps = Readonly<{
  entries: EquationEntries;
  enter: (change: Partial<EquationEntries>, thought?: string) => void;
  above: ReactNode;
}>;
