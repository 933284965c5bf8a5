import { View } from '@tamagui/core';
import { words } from '@/text/labels';
import type { KeyboardHelp } from '@/text/shortcuts';
import { Words } from '../theme/text';

type Props = Readonly<{ title?: string; help: KeyboardHelp }>;

/** What the keys of a physical keyboard do here. */
export function KeyboardList({ title = words.keyboard, help }: Props) {
  return (
    <View role="group" aria-label={title} gap="$1">
      <Words strong>{title}</Words>
      {help.map(([key, does]) => (
        <View key={key} flexDirection="row" gap="$3" borderTopWidth={1} borderColor="$rule" paddingTop={4}>
          <Words size="medium" width={170}>
            {key}
          </Words>
          <Words size="medium" tone="muted" flex={1}>
            {does}
          </Words>
        </View>
      ))}
    </View>
  );
}
