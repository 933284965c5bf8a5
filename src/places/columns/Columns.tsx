import { itemAt } from '@/core/base/item';
import { View } from '@tamagui/core';
import { useCallback, useState } from 'react';
import type { ReactNode } from 'react';
import { tableInSight } from '@/state/slices/columns/in-sight';
import { keptRows, tableShown, tableUsed } from '@/state/slices/columns/resolved';
import { rowsOf } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { columnWords } from '@/text/column-labels';
import { unitButton, unitNames, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { PlaceHeader } from '@/ui/frame/PlaceHeader';
import { Tabs } from '@/ui/kit/Tabs';
import { isSpread, useLayout } from '@/ui/theme/layout';
import { Words } from '@/ui/theme/text';
import { useUndoStrokes } from '@/places/frame/use-undo-strokes';
import type { At } from './at';
import { Boundary } from '@/places/frame/Boundary';
import { HelpButton } from '@/places/frame/HelpButton';
import { ChartPanel } from './ChartPanel';
import { ColumnSheet } from './ColumnSheet';
import { Data } from './Data';
import { FilterSheet } from './FilterSheet';
import { FitPanel } from './FitPanel';
import { ReshapeSheet } from './ReshapeSheet';
import { RowSheet } from './RowSheet';
import { SortSheet } from './SortSheet';
import { StatisticSheet } from './Statistic';
import type { Told } from './Statistic';
import { SummaryPanel } from './SummaryPanel';
import { TablesSheet } from './TablesSheet';
import { TakeInSheet } from './TakeInSheet';

const panelIds = ['data', 'summary', 'chart', 'fit'] as const;
type PanelId = (typeof panelIds)[number];

type Open = Readonly<
  | { sheet: 'tables' | 'sort' | 'filter' | 'reshape' }
  | { sheet: 'column'; column: number }
  | { sheet: 'row'; row: number }
  | { sheet: 'take-in'; source: string }
  | { sheet: 'statistic'; told: Told }
>;

/** Tables of columns: what was measured or counted, summed up, drawn, and fitted. */
export function Columns() {
  const layout = useLayout();
  const isWide = isSpread(layout);
  const angle = useStore((s) => s.settings.angle);
  const canUndo = useStore((s) => s.history.past.length > 0);
  const { press, nextAngleUnit, addTable, addColumn } = useStore.getState();
  const [panel, setPanel] = useState<PanelId>('data');
  const [open, setOpen] = useState<Open | null>(null);
  const [place, setPlace] = useState<Readonly<{ table: string; at: At }> | null>(null);
  const own = useStore(tableInSight);
  const rules = useStore((s) => s.rules);
  // What is shown of it, and what takes part in what is worked: the rules of its columns and its condition seen to.
  const table = own && tableShown({ rules }, own);
  const used = own && tableUsed({ rules }, own);
  const id = table?.id ?? null;
  const isHere = place !== null && place.table === id && (table?.columns[place.at.column] ?? null) !== null;
  const at = isHere ? place.at : null;
  const onAt = useCallback(
    (next: At | null) => setPlace(next === null || id === null ? null : { table: id, at: next }),
    [id],
  );
  const close = useCallback(() => setOpen(null), []);

  useUndoStrokes(open !== null || at?.isWritten === true);

  const onCell = useCallback(
    (column: string, row: number) => {
      const index = table?.columns.findIndex((c) => c.id === column) ?? -1;
      if (index < 0) return;
      onAt({ column: index, row, isWritten: true, first: null });
      setPanel('data');
    },
    [table, onAt],
  );
  const onOpen = useCallback((told: Told) => setOpen({ sheet: 'statistic', told }), []);

  const isWritten = at?.isWritten === true;
  // On a turned phone the keys stand where the panels are while something is written.
  const hasKeysBeside = layout === 'flat' && isWritten;
  const [side, setSide] = useState<HTMLElement | null>(null);
  const shownPanel = isWide && panel === 'data' ? 'summary' : panel;
  const data =
    table === null ? null : (
      <Data
        table={table}
        at={at}
        isWide={layout === 'wide'}
        {...(hasKeysBeside ? { deckInto: side } : {})}
        onAt={onAt}
        onColumn={(column) => setOpen({ sheet: 'column', column })}
        onRow={(row) => setOpen({ sheet: 'row', row })}
        kept={own && keptRows({ rules }, own)}
        onSort={() => setOpen({ sheet: 'sort' })}
        onFilter={() => setOpen({ sheet: 'filter' })}
        onReshape={() => setOpen({ sheet: 'reshape' })}
        onPaste={(source) => setOpen({ sheet: 'take-in', source })}
      />
    );
  const beside =
    used === null || shownPanel === 'data' ? null : shownPanel === 'chart' ? (
      <ChartPanel key={used.id} table={used} onCell={onCell} />
    ) : (
      <View flex={1} minHeight={0} className="scroll-y" tabIndex={0} role="region" aria-label={columnWords[shownPanel]}>
        {shownPanel === 'summary' ? (
          <SummaryPanel key={used.id} table={used} onCell={onCell} onOpen={onOpen} />
        ) : (
          <FitPanel key={used.id} table={used} onCell={onCell} onOpen={onOpen} />
        )}
      </View>
    );
  const panels = (panel: ReactNode, isBare: boolean) => (
    <Tabs
      name={columnWords.panels}
      tabs={panelIds.filter((p) => !isWide || p !== 'data').map((p) => ({ id: p, name: columnWords[p] }))}
      chosen={shownPanel}
      onChoose={setPanel}
      isBare={isBare}
    >
      <Boundary at={shownPanel}>{panel}</Boundary>
    </Tabs>
  );
  const column = open?.sheet === 'column' ? table?.columns[open.column] : undefined;

  return (
    <View flex={1} minHeight={0} position="relative" backgroundColor="$paper">
      <PlaceHeader title={columnWords.columns}>
        {table === null ? null : (
          <Button isQuiet name={`${columnWords.tables}: ${table.name}`} onPress={() => setOpen({ sheet: 'tables' })}>
            {`${table.name} ▾`}
          </Button>
        )}
        <Button isQuiet name={unitButton(angle)} onPress={nextAngleUnit}>
          {unitNames[angle]}
        </Button>
        <Button isQuiet isDisabled={!canUndo} onPress={() => press({ type: 'undo' })}>
          {words.undo}
        </Button>
        <HelpButton />
      </PlaceHeader>
      {table === null ? (
        <View flex={1} className="paper-grid" alignItems="center" justifyContent="center" padding="$4" gap="$3">
          <Words textAlign="center" maxWidth={340} backgroundColor="$paper">
            {columnWords.noTable}
          </Words>
          <View flexDirection="row" gap="$2">
            <Button onPress={addTable}>{columnWords.begin}</Button>
            <Button onPress={() => setOpen({ sheet: 'take-in', source: '' })}>{columnWords.paste}</Button>
            <Button onPress={() => setOpen({ sheet: 'tables' })}>{columnWords.files}</Button>
          </View>
        </View>
      ) : table.columns.length === 0 ? (
        <View flex={1} className="paper-grid" alignItems="center" justifyContent="center" padding="$4" gap="$3">
          <Words backgroundColor="$paper">{columnWords.noColumn}</Words>
          <Button onPress={() => addColumn(table.id)}>{columnWords.addColumn}</Button>
        </View>
      ) : isWide ? (
        <View flex={1} minHeight={0} flexDirection="row">
          <View
            width={layout === 'flat' ? '50%' : '44%'}
            maxWidth={layout === 'flat' ? 460 : 640}
            borderRightWidth={1}
            borderColor="$rule"
            minHeight={0}
          >
            <Boundary>{data}</Boundary>
          </View>
          <View flex={1} minWidth={0} minHeight={0}>
            {hasKeysBeside ? (
              <View ref={setSide as never} flex={1} minHeight={0} className="scroll-y" />
            ) : (
              panels(beside, false)
            )}
          </View>
        </View>
      ) : (
        <View flex={1} minHeight={0} {...(layout === 'tiny' ? { className: 'scroll-y' } : {})}>
          <View {...(layout === 'tiny' ? { height: 440, flexShrink: 0 } : { flex: 1, minHeight: 0 })}>
            {panels(shownPanel === 'data' ? data : beside, isWritten && panel === 'data')}
          </View>
        </View>
      )}
      {open?.sheet === 'tables' ? (
        <TablesSheet onClose={close} onTakeIn={(source) => setOpen({ sheet: 'take-in', source })} />
      ) : null}
      {open?.sheet === 'take-in' ? (
        <TakeInSheet
          source={open.source}
          table={table}
          at={
            table === null || table.columns.length === 0
              ? null
              : { column: itemAt(table.columns, at?.column ?? 0), row: at?.row ?? rowsOf(table) }
          }
          onDone={() => {
            setPanel('data');
            close();
          }}
          onClose={close}
        />
      ) : null}
      {table !== null && open?.sheet === 'sort' ? (
        <SortSheet table={table} by={table.columns[at?.column ?? 0]?.id ?? null} onClose={close} />
      ) : null}
      {table !== null && open?.sheet === 'row' ? (
        <RowSheet
          table={table}
          row={open.row}
          column={at === null ? null : (table.columns[at.column] ?? null)}
          onMoved={(row) => onAt({ column: at?.column ?? 0, row, isWritten: false, first: null })}
          onClose={close}
        />
      ) : null}
      {column === undefined || table === null ? null : (
        <ColumnSheet table={table} column={column} onSort={() => setOpen({ sheet: 'sort' })} onClose={close} />
      )}
      {table !== null && open?.sheet === 'filter' ? <FilterSheet table={table} onClose={close} /> : null}
      {used !== null && open?.sheet === 'reshape' ? (
        <ReshapeSheet table={used} at={at === null ? null : (used.columns[at.column] ?? null)} onClose={close} />
      ) : null}
      {open?.sheet === 'statistic' ? <StatisticSheet told={open.told} onClose={close} /> : null}
    </View>
  );
}
