import { View } from '@tamagui/core';
import { angleUnits } from '@/core/base/angle';
import { FEWEST_DIGITS, MOST_DIGITS, displayModes } from '@/core/format/settings';
import type { DisplaySettings } from '@/core/format/settings';
import { useStore } from '@/state/app-store';
import { formNames, modeNames, unitNames, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Choice } from '@/ui/control/Choice';
import { Stepper } from '@/ui/control/Stepper';
import { Toggle } from '@/ui/control/Toggle';
import { Sheet } from '@/ui/sheet/Sheet';
import { Words } from '@/ui/theme/text';
import { copy } from '../bench/copying';
import { chooseNotebook, saveNotebook } from '../notebook-file';
import { chooseSettings, saveSettings, settingsLink } from '../shared-links';

const preferable = ['decimal', 'mixed', 'fraction', 'exact', 'dms', 'turn'] as const;

/** Everything that can be set, and the notebook file. */
export function SettingsSheet({ onClose }: Readonly<{ onClose: () => void }>) {
  const settings = useStore((s) => s.settings);
  const { set } = useStore.getState();
  const { display } = settings;
  const setDisplay = (change: Partial<DisplaySettings>) => set({ display: { ...display, ...change } });
  return (
    <Sheet title={words.settings} onClose={onClose}>
      <Choice
        title={words.angle}
        options={angleUnits.map((id) => ({ id, name: unitNames[id] }))}
        chosen={settings.angle}
        onChoose={(angle) => set({ angle })}
      />
      <Choice
        title={words.display}
        options={displayModes.map((id) => ({ id, name: modeNames[id] }))}
        chosen={display.mode}
        onChoose={(mode) => setDisplay({ mode })}
      />
      <Stepper
        title={display.mode === 'places' ? words.places2 : words.digits}
        value={display.digits}
        least={FEWEST_DIGITS}
        most={MOST_DIGITS}
        names={{ fewer: words.fewerDigits, more: words.moreDigits }}
        onChange={(digits) => setDisplay({ digits })}
      />
      <Toggle
        title={words.grouping}
        note={words.groupingNote}
        isOn={display.grouping}
        onChange={(grouping) => setDisplay({ grouping })}
      />
      <Choice
        title={words.decimalSign}
        options={[
          { id: '.', name: words.point },
          { id: ',', name: words.comma },
        ]}
        chosen={display.decimalSign}
        onChoose={(decimalSign) => setDisplay({ decimalSign })}
      />
      <Choice
        title={words.preferredForm}
        options={[{ id: 'none', name: words.preferredNone }, ...preferable.map((id) => ({ id, name: formNames[id] }))]}
        chosen={settings.form ?? 'none'}
        onChoose={(id) => set({ form: preferable.find((form) => form === id) ?? null })}
      />
      <Choice
        title={words.view}
        options={[
          { id: 'boxed', name: words.viewBoxed },
          { id: 'typed', name: words.viewTyped },
        ]}
        chosen={settings.view}
        onChoose={(view) => set({ view })}
      />
      <Choice
        title={words.slash}
        options={[
          { id: 'fraction', name: words.slashFraction },
          { id: 'divide', name: words.slashDivide },
        ]}
        chosen={settings.slash}
        onChoose={(slash) => set({ slash })}
      />
      <Toggle
        title={words.keyStrip}
        note={words.keyStripNote}
        isOn={settings.keyStrip}
        onChange={(keyStrip) => set({ keyStrip })}
      />
      <Toggle
        title={words.impliedFirst}
        note={words.impliedFirstNote}
        isOn={settings.impliedFirst}
        onChange={(impliedFirst) => set({ impliedFirst })}
      />
      <Toggle
        title={words.complex}
        note={words.complexNote}
        isOn={settings.complex}
        onChange={(complex) => set({ complex })}
      />
      <Toggle title={words.backToPad} isOn={settings.backToPad} onChange={(backToPad) => set({ backToPad })} />
      <Choice
        title={words.theme}
        options={[
          { id: 'system', name: words.themeSystem },
          { id: 'light', name: words.themeLight },
          { id: 'dark', name: words.themeDark },
        ]}
        chosen={settings.theme}
        onChoose={(theme) => set({ theme })}
      />
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
    </Sheet>
  );
}
