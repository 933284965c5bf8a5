import { View } from '@tamagui/core';
import { useStore } from '@/state/app-store';
import { notice } from '@/state/notice';
import { settingsText, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Sheet } from '@/ui/sheet/Sheet';
import { Words } from '@/ui/theme/text';

/** Asks before settings that a link or a file brings take the place of one's own. */
export function TakeSettings() {
  const offered = useStore((s) => s.offered);
  const { offer, set, say } = useStore.getState();
  if (offered === null) return null;
  const close = () => offer(null);
  return (
    <Sheet title={words.takeSettings} onClose={close}>
      <Words>{settingsText(offered)}</Words>
      <View flexDirection="row" gap="$2" flexWrap="wrap">
        <Button
          onPress={() => {
            set(offered);
            close();
            say(notice('settings-taken'));
          }}
        >
          {words.takeThem}
        </Button>
        <Button onPress={close}>{words.keepMine}</Button>
      </View>
    </Sheet>
  );
}
