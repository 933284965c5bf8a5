import { chosenForm } from '@/core/format/form';
import type { SavedForm } from '@/core/notebook/schema';
import { isEmptyLine } from '@/core/line/line';
import { currentOf } from '@/core/running/chain';
import { changed } from '@/state/slices/state';
import type { State } from '@/state/slices/state';
import { shownForm } from '@/state/slices/tape/line';
import { formsOfHolder } from './forms';

/** The form after the one shown, or before it, round and round; null where there is no other. */
function following(forms: readonly SavedForm[], shown: SavedForm, isBack: boolean): SavedForm | null {
  const at = forms.indexOf(shown) + (isBack ? forms.length - 1 : 1);
  return forms.length < 2 ? null : (forms[at % forms.length] ?? null);
}

/** The next form of what is shown: of the line being written, of the last line where none is, or of Running's number. */
export function nextForm(state: State, isBack: boolean): Partial<State> {
  const { document, settings, live, chosen } = state;
  const isWritten = settings.style === 'written';
  if (isWritten && isEmptyLine(document.line)) {
    const last = document.tape.at(-1);
    const next = last === undefined ? null : following(last.forms, chosenForm(last), isBack);
    if (last === undefined || next === null) return {};
    const tape = document.tape.with(-1, { ...last, chosen: next.id });
    return changed(state, 'choose-form', { ...document, tape }, last.id);
  }
  const forms = !isWritten
    ? formsOfHolder(state, currentOf(document.running))
    : live.kind === 'answer'
      ? live.answer.forms
      : [];
  const next = forms.length === 0 ? null : following(forms, shownForm(forms, chosen, settings), isBack);
  return next === null ? {} : { chosen: next.id, spoken: `${next.exact ? '=' : '≈'} ${next.text}` };
}
