import { View } from '@tamagui/core';
import { classKinds, classesIn, usedColumns } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { classNames, classesProposal, columnWords } from '@/text/column-labels';
import { Button } from '@/ui/control/Button';
import { Choice } from '@/ui/kit/Choice';
import { Words } from '@/ui/theme/text';
import { ColumnPicker } from './ColumnPicker';
import { WidthField } from './WidthField';

/** How classes are told by the columns. */
export function ClassChoices({ table }: Readonly<{ table: DataTable }>) {
  const { setUse } = useStore.getState();
  const { use, columns, id } = table;
  const used = usedColumns(table);
  return (
    <>
      <Choice
        title={columnWords.classes}
        options={classKinds.map((kind) => ({ id: kind, name: classNames[kind] }))}
        chosen={use.classes}
        onChoose={(classes) => setUse(id, { classes })}
      />
      {use.classes === 'both' ? (
        <ColumnPicker
          title={columnWords.upper}
          columns={columns.filter((c) => c !== used.one && c !== used.frequencies)}
          chosen={used.upper?.id ?? null}
          onChoose={(upper) => setUse(id, { upper })}
        />
      ) : null}
      {use.classes === 'lower' || use.classes === 'upper' ? <WidthField table={table} /> : null}
    </>
  );
}

/** Offers to read columns as classes that look like their edges and frequencies. */
export function ProposedClasses({ table }: Readonly<{ table: DataTable }>) {
  const found = classesIn(table);
  if (found === null) return null;
  const { one, frequencies } = found;
  return (
    <View role="status" flexDirection="row" flexWrap="wrap" alignItems="center" gap="$2">
      <Words flexShrink={1} size="medium">
        {classesProposal(one, frequencies)}
      </Words>
      <Button
        onPress={() =>
          useStore
            .getState()
            .setUse(table.id, { of: 'one', one: one.id, frequencies: frequencies.id, classes: 'lower' })
        }
      >
        {columnWords.readSo}
      </Button>
    </View>
  );
}
