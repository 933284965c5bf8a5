import type { DisplaySettings } from '@/core/format/settings';
import type { Help } from '@/core/notebook/exam';
import type { Settings } from '@/core/notebook/settings';
import type { Document } from '@/state/slices/parts';

type Given = Readonly<{ document: Pick<Document, 'exam'> }>;

/** Whether an examination that is on has a help off: what every place, tool and request asks. */
export const isOff = ({ document: { exam } }: Given, help: Help): boolean => exam?.off.includes(help) === true;

/** How values are laid out: as it is set, and in decimals only where other forms are off. */
export const displayIn = (state: Given & Readonly<{ settings: Pick<Settings, 'display'> }>): DisplaySettings => {
  const { display } = state.settings;
  return isOff(state, 'forms') ? { ...display, decimalsOnly: true } : display;
};
