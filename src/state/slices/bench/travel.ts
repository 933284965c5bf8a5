import { inView } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import type { DecimalSign } from '@/core/language/numerals';
import type { Settings } from '@/core/notebook/settings';
import { optionsOf } from './reading';
import { lookedAt, settingsFor } from '@/state/slices/parts';
import type { Document, StepName } from '@/state/slices/parts';
import type { undone } from '@/state/kernel/history';
import { noForms } from './moment';
import { convertLine } from './notation';
import type { State } from '@/state/slices/state';

/** Steps that are seen for themselves. */
const isSilent: ReadonlySet<StepName> = new Set(['typing', 'operation']);

/** A line of before as it is written under the settings of now. */
function asSetNow(line: Line, sign: DecimalSign, settings: Settings): Line {
  const { impliedFirst, view } = settings;
  return inView(convertLine(line, { decimalSign: sign, impliedFirst }, settings), view, optionsOf(settings));
}

/** What undoing or doing again brings: the document of then, its line as the settings have it, and what was done in words. */
export function travelled(
  state: State,
  step: typeof undone<Document, Settings, StepName>,
  code: 'undone' | 'redone',
): Partial<State> {
  const sign = state.settings.display.decimalSign;
  const moved = step(state.history, { now: state.document, sign, settings: state.settings });
  if (moved === null) return {};
  const { now } = moved;
  // Levels that come back stay, whatever depth is set.
  const settings = settingsFor(now, moved.settings);
  return {
    document: { ...now, line: asSetNow(now.line, moved.sign, settings) },
    history: moved.history,
    sight: lookedAt(state.document, now, state.sight),
    ...(settings === state.settings ? {} : { settings, formsCache: noForms() }),
    reported: null,
    refused: null,
    chosen: null,
    recalled: null,
    notice: isSilent.has(moved.name) ? null : { code, fact: moved.name, offersUndo: false },
  };
}
