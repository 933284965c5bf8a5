import { View } from '@tamagui/core';
import { columnWord } from '@/core/column/column-names';
import type { DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { columnWords, filterNote, keptText } from '@/text/column-labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Note } from '@/ui/control/Note';
import { Field } from '@/ui/kit/Field';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';
import { pointed, spelled } from './spelled';

/** The condition by which rows take part; the others are set aside, and come back when it is taken away. */
export function FilterSheet({ table, onClose }: Readonly<{ table: DataTable; onClose: () => void }>) {
  const sign = useStore((s) => s.settings.display.decimalSign);
  const worked = useStore((s) => s.rules.get(table.id)?.worked ?? null);
  const { setFilter } = useStore.getState();
  const fault = worked?.faults.find(({ column }) => column === null) ?? null;
  const kept = worked?.kept ?? null;
  const words = table.columns.flatMap(({ name }) => columnWord(name) ?? []);
  return (
    <Panel title={columnWords.filter} onClose={onClose}>
      <Field
        name={columnWords.filterBy}
        value={spelled(table.filter, sign)}
        onChange={(text) => setFilter(table.id, pointed(text, sign))}
        placeholder={columnWords.filterHint}
      />
      <Note note={filterNote(words)} />
      {table.filter === '' ? null : fault !== null ? (
        <Words role="alert" tone="accent">
          {problemText(fault.problem)}
        </Words>
      ) : kept === null ? null : (
        <Words role="status">{keptText(kept.filter((isKept) => isKept).length, kept.length)}</Words>
      )}
      <View flexDirection="row">
        <Button isDisabled={table.filter === ''} onPress={() => setFilter(table.id, '')}>
          {columnWords.allRows}
        </Button>
      </View>
    </Panel>
  );
}
