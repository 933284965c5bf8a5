import type { ResultView } from '@/state/slices/kit/requests';
import { problemText } from '@/text/problems';

/** What is wrong with a text that was asked for by itself; null where nothing is, or where it is still being worked. */
export function noteOf(text: string, views: readonly ResultView[] | null | undefined): string | null {
  const view = views?.find((one) => one.text === text);
  return view !== undefined && 'problem' in view ? problemText(view.problem) : null;
}

/** The texts that are to be worked by themselves, so that what is wrong is told where it was entered. */
export const writtenIn = (slots: readonly Readonly<{ text: string }>[]): readonly string[] =>
  slots.flatMap(({ text }) => (text === '' ? [] : [text]));
