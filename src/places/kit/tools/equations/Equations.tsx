import { View } from '@tamagui/core';
import type { ComponentType } from 'react';
import { useEntries } from '@/places/kit/parts/use-entries';
import { equationWords } from '@/text/kit/equations';
import { Radios } from '@/ui/kit/Radios';
import { equationEntries, kinds } from './inputs';
import type { Kind } from './inputs';
import { Linear } from './Linear';
import { OneUnknown } from './OneUnknown';
import { Pair } from './Pair';
import { PolynomialRoots } from './PolynomialRoots';
import type { ScreenProps } from './screen';

/** What each kind of equation shows. It is handed the entries and the choice of the kind, which stands above it. */
const screens: Readonly<Record<Kind, ComponentType<ScreenProps>>> = {
  linear: Linear,
  polynomial: PolynomialRoots,
  one: OneUnknown,
  pair: Pair,
};

/** Equations of several kinds, each with its entries and solutions. */
export function Equations() {
  const [entries, enter] = useEntries(equationEntries);
  const Screen = screens[entries.kind];
  const above = (
    <View paddingHorizontal="$3" paddingVertical="$1" backgroundColor="$desk" borderBottomWidth={1} borderColor="$rule">
      <Radios
        name={equationWords.kinds}
        options={kinds.map((id) => ({ id, name: equationWords[id] }))}
        chosen={entries.kind}
        onChoose={(kind) => enter({ kind }, 'kind')}
        isTight
        isStrip
      />
    </View>
  );
  return <Screen key={entries.kind} entries={entries} enter={enter} above={above} />;
}
