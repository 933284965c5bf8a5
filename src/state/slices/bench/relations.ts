import { openLetters } from '@/core/evaluate/open-letters';
import { parse } from '@/core/language/parse';
import { isTruth } from '@/core/language/truth';
import { lineOf } from '@/core/line/line';
import { isOff } from '@/state/slices/exam/off';
import type { State } from '@/state/slices/state';
import { lineText, optionsOf } from './reading';
import { written } from './written';

/** Whether the line is an equation or an inequality in which letters are open, and it can be solved for them here. */
export function isToBeSolved(state: State): boolean {
  const { document, settings, solving } = state;
  if (solving === 'off' || isOff(state, 'solve')) return false;
  const reading = parse(lineText(state), optionsOf(settings));
  if (!reading.ok || reading.value.target !== null || !isTruth(reading.value.tree)) return false;
  return openLetters(reading.value.tree).some(
    (name) => !(name in document.shelf) && (document.tries[name] ?? '').trim() === '',
  );
}

/** The line without an equals sign at its end, behind which nothing was written: it asks for the answer of what is there. */
export function withoutLastEquals(state: State): Partial<State> | null {
  const { settings } = state;
  const [, before = '', sign] = /^(.*[^\s:<>≤≥≠=!])\s*(!?=|≠)\s*▯?\s*$/.exec(lineText(state)) ?? [];
  if (sign === undefined) return null;
  // 5!= is five factorial, with the equals sign of a habit.
  const text = sign === '=' ? before : `${before}!`;
  if (!parse(text, optionsOf(settings)).ok) return null;
  return written(state, 'typing', lineOf(text, settings.view, optionsOf(settings)), { fresh: null });
}
