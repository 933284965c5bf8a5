import { View } from '@tamagui/core';
import { useState } from 'react';
import { useEntries } from '@/places/kit/parts/use-entries';
import { browserDateOrder, today } from '@/platform/locale';
import { dateWords } from '@/text/kit/dates';
import { Radios } from '@/ui/kit/Radios';
import { Between } from './Between';
import { dateEntries, dateKinds } from './inputs';
import { Later } from './Later';
import { Times } from './Times';

const screens = { between: Between, add: Later, times: Times } as const;

/** Dates and times: what lies between, what comes later, how much it is together. */
export function Dates() {
  const [entries, enter] = useEntries(dateEntries);
  const [now] = useState(today);
  const [order] = useState(browserDateOrder);
  const Screen = screens[entries.kind];
  return (
    <Screen
      entries={entries}
      enter={enter}
      now={now}
      order={order}
      above={
        <View paddingHorizontal="$3" paddingVertical="$1" borderBottomWidth={1} borderColor="$rule">
          <Radios
            name={dateWords.kinds}
            isStrip
            isTight
            options={dateKinds.map((id) => ({ id, name: dateWords[id] }))}
            chosen={entries.kind}
            onChoose={(kind) => enter({ kind })}
          />
        </View>
      }
    />
  );
}
