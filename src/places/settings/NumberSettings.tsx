import { angleUnits } from '@/core/base/angle';
import { FEWEST_DIGITS, MOST_DIGITS, displayModes } from '@/core/format/settings';
import type { DisplaySettings } from '@/core/format/settings';
import { formNames, modeNames, unitNames, words } from '@/text/labels';
import { Choice } from '@/ui/kit/Choice';
import { Stepper } from '@/ui/control/Stepper';
import { Toggle } from '@/ui/kit/Switch';
import { Section, exampleOf } from './section';
import type { SettingsProps } from './section';

const preferable = ['decimal', 'mixed', 'fraction', 'exact', 'dms', 'turn'] as const;

/** Angles, digits and forms. */
export function NumberSettings(props: SettingsProps) {
  const { settings, set } = props;
  const { display } = settings;
  const setDisplay = (change: Partial<DisplaySettings>) => set({ display: { ...display, ...change } });
  return (
    <Section title={words.forNumbers}>
      <Choice
        title={words.angle}
        note={words.angleNote}
        {...exampleOf(props, 'angle')}
        options={angleUnits.map((id) => ({ id, name: unitNames[id] }))}
        chosen={settings.angle}
        onChoose={(angle) => set({ angle })}
      />
      <Choice
        title={words.display}
        note={words.displayNote}
        {...exampleOf(props, 'display')}
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
        note={words.decimalSignNote}
        options={[
          { id: '.', name: words.point },
          { id: ',', name: words.comma },
        ]}
        chosen={display.decimalSign}
        onChoose={(decimalSign) => setDisplay({ decimalSign })}
      />
      <Choice
        title={words.preferredForm}
        note={words.preferredNote}
        {...exampleOf(props, 'form')}
        options={[{ id: 'none', name: words.preferredNone }, ...preferable.map((id) => ({ id, name: formNames[id] }))]}
        chosen={settings.form ?? 'none'}
        onChoose={(id) => set({ form: preferable.find((form) => form === id) ?? null })}
      />
      <Choice
        title={words.fractions}
        note={words.fractionsNote}
        {...exampleOf(props, 'fractions')}
        options={[
          { id: 'improper', name: words.fractionsImproper },
          { id: 'mixed', name: words.fractionsMixed },
        ]}
        chosen={settings.fractions}
        onChoose={(fractions) => set({ fractions })}
      />
      <Toggle
        title={words.complex}
        note={words.complexNote}
        {...exampleOf(props, 'complex')}
        isOn={settings.complex}
        onChange={(complex) => set({ complex })}
      />
      {settings.complex ? (
        <Choice
          title={words.complexForm}
          note={words.complexFormNote}
          {...exampleOf(props, 'complexForm')}
          options={[
            { id: 'rectangular', name: words.complexRectangular },
            { id: 'polar', name: words.complexPolar },
          ]}
          chosen={settings.complexForm}
          onChoose={(complexForm) => set({ complexForm })}
        />
      ) : null}
    </Section>
  );
}
