import { createContext, useContext } from 'react';
import type { Printed } from '@/places/print/PrintedPage';
import type { DroppedFile } from '@/platform/dropped-file';

/** What can lie over any place. */
export type Over =
  | Readonly<{ panel: 'help' | 'about' | 'settings' | 'exam' }>
  | Readonly<{ panel: 'file'; file: DroppedFile }>
  | Readonly<{ panel: 'print'; printed: Printed }>;

/** Opens something over the place that is in sight; null closes it. */
export const OverContext = createContext<(over: Over | null) => void>(() => undefined);

export const useOver = () => useContext(OverContext);

/** Whether something lies over the place, so that strokes are not its own. */
export const IsOverContext = createContext(false);

export const useIsOver = (): boolean => useContext(IsOverContext);
