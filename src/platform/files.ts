/** Offers a text file for saving under a name. */
export const saveFile = (name: string, text: string, type: string): void => saveBlob(name, new Blob([text], { type }));

function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser reads the address after the click has returned.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

export const LARGEST_FILE_MB = 50;

/** A file that was chosen: its text, or why it was not read. */
export type ChosenFile =
  | Readonly<{ kind: 'text'; text: string }>
  | Readonly<{ kind: 'too-large' }>
  | Readonly<{ kind: 'unreadable' }>;

/** Lets the user choose a file; null when none was chosen. */
export function openFile(accept: string): Promise<ChosenFile | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.addEventListener('cancel', () => resolve(null));
    input.addEventListener('change', () => {
      const file = input.files?.[0];
      if (file === undefined) return resolve(null);
      if (file.size > LARGEST_FILE_MB * 1_000_000) return resolve({ kind: 'too-large' });
      file.text().then(
        (text) => resolve({ kind: 'text', text }),
        () => resolve({ kind: 'unreadable' }),
      );
      return undefined;
    });
    input.click();
  });
}

/** Lets the user choose files: the text of each, null for one that cannot be read; null when none was chosen. */
export function openFiles(accept: string): Promise<readonly (string | null)[] | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.multiple = true;
    input.addEventListener('cancel', () => resolve(null));
    input.addEventListener('change', () => {
      const read = [...(input.files ?? [])].map((file) =>
        file.size > LARGEST_FILE_MB * 1_000_000 ? Promise.resolve(null) : file.text().catch(() => null),
      );
      void Promise.all(read).then(resolve);
    });
    input.click();
  });
}

/** Offers a drawing in SVG for saving as a picture of pixels, `scale` of them for each of its own. */
export async function savePicture(
  name: string,
  svg: string,
  width: number,
  height: number,
  scale: number,
): Promise<void> {
  const picture = new Image();
  picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await picture.decode();
  const canvas = document.createElement('canvas');
  canvas.width = width * scale;
  canvas.height = height * scale;
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (blob !== null) saveBlob(name, blob);
}
