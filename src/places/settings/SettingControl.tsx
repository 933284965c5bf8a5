import { memo } from 'react';
import { settingRecord } from '@/core/notebook/settings';
import type { SettingId, Settings } from '@/core/notebook/settings';
import { hasHaptics, hasSound, shake, tick } from '@/platform/feedback';
import { useStore } from '@/state/app-store';
import { settingWords } from '@/text/settings';
import type { SettingWords } from '@/text/settings';
import { Choice } from '@/ui/kit/Choice';
import { Toggle } from '@/ui/kit/Switch';
import { DisplayControl } from './DisplayControl';

/** What a device can do beside drawing, and how it shows that it does. */
const devices = {
  sound: { has: hasSound, show: tick },
  haptics: { has: hasHaptics, show: shake },
} as const;

type Props = Readonly<{
  id: SettingId;
  /** What the setting makes of something, where that has been worked. */
  example: string | undefined;
}>;

const NONE = 'none';
const nameOf = (value: string | number | null): string => (value === null ? NONE : String(value));

/** The control that a setting's record asks for, in its words; nothing where it would mean nothing. */
export const SettingControl = memo(function SettingControl({ id, example }: Props) {
  const { control, device, onlyWith } = settingRecord(id);
  const { title, note, options, examples }: SettingWords = settingWords[id];
  const value = useStore((s) => s.settings[id]);
  const isMeant = useStore((s) => onlyWith === undefined || s.settings[onlyWith as SettingId] === true);
  const { set } = useStore.getState();
  if (device !== undefined && !devices[device].has()) return null;
  if (!isMeant) return null;
  const said = { title, ...(note === undefined ? {} : { note }) };
  const shown = example ?? examples?.[nameOf(value as string | number | null)];
  const below = shown === undefined ? {} : { example: shown };
  switch (control.kind) {
    case 'display':
      return <DisplayControl {...said} {...below} display={value as Settings['display']} set={set} />;
    case 'switch':
      return (
        <Toggle
          {...said}
          {...below}
          isOn={value === true}
          onChange={(isOn) => {
            if (isOn && device !== undefined) devices[device].show();
            set({ [id]: isOn });
          }}
        />
      );
    case 'choice':
      return (
        <Choice
          {...said}
          {...below}
          options={control.of.map((one) => ({ id: nameOf(one), name: options?.[nameOf(one)] ?? nameOf(one) }))}
          chosen={nameOf(value as string | number | null)}
          onChoose={(name) => set({ [id]: control.of.find((one) => nameOf(one) === name) ?? null })}
        />
      );
  }
});
