import type { ShortcutScope } from '@/keys/shortcuts';
import { shortcutSentence } from '@/text/shortcuts';

const idOf = (scope: ShortcutScope): string => `keys-${scope}`;

/** The name of what a screen reader is told with what it describes: what the keys do there. */
export const withKeys = (scope: ShortcutScope, description = ''): string => `${description} ${idOf(scope)}`.trim();

/** What the keys do in a graph, a chart or a table, for a screen reader. */
export function SpokenKeys({ scope }: Readonly<{ scope: ShortcutScope }>) {
  return (
    <span id={idOf(scope)} hidden>
      {shortcutSentence(scope)}
    </span>
  );
}
