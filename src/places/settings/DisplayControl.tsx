import { FEWEST_DIGITS, MOST_DIGITS, displayModes } from '@/core/format/settings';
import type { DisplaySettings } from '@/core/format/settings';
import type { Settings } from '@/core/notebook/settings';
import { displayWords } from '@/text/settings';
import { Stepper } from '@/ui/control/Stepper';
import { Choice } from '@/ui/kit/Choice';
import { Toggle } from '@/ui/kit/Switch';

type Props = Readonly<{
  title: string;
  note?: string;
  example?: string;
  display: DisplaySettings;
  set: (change: Partial<Settings>) => void;
}>;

/** How decimals are laid out. */
export function DisplayControl({ display, set, ...said }: Props) {
  const change = (part: Partial<DisplaySettings>) => set({ display: { ...display, ...part } });
  return (
    <>
      <Choice
        {...said}
        options={displayModes.map((id) => ({ id, name: displayWords.modes[id] }))}
        chosen={display.mode}
        onChoose={(mode) => change({ mode })}
      />
      <Stepper
        title={display.mode === 'places' ? displayWords.places : displayWords.digits}
        value={display.digits}
        least={FEWEST_DIGITS}
        most={MOST_DIGITS}
        names={{ fewer: displayWords.fewer, more: displayWords.more }}
        onChange={(digits) => change({ digits })}
      />
      <Toggle
        title={displayWords.grouping}
        note={displayWords.groupingNote}
        isOn={display.grouping}
        onChange={(grouping) => change({ grouping })}
      />
      <Choice
        title={displayWords.sign}
        note={displayWords.signNote}
        options={(['.', ','] as const).map((id) => ({ id, name: displayWords.signs[id] }))}
        chosen={display.decimalSign}
        onChoose={(decimalSign) => change({ decimalSign })}
      />
    </>
  );
}
