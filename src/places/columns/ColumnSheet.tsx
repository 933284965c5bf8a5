import { View } from '@tamagui/core';
import { columnWord } from '@/core/column/column-names';
import type { DataColumn, DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { columnWords, ruleNames } from '@/text/column-labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Note } from '@/ui/control/Note';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';
import { pointed, spelled } from './spelled';

type Props = Readonly<{ table: DataTable; column: DataColumn; onSort: () => void; onClose: () => void }>;

/** The expression that a column is worked from, and what is wrong with it. */
function RuleField({ table, column }: Pick<Props, 'table' | 'column'>) {
  const sign = useStore((s) => s.settings.display.decimalSign);
  const fault = useStore((s) => s.rules.get(table.id)?.worked.faults.find((f) => f.column === column.id) ?? null);
  const { setRule } = useStore.getState();
  const words = table.columns.flatMap((c) => (c === column ? [] : (columnWord(c.name) ?? [])));
  return (
    <View gap="$1">
      <Field
        name={columnWords.rule}
        value={spelled(column.rule, sign)}
        onChange={(text) => setRule(column.id, pointed(text, sign))}
        placeholder={columnWords.ruleHint}
      />
      <Note note={words.length === 0 ? columnWords.ruleNote : ruleNames(words)} />
      {fault === null || column.rule === '' ? null : (
        <Words role="alert" tone="accent">
          {problemText(fault.problem)}
        </Words>
      )}
    </View>
  );
}

/** A column: what it is called and measured in, its place, and emptying it apart from removing it. */
export function ColumnSheet({ table, column, onSort, onClose }: Props) {
  const { id, name, unit, cells } = column;
  const { changeColumn, moveColumn, emptyColumn, removeColumn } = useStore.getState();
  const then = (act: () => void) => () => {
    act();
    onClose();
  };
  return (
    <Panel title={name === '' ? columnWords.column : name} onClose={onClose}>
      <View flexDirection="row" gap="$3">
        <View flex={1}>
          <Field
            name={columnWords.name}
            value={name}
            onChange={(text) => changeColumn(id, { name: text.slice(0, 60) })}
          />
        </View>
        <View flex={1}>
          <Field
            name={columnWords.unit}
            value={unit}
            onChange={(text) => changeColumn(id, { unit: text.slice(0, 60) })}
          />
        </View>
      </View>
      <RuleField table={table} column={column} />
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button onPress={() => moveColumn(id, -1)}>{columnWords.moveLeft}</Button>
        <Button onPress={() => moveColumn(id, 1)}>{columnWords.moveRight}</Button>
        <Button onPress={onSort}>{columnWords.sort}</Button>
      </View>
      <View gap="$1">
        <View flexDirection="row">
          <Button isDisabled={cells.length === 0 || column.rule !== ''} onPress={then(() => emptyColumn(id))}>
            {columnWords.empty}
          </Button>
        </View>
        <Note note={columnWords.emptyNote} />
      </View>
      <View gap="$1">
        <View flexDirection="row">
          <Button onPress={then(() => removeColumn(id))}>{columnWords.remove}</Button>
        </View>
        <Note note={columnWords.removeNote} />
      </View>
    </Panel>
  );
}
