import { View } from '@tamagui/core';
import { useStore } from '@/state/app-store';
import { notice } from '@/state/notice';
import type { State } from '@/state/store';
import { settingsText, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Sheet } from '@/ui/sheet/Sheet';
import { Words } from '@/ui/theme/text';

type Offered = NonNullable<State['offered']>;

/** What is offered, without what it leaves open. */
const givenOf = (offered: Offered): Partial<State['settings']> =>
  Object.fromEntries(Object.entries(offered).filter(([, value]) => value !== undefined));

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
            set(givenOf(offered));
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
