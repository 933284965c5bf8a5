import { KindStrip } from '@/places/kit/parts/KindStrip';
import { useEntries } from '@/places/kit/parts/use-entries';
import { sheetWords } from '@/text/kit/sheets';
import { sheetEntries, sheetKinds } from './inputs';
import { Make } from './Make';
import { Results } from './Results';

/** Sheets of exercises: made and handed out, and the answers to them read. */
export function Sheets() {
  const [entries, enter] = useEntries(sheetEntries);
  const above = (
    <KindStrip
      name={sheetWords.kinds}
      kinds={sheetKinds}
      nameOf={(id) => sheetWords[id]}
      chosen={entries.kind}
      onChoose={(kind) => enter({ kind })}
    />
  );
  const props = { entries, enter, above };
  return entries.kind === 'make' ? <Make {...props} /> : <Results {...props} />;
}
