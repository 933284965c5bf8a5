import { View } from '@tamagui/core';
import { memo } from 'react';
import { useStore } from '@/state/app-store';
import { displayButton, displaySummary, unitButton, unitNames, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Heading } from '@/ui/theme/text';

/** What every answer depends on, always in sight: the angle unit and the number display. */
export const StatusStrip = memo(function StatusStrip({ onSettings }: Readonly<{ onSettings: () => void }>) {
  const angle = useStore((s) => s.settings.angle);
  const display = useStore((s) => s.settings.display);
  const { nextAngleUnit } = useStore.getState();
  return (
    <View
      flexDirection="row"
      alignItems="center"
      gap="$2"
      paddingHorizontal="$3"
      paddingVertical={2}
      backgroundColor="$desk"
      borderBottomWidth={1}
      borderColor="$rule"
    >
      <Heading role="heading" aria-level={1} flex={1}>
        {words.bench}
      </Heading>
      <Button name={unitButton(angle)} onPress={nextAngleUnit}>
        {unitNames[angle]}
      </Button>
      <Button name={displayButton(display)} onPress={onSettings}>
        {displaySummary(display)}
      </Button>
    </View>
  );
});
