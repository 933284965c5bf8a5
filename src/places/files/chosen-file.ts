import { LARGEST_FILE_MB, openFile } from '@/platform/files';
import { useStore } from '@/state/app-store';
import { notice } from '@/state/slices/notice';

/** The text of a file that the user chooses; null when none was chosen, or it was not read, which is said. */
export async function chosenText(accept: string): Promise<string | null> {
  const file = await openFile(accept);
  if (file === null) return null;
  if (file.kind === 'text') return file.text;
  const { say } = useStore.getState();
  say(file.kind === 'too-large' ? notice('file-too-large', `${LARGEST_FILE_MB}`) : notice('file-unreadable'));
  return null;
}
