import type { ExamPlan } from '@/core/notebook/exam';
import { fromFragment, fromSharedFile, toFragment } from '@/core/notebook/shared';
import type { Shared } from '@/core/notebook/shared';
import { handedOn } from '@/core/notebook/settings';
import type { Settings } from '@/core/notebook/settings';
import { linkWith, fragmentNow } from '@/platform/page';
import { saveFile } from '@/platform/files';
import { useStore } from '@/state/app-store';
import { chosenText } from './chosen-file';
import { notice } from '@/state/slices/notice';

function open(shared: Shared | 'damaged' | null): void {
  const { offer, say } = useStore.getState();
  if (shared === null) return;
  if (shared === 'damaged') say(notice('link-damaged'));
  else offer(shared);
}

/** Offers what the address of the page carries: a shared line, settings or an examination for a class, or a sheet. False when it carries nothing of ours. */
export function openLink(): boolean {
  const shared = fromFragment(fragmentNow());
  open(shared);
  return shared !== null;
}

const bundle = (settings: Settings): Shared => ({ kind: 'settings', settings: handedOn(settings) });

/** A link that offers these settings to whoever opens it. */
export const settingsLink = (settings: Settings): string => linkWith(toFragment(bundle(settings)));

/** A link that offers an examination. */
export const examLink = (plan: ExamPlan): string => linkWith(toFragment({ kind: 'exam', plan }));

export const saveSettings = (settings: Settings): void =>
  saveFile('ulkav-settings.json', JSON.stringify(bundle(settings)), 'application/json');

export async function chooseSettings(): Promise<void> {
  const raw = await chosenText('.json,application/json');
  if (raw !== null) open(fromSharedFile(raw));
}
