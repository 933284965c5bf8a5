import { textSizes } from '@/core/notebook/schema';
import { hasHaptics, hasSound, shake, tick } from '@/platform/feedback';
import { percentText } from '@/text/entry-labels';
import { words } from '@/text/labels';
import { Choice } from '@/ui/kit/Choice';
import { Toggle } from '@/ui/kit/Switch';
import { Section } from './section';
import type { SettingsProps } from './section';

/** Colours, sizes, and how keys answer; only what this device can do. */
export function StyleSettings({ settings, set }: SettingsProps) {
  return (
    <Section title={words.forKeys}>
      <Choice
        title={words.theme}
        note={words.themeNote}
        options={[
          { id: 'system', name: words.themeSystem },
          { id: 'light', name: words.themeLight },
          { id: 'dark', name: words.themeDark },
          { id: 'contrast', name: words.themeContrast },
        ]}
        chosen={settings.theme}
        onChoose={(theme) => set({ theme })}
      />
      <Choice
        title={words.textSize}
        note={words.textSizeNote}
        options={textSizes.map((size) => ({ id: `${size}` as const, name: percentText(size) }))}
        chosen={`${settings.textSize}` as const}
        onChoose={(id) => set({ textSize: textSizes.find((size) => `${size}` === id)! })}
      />
      {hasSound() ? (
        <Toggle
          title={words.sound}
          note={words.soundNote}
          isOn={settings.sound}
          onChange={(sound) => {
            if (sound) tick();
            set({ sound });
          }}
        />
      ) : null}
      {hasHaptics() ? (
        <Toggle
          title={words.haptics}
          note={words.hapticsNote}
          isOn={settings.haptics}
          onChange={(haptics) => {
            if (haptics) shake();
            set({ haptics });
          }}
        />
      ) : null}
    </Section>
  );
}
