import { View } from '@tamagui/core';
import { valuesOf } from '@/core/language/value-list';
import { useStore } from '@/state/app-store';
import { requestOf } from '@/state/slices/bench/live';
import { optionsOf } from '@/state/slices/bench/reading';
import { tryHint, words } from '@/text/labels';
import { problemText } from '@/text/problems';
import { Field } from '@/ui/kit/Field';
import { FormValue } from '@/ui/line/ResultForms';
import { Words } from '@/ui/theme/text';
import { useAnswer, useRequest } from '@/state/use-task';

const MOST_LISTED = 200;

function TriedRows({ letter, values }: Readonly<{ letter: string; values: readonly string[] }>) {
  const settings = useStore((s) => s.settings);
  const request = useRequest((state) => ({ ...requestOf(state), letter, values }));
  const result = useAnswer('tries', request);
  if (!result?.ok) return <Words tone="muted">{words.working}</Words>;
  return (
    <View role="list" aria-label={words.tryValues}>
      {result.value.map(({ value, form, problem }, i) => (
        <View
          key={`${i}${value}`}
          role="listitem"
          flexDirection="row"
          alignItems="center"
          justifyContent="space-between"
          gap="$3"
          paddingVertical={3}
          borderTopWidth={1}
          borderColor="$rule"
        >
          <Words size="medium">{`${letter} = ${value}`}</Words>
          {form === null ? (
            <Words size="medium" tone="accent" flexShrink={1} textAlign="right">
              {problem === null ? '' : problemText(problem)}
            </Words>
          ) : (
            <FormValue form={form} shown={settings.display} isChosen />
          )}
        </View>
      ))}
    </View>
  );
}

/** Asks for the values of the letters of the line that hold nothing; the line is worked again as one changes. */
export function TryPanel({ letters }: Readonly<{ letters: readonly string[] }>) {
  const tries = useStore((s) => s.document.tries);
  const settings = useStore((s) => s.settings);
  const { tryValue, press } = useStore.getState();
  const [listed] = letters.flatMap((letter) => {
    const values = valuesOf(tries[letter] ?? '', optionsOf(settings));
    return values.length < 2 ? [] : [{ letter, values: values.slice(0, MOST_LISTED) }];
  });
  return (
    <View role="group" aria-label={words.tryValues} gap="$1">
      <View flexDirection="row" flexWrap="wrap" gap="$2" alignItems="center">
        <Words size="medium" tone="muted">
          {words.tryValues}
        </Words>
        {letters.map((letter) => (
          <View key={letter} flexGrow={1} flexBasis={110} maxWidth={260}>
            <Field
              name={`${letter} =`}
              isInline
              value={tries[letter] ?? ''}
              onChange={(text) => tryValue(letter, text)}
              onEnter={() => press({ type: 'answer' })}
              placeholder={tryHint(settings.display.decimalSign)}
            />
          </View>
        ))}
      </View>
      {listed === undefined ? null : <TriedRows letter={listed.letter} values={listed.values} />}
    </View>
  );
}
