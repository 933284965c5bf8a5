import { sheetIn } from '@/core/practice/sheet-schema';
import { readNotebook, writeNotebook, toNotebook } from '@/state/slices/notebook';
import { saveFile } from '@/platform/files';
import { useStore } from '@/state/app-store';
import { chosenText } from './chosen-file';
import { notice } from '@/state/slices/notice';

const TYPE = 'application/json';

/** Offers all that is here as a notebook file. */
export function saveNotebook(): void {
  saveFile('ulkav-notebook.json', writeNotebook(toNotebook(useStore.getState())), TYPE);
}

/** Opens data as a notebook in place of what is here (undo brings that back); what cannot be read of it is set aside. A sheet is offered. */
export function openNotebookText(raw: string): void {
  const { openNotebook, say, offer } = useStore.getState();
  const sheet = sheetIn(raw);
  if (sheet !== null) return offer({ kind: 'sheet', sheet });
  const loaded = readNotebook(raw);
  if (loaded.kind !== 'ok') return say(notice('notebook-damaged', loaded.reason));
  openNotebook(loaded.notebook, false);
  const isOpened = useStore.getState().document.exam === null;
  if (isOpened && loaded.setAside > 0) say(notice('notebook-partly', `${loaded.setAside}`, true));
  return undefined;
}

export async function chooseNotebook(): Promise<void> {
  const raw = await chosenText('.json,.txt,application/json');
  if (raw !== null) openNotebookText(raw);
}

/** Offers data that was set aside as it was found; such a file can be opened again. */
export const saveRaw = (raw: string): void => saveFile('ulkav-old-data.json', raw, TYPE);
