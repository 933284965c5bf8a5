import { useMemo } from 'react';
import { openLetters } from '@/core/evaluate/open-letters';
import { parseUnfinished } from '@/core/language/parse';
import { isTruth } from '@/core/language/truth';
import { textOf } from '@/core/line/line';
import { useStore } from '@/state/app-store';
import { optionsOf } from '@/state/slices/bench/reading';

export type OpenLine = Readonly<{
  /** Letters of the line that hold nothing. */
  letters: readonly string[];
  /** The line is an equation or an inequality, so that it can be solved for them. */
  isRelation: boolean;
}>;

const NONE: OpenLine = { letters: [], isRelation: false };

/** What the line being written leaves open. */
export function useOpenLine(): OpenLine {
  const line = useStore((s) => s.document.line);
  const settings = useStore((s) => s.settings);
  const kept = useStore((s) => s.document.shelf);
  return useMemo(() => {
    const options = optionsOf(settings);
    const text = textOf(line, options.decimalSign);
    if (!/[A-Za-z]/.test(text)) return NONE;
    // What is asked below the line stays there while the line is unfinished, so that the page does not jump at a bracket.
    const reading = parseUnfinished(text, options);
    if (reading === null) return NONE;
    const letters = openLetters(reading.tree).filter((name) => !(name in kept));
    return letters.length === 0 ? NONE : { letters, isRelation: isTruth(reading.tree) };
  }, [line, settings, kept]);
}
