import { View } from '@tamagui/core';
import { Words } from '../theme/text';
import { Pressable } from './Pressable';

type Props<T extends string> = Readonly<{
  name: string;
  tabs: readonly Readonly<{ id: T; name: string }>[];
  chosen: T;
  onChoose: (id: T) => void;
}>;

/** Which of a few panels is in sight. */
export function Tabs<T extends string>({ name, tabs, chosen, onChoose }: Props<T>) {
  return (
    <View
      role="tablist"
      aria-label={name}
      flexDirection="row"
      backgroundColor="$desk"
      paddingHorizontal={6}
      gap={4}
      flexShrink={0}
    >
      {tabs.map(({ id, name: title }) => (
        <Pressable
          key={id}
          role="tab"
          aria-selected={chosen === id}
          paddingHorizontal="$3"
          borderRadius={0}
          borderBottomWidth={3}
          borderColor={chosen === id ? '$accent' : 'transparent'}
          onPress={() => onChoose(id)}
        >
          <Words strong={chosen === id} tone="muted" {...(chosen === id ? { color: '$ink' } : {})}>
            {title}
          </Words>
        </Pressable>
      ))}
    </View>
  );
}
