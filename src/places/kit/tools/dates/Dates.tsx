import { useState } from 'react';
import { KindStrip } from '@/places/kit/parts/KindStrip';
import { useEntries } from '@/places/kit/parts/use-entries';
import { browserDateOrder, today } from '@/platform/locale';
import { dateWords } from '@/text/kit/dates';
import { Between } from './Between';
import { dateEntries, dateKinds } from './inputs';
import { Later } from './Later';
import { Times } from './Times';

const screens = { between: Between, add: Later, times: Times } as const;

/** Dates and times: what lies between, what comes later, how much it is together. */
export function Dates() {
  const [entries, enter] = useEntries(dateEntries);
  const [now] = useState(today);
  const [usual] = useState(browserDateOrder);
  const order = entries.order === '' ? usual : entries.order;
  const Screen = screens[entries.kind];
  return (
    <Screen
      entries={entries}
      enter={enter}
      now={now}
      order={order}
      above={
        <KindStrip
          name={dateWords.kinds}
          kinds={dateKinds}
          nameOf={(id) => dateWords[id]}
          chosen={entries.kind}
          onChoose={(kind) => enter({ kind })}
        />
      }
    />
  );
}
