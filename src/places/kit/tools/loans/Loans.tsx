import { KindStrip } from '@/places/kit/parts/KindStrip';
import { useEntries } from '@/places/kit/parts/use-entries';
import { loanWords } from '@/text/kit/loans';
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
        <KindStrip
          name={loanWords.kinds}
          kinds={loanKinds}
          nameOf={(id) => loanWords[id]}
          chosen={entries.kind}
          onChoose={(kind) => enter({ kind })}
        />
      }
    />
  );
}
