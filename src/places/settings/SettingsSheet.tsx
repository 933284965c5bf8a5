import { View } from '@tamagui/core';
import { useStore } from '@/state/app-store';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';
import { copy } from '@/places/bench/copying';
import { chooseNotebook, saveNotebook } from '@/places/files/notebook-file';
import { chooseSettings, saveSettings, settingsLink } from '@/places/files/shared-links';
import { EntrySettings } from './EntrySettings';
import { StyleSettings } from './LookSettings';
import { NumberSettings } from './NumberSettings';
import { useExamples } from './use-examples';

/** Everything that can be set, and the notebook file. */
export function SettingsSheet({ onClose }: Readonly<{ onClose: () => void }>) {
  const settings = useStore((s) => s.settings);
  const before = useStore((s) => s.settingsBefore);
  const { set, resetSettings, putSettingsBack } = useStore.getState();
  const examples = useExamples(settings);
  const shared = { settings, set, examples };
  return (
    <Panel title={words.settings} onClose={onClose}>
      <NumberSettings {...shared} />
      <EntrySettings {...shared} />
      <StyleSettings {...shared} />
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button onPress={resetSettings}>{words.resetSettings}</Button>
        {before === null ? null : <Button onPress={putSettingsBack}>{words.putBack}</Button>}
      </View>
      <View role="group" aria-label={words.forAClass} gap="$1">
        <Words strong>{words.forAClass}</Words>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          <Button onPress={() => void copy(settingsLink(settings))}>{words.copySettingsLink}</Button>
          <Button onPress={() => saveSettings(settings)}>{words.saveSettings}</Button>
          <Button
            onPress={() => {
              void chooseSettings();
              onClose();
            }}
          >
            {words.openSettings}
          </Button>
        </View>
      </View>
      <View role="group" aria-label={words.notebook} gap="$1">
        <Words strong>{words.notebook}</Words>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          <Button onPress={saveNotebook}>{words.saveNotebook}</Button>
          <Button
            onPress={() => {
              void chooseNotebook();
              onClose();
            }}
          >
            {words.openNotebook}
          </Button>
        </View>
      </View>
    </Panel>
  );
}
