import { View } from '@tamagui/core';
import { useState } from 'react';
import { dateOrders } from '@/core/date/read';
import { KindStrip } from '@/places/kit/parts/KindStrip';
import { useEntries } from '@/places/kit/parts/use-entries';
import { browserDateOrder, today } from '@/platform/locale';
import { dateWords, orderNames } from '@/text/kit/dates';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
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
        <>
          <KindStrip
            name={dateWords.kinds}
            kinds={dateKinds}
            nameOf={(id) => dateWords[id]}
            chosen={entries.kind}
            onChoose={(kind) => enter({ kind })}
          />
          {entries.kind === 'times' ? null : (
            <View
              flexDirection="row"
              flexWrap="wrap"
              alignItems="center"
              gap="$2"
              paddingHorizontal="$3"
              paddingTop="$2"
            >
              <Words aria-hidden>{dateWords.order}</Words>
              <Radios
                name={dateWords.order}
                isTight
                options={dateOrders.map((id) => ({ id, name: orderNames[id] }))}
                chosen={order}
                onChoose={(id) => enter({ order: id })}
              />
            </View>
          )}
        </>
      }
    />
  );
}
