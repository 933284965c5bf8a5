import { View } from '@tamagui/core';
import type { Sheet } from '@/core/practice/sheet-schema';
import { begun, runRows } from '@/core/practice/run';
import { ReadFrame } from '@/places/kit/parts/ReadFrame';
import { useStore } from '@/state/app-store';
import { kitRequest } from '@/state/slices/kit/requests';
import { tasks } from '@/state/tasks';
import { practiceWords } from '@/text/kit/practice';
import { sheetWords } from '@/text/kit/sheets';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Words } from '@/ui/theme/text';
import { practiceEntries, SHEET } from './inputs';
import type { ScreenProps } from './screen';

/** A sheet that was handed out: the pupil's number, from which its numbers follow, and then its questions. */
export function SheetStart({ entries, enter, sheet }: ScreenProps & Readonly<{ sheet: Sheet }>) {
  const { pupil } = entries;
  const start = async (): Promise<void> => {
    const request = { ...kitRequest(useStore.getState(), []), sheet, pupil };
    const result = await tasks.run('sheetKey', request);
    if (result === 'superseded' || !result.ok) return;
    const questions = result.value.flatMap((item) => (item.kind === 'question' ? [item] : []));
    const exercises = questions.flatMap((item, i) => {
      if (item.answer === null) return [];
      const { before, words, shown, key, form, tolerance, curve } = item;
      const asked = [before, words].filter((text) => text !== '').join('\n');
      return [
        {
          ask: shown === '' || asked !== '' ? ('words' as const) : ('work' as const),
          shown,
          key,
          form,
          topic: SHEET,
          at: `${i}`,
          ...(asked === '' ? {} : { words: asked }),
          ...(tolerance === '' ? {} : { tolerance }),
          ...(curve === '' ? {} : { curve }),
        },
      ];
    });
    enter({ run: runRows(begun(exercises)), since: '' });
  };
  return (
    <ReadFrame
      tool={practiceEntries}
      name={practiceWords.name}
      entries={
        <>
          <Words tone="muted">{sheetWords.sheetFor}</Words>
          <Words strong>{sheet.title === '' ? sheetWords.needsTitle : sheet.title}</Words>
          <Field
            name={sheetWords.pupil}
            value={pupil}
            onChange={(text) => enter({ pupil: text.slice(0, 100) }, 'practice pupil')}
          />
          {sheet.drawn.length === 0 ? null : <Words tone="muted">{sheetWords.numberFirst}</Words>}
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            <Button isMain isDisabled={pupil.trim() === ''} onPress={() => void start()}>
              {practiceWords.begin}
            </Button>
            <Button onPress={() => enter({ sheet: '' })}>{sheetWords.putAway}</Button>
          </View>
        </>
      }
    />
  );
}
