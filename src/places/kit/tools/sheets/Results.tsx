import { View } from '@tamagui/core';
import { useState } from 'react';
import { resultIn } from '@/core/practice/sheet-schema';
import type { SheetResult } from '@/core/practice/sheet-schema';
import { ToColumns } from '@/places/kit/parts/ToColumns';
import { ReadFrame } from '@/places/kit/parts/ReadFrame';
import { Worked } from '@/places/kit/parts/Worked';
import { openFiles } from '@/platform/files';
import { kitRequest } from '@/state/slices/kit/requests';
import type { MarkedResult } from '@/state/slices/kit/requests';
import { useRequest, useTask } from '@/state/use-task';
import { slipNames } from '@/text/kit/compare';
import { filesText, questionName, rightOf, sheetWords } from '@/text/kit/sheets';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { sheetEntries, sheetOf } from './inputs';
import type { ScreenProps } from './screen';

/** What the files that were chosen hold. */
type Read = Readonly<{ results: readonly SheetResult[]; others: number; unread: number }>;

const NOTHING: Read = { results: [], others: 0, unread: 0 };

const rightIn = ({ answers }: MarkedResult): number => answers.filter(({ mark }) => mark === 'right').length;

const slipsIn = ({ answers }: MarkedResult): string =>
  answers
    .flatMap(({ slips }, i) =>
      slips.length === 0 ? [] : [`${i + 1}: ${slips.map((name) => slipNames[name]).join(', ')}`],
    )
    .join('; ');

/** The answers of a class: one row for each pupil, to be looked at or taken to Columns. */
export function Results({ entries, enter, above }: ScreenProps) {
  const [read, setRead] = useState<Read>(NOTHING);
  const sheet = sheetOf(entries);
  const request = useRequest((state) =>
    read.results.length === 0 ? null : { ...kitRequest(state, []), sheet, results: read.results },
  );
  const worked = useTask('sheetResults', request);
  const marked = request === null ? [] : (worked.value ?? []);
  const choose = async (): Promise<void> => {
    const texts = await openFiles('.json,application/json');
    if (texts === null) return;
    const found = texts.map((text) => (text === null ? null : resultIn(text)));
    const sound = found.flatMap((one) => one ?? []);
    const own = sound.filter(({ title, seed }) => title === sheet.title && seed === sheet.seed);
    setRead({ results: own, others: sound.length - own.length, unread: found.length - sound.length });
  };
  const columns = () => [
    { name: sheetWords.pupil, cells: marked.map(({ pupil }) => pupil) },
    { name: sheetWords.right, cells: marked.map((one) => String(rightIn(one))) },
    ...Array.from({ length: Math.max(0, ...marked.map(({ answers }) => answers.length)) }, (_, i) => ({
      name: questionName(i),
      cells: marked.map(({ answers }) => (answers[i]?.mark === 'right' ? '1' : '0')),
    })),
    { name: sheetWords.slips, cells: marked.map(slipsIn) },
  ];
  return (
    <ReadFrame
      tool={sheetEntries}
      name={sheetWords.name}
      above={above}
      entries={
        <>
          <Words>{sheet.title === '' ? sheetWords.needsTitle : sheet.title}</Words>
          <Words tone="muted">{sheetWords.chooseFirst}</Words>
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            <Button isMain isDisabled={sheet.items.length === 0} onPress={() => void choose()}>
              {sheetWords.choose}
            </Button>
            <Button onPress={() => enter({ kind: 'make' })}>{sheetWords.make}</Button>
          </View>
          {read.unread === 0 ? null : (
            <Words role="alert" tone="accent">
              {filesText(sheetWords.unread, read.unread)}
            </Words>
          )}
          {read.others === 0 ? null : (
            <Words role="alert" tone="accent">
              {filesText(sheetWords.others, read.others)}
            </Words>
          )}
        </>
      }
      results={
        request === null ? null : (
          <Worked task={worked}>
            <View role="list" aria-label={sheetWords.results}>
              {marked.map((one, i) => (
                <View
                  key={`${i}${one.pupil}`}
                  role="listitem"
                  gap={2}
                  paddingVertical="$2"
                  borderTopWidth={1}
                  borderColor="$rule"
                >
                  <Words
                    strong
                  >{`${sheetWords.pupil} ${one.pupil}: ${rightOf(rightIn(one), one.answers.length)} ${sheetWords.right}`}</Words>
                  {slipsIn(one) === '' ? null : <Words size="medium">{`${sheetWords.slips}: ${slipsIn(one)}`}</Words>}
                </View>
              ))}
            </View>
            <View flexDirection="row">
              <ToColumns
                isDisabled={marked.length === 0}
                name={sheet.title === '' ? sheetWords.name : sheet.title}
                columns={columns}
              >
                {sheetWords.toColumns}
              </ToColumns>
            </View>
          </Worked>
        )
      }
    />
  );
}
