import { View } from '@tamagui/core';
import { keys } from '@/keys/catalogue';
import type { KeyId } from '@/keys/catalogue';
import type { EntryStyle } from '@/core/notebook/schema';
import { meansIn } from '@/keys/press';
import { keyText } from '@/text/keys';
import { exampleIn, notInStyle } from '@/text/entry-labels';
import { words } from '@/text/labels';
import { Heading, Words } from '../theme/text';
import { Face } from './Face';

/** What a key does, with its example: the keys to press and what they come to. */
export function KeyHelp({ id, style, isComplex }: Readonly<{ id: KeyId; style: EntryStyle; isComplex: boolean }>) {
  const { example, does, needs } = keys[id];
  const { say, help } = keyText(id, style);
  const lacks = !meansIn(style, does)
    ? notInStyle(style)
    : needs === 'complex' && !isComplex
      ? words.needsComplex
      : null;
  return (
    <View gap="$1">
      <Heading textTransform="capitalize">{say}</Heading>
      <Words>{help}</Words>
      {lacks === null ? null : (
        <Words size="medium" tone="accent">
          {lacks}
        </Words>
      )}
      <View flexDirection="row" alignItems="center" flexWrap="wrap" gap="$1" marginTop="$1">
        <Words size="medium" tone="muted">
          {example.style === 'written' ? words.example : exampleIn(example.style)}
        </Words>
        {example.keys.map((part, i) => (
          <View
            key={`${part}${i}`}
            paddingHorizontal={7}
            minHeight={26}
            justifyContent="center"
            borderWidth={1}
            borderColor="$keyEdge"
            borderRadius="$1"
            backgroundColor="$key"
          >
            <Face face={keys[part as KeyId].face} tone="ink" size={13} strong={false} />
          </View>
        ))}
        <Words size="medium" tone="answer">
          → {example.shows}
        </Words>
      </View>
    </View>
  );
}
