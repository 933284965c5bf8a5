import type { ReactNode } from 'react';
import type { CalendarDate } from '@/core/date/date';
import type { DateOrder } from '@/core/date/read';
import type { DateEntries } from './inputs';

/** What each part of the tool is given. */
export type ScreenProps = Readonly<{
  entries: DateEntries;
  enter: (change: Partial<DateEntries>, thought?: string) => void;
  above: ReactNode;
  now: CalendarDate;
  order: DateOrder;
}>;
