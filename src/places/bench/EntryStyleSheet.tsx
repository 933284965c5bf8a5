import { View } from '@tamagui/core';
import { entryStyles } from '@/core/notebook/setting-records';
import { useStore } from '@/state/app-store';
import { styleNames, styleNotes } from '@/text/entry-labels';
import { settingWords } from '@/text/settings';
import { Pressable } from '@/ui/control/Pressable';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';

/** Chooses how keys are entered. What was begun in another style stays there. */
export function EntryStyleSheet({ onClose }: Readonly<{ onClose: () => void }>) {
  const style = useStore((s) => s.settings.style);
  const { set } = useStore.getState();
  return (
    <Panel title={settingWords.style.title} onClose={onClose}>
      <View role="group" aria-label={settingWords.style.title} gap="$2">
        {entryStyles.map((id) => (
          <Pressable
            key={id}
            aria-pressed={id === style}
            flexDirection="column"
            alignItems="flex-start"
            padding="$3"
            borderWidth={id === style ? 2 : 1}
            borderColor={id === style ? '$accent' : '$keyEdge'}
            backgroundColor="$digitKey"
            hoverStyle={{ backgroundColor: '$keyDown' }}
            onPress={() => {
              set({ style: id });
              onClose();
            }}
          >
            <Words strong>{styleNames[id]}</Words>
            <Words size="medium" tone="muted" textAlign="left">
              {styleNotes[id]}
            </Words>
          </Pressable>
        ))}
      </View>
    </Panel>
  );
}
