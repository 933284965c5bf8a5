import { Words } from '../theme/text';

/** A line of help below the name of a setting. */
export function Note({ note }: Readonly<{ note: string | undefined }>) {
  return note === undefined ? null : (
    <Words size="medium" tone="muted" textAlign="left">
      {note}
    </Words>
  );
}

/** What a setting makes of something, as it is set. */
export function Example({ example }: Readonly<{ example: string | undefined }>) {
  return example === undefined ? null : (
    <Words size="medium" tone="answer" textAlign="left" aria-live="polite">
      {example}
    </Words>
  );
}
