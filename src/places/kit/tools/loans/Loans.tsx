import { View } from '@tamagui/core';
import { useEntries } from '@/places/kit/parts/use-entries';
import { loanWords } from '@/text/kit/loans';
import { Radios } from '@/ui/kit/Radios';
import { loanEntries, loanKinds } from './inputs';
import { Periodic } from './Periodic';
import { Simple } from './Simple';

/** Money with interest: loans, savings, simple interest. */
export function Loans() {
  const [entries, enter] = useEntries(loanEntries);
  const Screen = entries.kind === 'simple' ? Simple : Periodic;
  return (
    <Screen
      entries={entries}
      enter={enter}
      above={
        <View paddingHorizontal="$3" paddingVertical="$1" borderBottomWidth={1} borderColor="$rule">
          <Radios
            name={loanWords.kinds}
            isStrip
            isTight
            options={loanKinds.map((id) => ({ id, name: loanWords[id] }))}
            chosen={entries.kind}
            onChoose={(kind) => enter({ kind })}
          />
        </View>
      }
    />
  );
}
