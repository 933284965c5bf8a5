import { View } from '@tamagui/core';
import { useStore } from '@/state/app-store';
import { requestOf } from '@/state/slices/bench/live';
import { words } from '@/text/labels';
import { problemText } from '@/text/problems';
import { Field } from '@/ui/kit/Field';
import { FormValue } from '@/ui/line/ResultForms';
import { Words } from '@/ui/theme/text';
import { useAnswer, useRequest } from '@/state/use-task';

/** The values of a list; null when it is just one. */
function listOf(text: string): readonly string[] | null {
  const parts = text
    .split(/[;\n]/)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  return text.includes(';') && parts.length > 0 ? parts.slice(0, 200) : null;
}

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
  const { tryValue } = useStore.getState();
  const listed = letters.flatMap((letter) => {
    const values = listOf(tries[letter] ?? '');
    return values === null ? [] : [{ letter, values }];
  })[0];
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
              placeholder={words.tryHint}
            />
          </View>
        ))}
      </View>
      {listed === undefined ? null : <TriedRows letter={listed.letter} values={listed.values} />}
    </View>
  );
}
