import { View } from '@tamagui/core';
import { memo } from 'react';
import { useStore } from '@/state/app-store';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { KeyStrip } from '@/ui/key/KeyStrip';
import { Words } from '@/ui/theme/text';
import type { Replay } from './use-replay';

type Props = Readonly<{ replay: Replay | null; onStop: () => void }>;

/** What stands above the line: that a line of the tape is being edited, the keys as they are pressed. */
export const AboveLine = memo(function AboveLine({ replay, onStop }: Props) {
  const editing = useStore((s) => s.document.editing);
  const keyed = useStore((s) => s.document.keyed);
  const isShown = useStore((s) => s.settings.keyStrip);
  const { stopEditing } = useStore.getState();
  return (
    <>
      {editing === null ? null : (
        <View flexDirection="row" alignItems="center" justifyContent="space-between">
          <Words size="medium" tone="accent">
            {words.editing}
          </Words>
          <Button isPlain keepsFocus onPress={stopEditing}>
            {words.stopEditing}
          </Button>
        </View>
      )}
      {replay !== null ? (
        <View flexDirection="row" alignItems="center" gap="$2">
          <View flex={1} minWidth={0}>
            <KeyStrip keyed={replay.keyed} at={replay.at} name={words.keyLog} />
          </View>
          <Button keepsFocus onPress={onStop}>
            {words.stop}
          </Button>
        </View>
      ) : isShown && keyed !== null && keyed.length > 0 ? (
        <KeyStrip keyed={keyed} name={words.keyLog} at={keyed.length - 1} />
      ) : null}
    </>
  );
});
