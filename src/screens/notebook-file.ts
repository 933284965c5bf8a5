import { readNotebook, writeNotebook } from '@/core/notebook/read';
import { openFile, saveFile } from '@/platform/files';
import { useStore } from '@/state/app-store';
import { toNotebook } from '@/state/document';
import { notice } from '@/state/notice';

const TYPE = 'application/json';

/** Offers all that is here as a notebook file. */
export function saveNotebook(): void {
  const { document, settings } = useStore.getState();
  saveFile('ulkav-notebook.json', writeNotebook(toNotebook(document, settings)), TYPE);
}

/** Opens a notebook file in place of what is here (undo brings that back); one that cannot be read changes nothing. */
export async function chooseNotebook(): Promise<void> {
  const raw = await openFile('.json,application/json');
  if (raw === null) return;
  const loaded = readNotebook(raw);
  const { openNotebook, say } = useStore.getState();
  if (loaded.kind === 'ok') openNotebook(loaded.notebook, false);
  else say(notice('notebook-damaged', loaded.issues[0] ?? ''));
}

/** Offers data that was set aside as it was found. */
export const saveRaw = (raw: string): void => saveFile('ulkav-set-aside.txt', raw, 'text/plain');
