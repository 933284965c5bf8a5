import { entryAt } from '@/core/base/item';
import type { DataColumn, DataTable } from '@/core/notebook/columns';
import { copied, freeIds, list, one, record } from '@/state/kernel/merging';
import type { Lost, Merge } from '@/state/kernel/merging';
import type { Document } from '@/state/slices/parts';

type Tables = Document['columns'];

function tablesOf(base: Tables, mine: Tables, theirs: Tables, lost: Lost): readonly DataTable[] {
  const ids = (of: Tables): readonly string[] => of.tables.flatMap((t) => [t.id, ...t.columns.map((c) => c.id)]);
  const taken = [...ids(mine), ...ids(theirs)];
  const [tableId, columnId] = [freeIds(taken, 't'), freeIds(taken, 'c')];
  /** A table that this tab made has columns that no other table has. */
  const renamed = (table: DataTable): DataTable => {
    const names = new Map(table.columns.map(({ id }) => [id, columnId()]));
    const named = (id: string | null): string | null => (id === null ? null : (names.get(id) ?? id));
    const { one: of, frequencies, upper, x, y, by, weights, predictors } = table.use;
    return {
      ...table,
      id: tableId(),
      columns: table.columns.map((column) => copied(column, entryAt(names, column.id))),
      use: {
        ...table.use,
        one: named(of),
        frequencies: named(frequencies),
        upper: named(upper),
        x: named(x),
        y: named(y),
        by: named(by),
        weights: named(weights),
        predictors: predictors.map((id) => names.get(id) ?? id),
      },
    };
  };
  const column = (before: DataColumn | undefined, own: DataColumn, other: DataColumn): DataColumn =>
    one(before ?? own, own, other, () => lost('column', other.name, other.cells.join('\n'), other));
  return list(
    base.tables,
    mine.tables,
    theirs.tables,
    (before, own, other) =>
      before === undefined
        ? own
        : {
            id: own.id,
            name: one(before.name, own.name, other.name, () => undefined),
            columns: [...list(before.columns, own.columns, other.columns, column, (c) => copied(c, columnId()))],
            use: record(before.use, own.use, other.use),
            filter: one(before.filter, own.filter, other.filter, () => undefined),
          },
    renamed,
  );
}

export const mergeColumns: Merge<Document> = (base, mine, theirs, lost) =>
  theirs.columns === base.columns
    ? {}
    : { columns: { tables: tablesOf(base.columns, mine.columns, theirs.columns, lost) } };
