import { itemAt } from '@/core/base/item';
import { useEffect, useState } from 'react';
import type { SettingId, Settings } from '@/core/notebook/settings';
import { useStore } from '@/state/app-store';
import type { LineAnswer } from '@/state/background';
import { requestFor } from '@/state/slices/bench/live';
import { usePieces } from '@/state/use-pieces';
import { shownForm } from '@/state/slices/tape/line';
import { problemText } from '@/text/problems';

type Shows = (answer: LineAnswer, settings: Settings) => string;

const shown: Shows = ({ forms }, settings) => {
  const { exact, text } = shownForm(forms, null, { ...settings, style: 'written' });
  return `${exact ? '=' : '≈'} ${text}`;
};
const asDecimal: Shows = ({ forms }) => `≈ ${forms.find((f) => f.id === 'decimal')?.text ?? ''}`;

/** What stands below a setting: a line, how it is written, and what it shows of its answer. */
const examples = {
  angle: { text: 'sin(30)', written: 'sin 30', shows: shown },
  display: { text: '100000/7', written: '100000 ÷ 7', shows: asDecimal },
  form: { text: '17/6', written: '17/6', shows: shown },
  fractions: { text: '17/6', written: '17/6', shows: shown },
  impliedFirst: { text: '1÷2pi', written: '1 ÷ 2π', shows: ({ readAs }) => `is read as ${readAs.text}` },
  complex: { text: 'sqrt(-4)', written: '√−4', shows: shown },
  complexForm: { text: '1+i', written: '1 + i', shows: shown },
} as const satisfies Readonly<Partial<Record<SettingId, Readonly<{ text: string; written: string; shows: Shows }>>>>;

type ExampleId = keyof typeof examples;
type Told = Readonly<Partial<Record<SettingId, string>>>;

/** The settings as an example needs them, whatever else is set. */
const settingsFor = (id: ExampleId, settings: Settings): Settings => {
  if (id === 'complexForm') return { ...settings, complex: true };
  return id === 'fractions' ? { ...settings, form: null } : settings;
};

const exampleIds = Object.keys(examples) as ExampleId[];

/** The examples of the settings, one after the other, worked anew as they are set. */
export function useExamples(settings: Settings): Told {
  const [told, setTold] = useState<Told>({});
  const { ask } = usePieces(
    'answer',
    settings,
    {
      request: (at: number) => {
        const id = exampleIds[at];
        if (id === undefined) return null;
        const own = settingsFor(id, settings);
        return { ...requestFor(examples[id].text, { ...useStore.getState(), settings: own }), tries: {} };
      },
      take: (at, answered) => {
        const id = itemAt(exampleIds, at);
        const { written, shows } = examples[id];
        const shownAs = answered.ok ? shows(answered.value, settingsFor(id, settings)) : problemText(answered.problem);
        setTold((before) => ({ ...before, [id]: `${written} ${answered.ok ? '' : ': '}${shownAs}` }));
        ask(at + 1);
      },
    },
    'panel',
  );
  useEffect(() => ask(0), [settings, ask]);
  return told;
}
