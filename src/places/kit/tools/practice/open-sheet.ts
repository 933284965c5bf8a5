import { LONGEST_ENTRY } from '@/core/notebook/kit';
import type { Sheet } from '@/core/practice/sheet-schema';
import { useStore } from '@/state/app-store';
import { notice } from '@/state/slices/notice';
import { practiceEntries } from './inputs';

/** Opens a sheet in Practice, in the place of a run that is under way; one that is too long is refused, and that is told. */
export function openSheet(sheet: Sheet): void {
  const { enter, say } = useStore.getState();
  const text = JSON.stringify(sheet);
  if (text.length > LONGEST_ENTRY) say(notice('sheet-too-long'));
  else enter(practiceEntries.id, { sheet: text, pupil: '', run: [] });
}
