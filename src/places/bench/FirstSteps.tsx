import { View } from '@tamagui/core';
import { firstSteps, firstWords } from '@/text/first-steps';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';

/** How a line is keyed, read and answered, in place of a tape that has nothing on it yet: shown once. */
export function FirstSteps({ onDone }: Readonly<{ onDone: () => void }>) {
  return (
    <View
      role="group"
      aria-label={firstWords.title}
      className="first-steps"
      paddingHorizontal="$3"
      paddingVertical="$1"
      maxWidth={480}
      width="100%"
      backgroundColor="$paper"
    >
      <View role="list" aria-label={firstWords.title} gap={2}>
        {firstSteps.map(({ title, text }, i) => (
          <View key={title} role="listitem" flexDirection="row" gap="$2">
            <Words strong tone="accent" aria-hidden>
              {`${i + 1}`}
            </Words>
            <View flex={1} minWidth={0}>
              <Words strong>{title}</Words>
              <Words size="medium" tone="muted">
                {text}
              </Words>
            </View>
          </View>
        ))}
      </View>
      <View alignItems="flex-end">
        <Button onPress={onDone}>{firstWords.done}</Button>
      </View>
    </View>
  );
}
