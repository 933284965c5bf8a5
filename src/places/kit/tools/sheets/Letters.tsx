import { View } from '@tamagui/core';
import { sheetWords } from '@/text/kit/sheets';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Words } from '@/ui/theme/text';
import type { ScreenProps } from './screen';

const fields = [sheetWords.letter, sheetWords.from, sheetWords.to, sheetWords.step] as const;
const MOST = 12;

/** The letters for which each pupil has a number of their own, and the ranges these come from. */
export function Letters({ entries: { drawn }, enter }: Pick<ScreenProps, 'entries' | 'enter'>) {
  const put = (row: number, field: number, text: string): void =>
    enter(
      { drawn: drawn.map((one, i) => (i === row ? fields.map((_, k) => (k === field ? text : (one[k] ?? ''))) : one)) },
      `sheet letter ${row} ${field}`,
    );
  return (
    <View role="group" aria-label={sheetWords.drawn} gap="$2">
      <Words strong>{sheetWords.drawn}</Words>
      <Words size="medium" tone="muted">
        {sheetWords.drawnNote}
      </Words>
      {drawn.map((row, i) => (
        <View key={i} flexDirection="row" alignItems="flex-end" gap="$2">
          {fields.map((name, k) => (
            <View key={name} flex={1} minWidth={0}>
              <Field
                name={k === 0 ? `${name} ${i + 1}` : `${name} (${row[0] ?? ''})`}
                value={row[k] ?? ''}
                onChange={(text) => put(i, k, text.trim().replace('−', '-').replace(',', '.').slice(0, 12))}
              />
            </View>
          ))}
          <Button
            isTight
            name={`${sheetWords.takeOut}: ${sheetWords.letter} ${row[0] ?? ''}`}
            onPress={() => enter({ drawn: drawn.filter((_, k) => k !== i) })}
          >
            {sheetWords.takeOut}
          </Button>
        </View>
      ))}
      <View flexDirection="row">
        <Button
          isDisabled={drawn.length >= MOST}
          onPress={() => enter({ drawn: [...drawn, [nextLetter(drawn), '2', '9', '1']] })}
        >
          {sheetWords.addLetter}
        </Button>
      </View>
    </View>
  );
}

/** The first letter that is not taken; e and i are numbers, x stands in functions. */
const nextLetter = (drawn: readonly (readonly string[])[]): string =>
  [...'abcdfghjkmnp'].find((letter) => drawn.every(([one]) => one !== letter)) ?? '';
