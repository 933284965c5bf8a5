import { LARGEST_FILE_MB } from './files';

/** A file that was dropped on the page; its text is read when it is asked for. */
export type DroppedFile = Readonly<{ name: string; isTooLarge: boolean; text: () => Promise<string> }>;

/** Calls when a file is dropped on the page, which would leave the page for it otherwise; answers how to stop that. */
export function onFileDrop(call: (file: DroppedFile) => void): () => void {
  const carriesFile = (event: DragEvent): boolean => event.dataTransfer?.types.includes('Files') === true;
  const onOver = (event: DragEvent): void => {
    if (carriesFile(event)) event.preventDefault();
  };
  const onDrop = (event: DragEvent): void => {
    if (!carriesFile(event)) return;
    event.preventDefault();
    const file = event.dataTransfer?.files[0];
    if (file !== undefined)
      call({ name: file.name, isTooLarge: file.size > LARGEST_FILE_MB * 1_000_000, text: () => file.text() });
  };
  document.addEventListener('dragover', onOver);
  document.addEventListener('drop', onDrop);
  return () => {
    document.removeEventListener('dragover', onOver);
    document.removeEventListener('drop', onDrop);
  };
}
