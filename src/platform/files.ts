/** Offers a text file for saving under a name. */
export function saveFile(name: string, text: string, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser reads the address after the click has returned.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

const LARGEST_FILE = 50_000_000;

/** Lets the user choose a file and answers its text; null when none was chosen or it is too large. */
export function openFile(accept: string): Promise<string | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.addEventListener('cancel', () => resolve(null));
    input.addEventListener('change', () => {
      const file = input.files?.[0];
      resolve(file === undefined || file.size > LARGEST_FILE ? null : file.text());
    });
    input.click();
  });
}
