import type { Run } from '@/core/practice/run';
import type { SheetKeyItem } from '@/state/slices/kit/requests';
import { PrintedDrawing } from './printed';
import { askText, formText } from '@/text/kit/practice';
import { questionName } from '@/text/kit/sheets';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import type { NumberLayout } from '@/ui/formula/typeset';

/* A sheet on paper: its questions with room for the answers, its key, or what a pupil answered. */

function Set({ text, shown }: Readonly<{ text: string; shown: NumberLayout }>) {
  const markup = text === '' ? null : typeset(text, CORE_SPELLING, shown);
  return markup === null ? <>{text}</> : <Formula markup={markup} size="tape" />;
}

/** `graphs`: what is to be read off, as SVG, question by question; null for one that has none. */
type Items = Readonly<{
  items: readonly SheetKeyItem[];
  graphs: readonly (string | null)[];
  shown: NumberLayout;
  hasKey: boolean;
}>;

/** The questions in order; with their answers in the key, else with room for them. */
export function PrintedSheet({ items, graphs, shown, hasKey }: Items) {
  let number = -1;
  return (
    <table>
      <tbody>
        {items.map((item, i) => {
          if (item.kind === 'text')
            return (
              <tr key={i}>
                <td colSpan={3}>{item.text}</td>
              </tr>
            );
          number += 1;
          const graph = graphs[number] ?? null;
          return (
            <tr key={i}>
              <td className="printed-mark">{questionName(number)}</td>
              <td>
                {item.words} <Set text={item.shown} shown={shown} /> {formText(item.form)}
                {graph === null ? null : <PrintedDrawing svg={graph} />}
              </td>
              <td className="printed-end">
                {hasKey ? <Set text={item.answer?.forms[0]?.typed ?? ''} shown={shown} /> : '= …………………………'}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** What a pupil answered. */
export const PrintedAnswers = ({ run, shown }: Readonly<{ run: Run; shown: NumberLayout }>) => (
  <table>
    <tbody>
      {run.map((exercise, i) => (
        <tr key={`${i}${exercise.key}`}>
          <td className="printed-mark">{questionName(Number(exercise.at ?? i))}</td>
          <td>
            {askText(exercise)} <Set text={exercise.shown} shown={shown} />
          </td>
          <td className="printed-end">
            <Set text={exercise.answer} shown={shown} />
          </td>
        </tr>
      ))}
    </tbody>
  </table>
);
