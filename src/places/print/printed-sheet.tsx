import type { Run } from '@/core/practice/run';
import type { SheetKeyItem } from '@/state/slices/kit/requests';
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

type Items = Readonly<{ items: readonly SheetKeyItem[]; shown: NumberLayout; hasKey: boolean }>;

/** The questions in order; with their answers in the key, else with room for them. */
export function PrintedSheet({ items, shown, hasKey }: Items) {
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
          return (
            <tr key={i}>
              <td>{questionName(number)}</td>
              <td>
                {item.words} <Set text={item.shown} shown={shown} /> {formText(item.form)}
              </td>
              <td className="printed-value">
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
          <td>{questionName(i)}</td>
          <td>
            {askText(exercise)} <Set text={exercise.shown} shown={shown} />
          </td>
          <td className="printed-value">
            <Set text={exercise.answer} shown={shown} />
          </td>
        </tr>
      ))}
    </tbody>
  </table>
);
