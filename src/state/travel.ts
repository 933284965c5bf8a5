import { inView } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import type { DecimalSign } from '@/core/language/numerals';
import type { Settings } from '@/core/notebook/schema';
import { optionsOf } from './document';
import type { Document } from './document';
import type { StepName, undone } from './history';
import { notice } from './notice';
import { convertLine } from './notation';
import type { State } from './state';

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
  step: typeof undone<Document, Settings>,
  code: 'undone' | 'redone',
): Partial<State> {
  const sign = state.settings.display.decimalSign;
  const moved = step(state.history, { now: state.document, sign, settings: state.settings });
  if (moved === null) return {};
  const { settings, now } = moved;
  return {
    document: { ...now, line: asSetNow(now.line, moved.sign, settings) },
    history: moved.history,
    ...(settings === state.settings ? {} : { settings, forms: { known: new WeakMap() } }),
    reported: null,
    refused: null,
    chosen: null,
    recalled: null,
    notice: isSilent.has(moved.name) ? null : notice(code, moved.name),
  };
}
