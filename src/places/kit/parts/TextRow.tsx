import { View } from '@tamagui/core';
import { copy } from '@/places/bench/copying';
import { copySpoken, kitWords } from '@/text/kit/kit';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{ name: string; text: string; note?: string | null }>;

/** A result that is no number, such as a date: it can be copied. */
export function TextRow({ name, text, note = null }: Props) {
  return (
    <View
      role="listitem"
      aria-label={`${name}: ${text}`}
      flexDirection="row"
      flexWrap="wrap"
      alignItems="center"
      columnGap="$3"
      paddingVertical={2}
      borderTopWidth={1}
      borderColor="$rule"
    >
      <Words strong>{name}</Words>
      <Words tone="answer" flexShrink={1}>
        {text}
      </Words>
      <View marginLeft="auto">
        <Button isTight name={copySpoken(name)} onPress={() => void copy(text)}>
          {kitWords.copy}
        </Button>
      </View>
      {note === null ? null : (
        <Words size="medium" tone="muted" width="100%">
          {note}
        </Words>
      )}
    </View>
  );
}
