import { MOST_TYPED, inView, isEmptyLine, textOf } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import { logged } from '@/keys/log';
import { notice } from '@/state/slices/notice';
import type { Document, StepName } from '@/state/slices/parts';
import { changed } from '@/state/slices/state';
import type { State } from '@/state/slices/state';
import { optionsOf } from './reading';

/** What a change of the line leaves in the log of its keys: one entry, a fresh log, or none. */
export type Logging = Readonly<{ entry: string | null } | { fresh: readonly string[] | null }>;

const loggedIn = ({ keyed }: Document, next: Line, how: Logging): readonly string[] | null =>
  isEmptyLine(next) ? [] : 'fresh' in how ? how.fresh : logged(keyed, how.entry);

/** What belongs to the line being written, where there is none. */
export const WITHOUT_LINE: Pick<Document, 'own' | 'tries'> = { own: null, tries: {} };

/** Another line being written, with the values `tried` for its letters. It also takes back what was said about the old one. */
export function written(
  state: State,
  name: StepName,
  result: Line,
  how: Logging,
  tried: Document['tries'] = state.document.tries,
): Partial<State> {
  const { document, settings } = state;
  const sign = settings.display.decimalSign;
  // What was too deep for boxes goes back to them as soon as it is not.
  const next = inView(result, settings.view, optionsOf(settings));
  const text = textOf(next, sign);
  if (text.length > MOST_TYPED) return { notice: notice('line-full'), pasteQuestion: null };
  const keyed = loggedIn(document, next, how);
  if (text === textOf(document.line, sign)) return { document: { ...document, line: next, keyed }, notice: null };
  // What is set for a line alone, and values tried for its letters, go with it.
  const { own, tries } = isEmptyLine(next) ? WITHOUT_LINE : { own: document.own, tries: tried };
  return {
    ...changed(state, name, { ...document, line: next, keyed, own, tries }),
    reported: null,
    solving: state.solving === 'off' ? 'off' : 'idle',
    chosen: null,
    recalled: null,
  };
}
