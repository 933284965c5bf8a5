import { View } from '@tamagui/core';
import { settingGroups } from '@/core/notebook/setting';
import { settingIds, settingRecord } from '@/core/notebook/settings';
import { useHelp } from '@/places/exam/use-help';
import { useStore } from '@/state/app-store';
import { examWords } from '@/text/exam-labels';
import { words } from '@/text/labels';
import { groupTitles } from '@/text/settings';
import { Button } from '@/ui/control/Button';
import { Panel } from '@/ui/kit/Panel';
import { Heading, Words } from '@/ui/theme/text';
import { SavedState } from '@/places/frame/SavedState';
import { useOver } from '@/places/frame/over';
import { copy } from '@/places/bench/copying';
import { chooseNotebook, saveNotebook } from '@/places/files/notebook-file';
import { chooseSettings, saveSettings, settingsLink } from '@/places/files/shared-links';
import { SettingControl } from './SettingControl';
import { useExamples } from './use-examples';

/** Everything that can be set, and the notebook file. */
export function SettingsSheet({ onClose }: Readonly<{ onClose: () => void }>) {
  const settings = useStore((s) => s.settings);
  const before = useStore((s) => s.settingsBefore);
  const { resetSettings, putSettingsBack } = useStore.getState();
  const examples = useExamples(settings);
  const over = useOver();
  const hasHelp = useHelp('search');
  return (
    <Panel title={words.settings} onClose={onClose}>
      {settingGroups.map((group) => (
        <View key={group} role="group" aria-label={groupTitles[group]} gap="$4">
          <Heading role="heading" aria-level={3} borderBottomWidth={1} borderColor="$rule" paddingBottom={2}>
            {groupTitles[group]}
          </Heading>
          {settingIds
            .filter((id) => settingRecord(id).group === group)
            .map((id) => (
              <SettingControl key={id} id={id} example={examples[id]} />
            ))}
        </View>
      ))}
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
          <Button
            onPress={() => {
              onClose();
              over({ panel: 'exam' });
            }}
          >
            {examWords.open}
          </Button>
        </View>
      </View>
      <View flexDirection="row" flexWrap="wrap" gap="$2" alignItems="center">
        {(hasHelp ? (['help', 'about'] as const) : (['about'] as const)).map((panel) => (
          <Button
            key={panel}
            onPress={() => {
              onClose();
              over({ panel });
            }}
          >
            {words[panel]}
          </Button>
        ))}
        <SavedState />
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
