import { View } from '@tamagui/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, useState } from 'react';
import type { DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { fitRequest } from '@/state/slices/columns/requests';
import type { FitView, Residual } from '@/state/slices/columns/requests';
import { usePieces } from '@/state/use-pieces';
import { columnWords, rowName } from '@/text/column-labels';
import { Heading, Words } from '@/ui/theme/text';
import { shownText } from './Statistic';

const ROW = 34;
const BATCH = 60;
const TALLEST = 320;

type Known = Readonly<{ of: FitView; rows: ReadonlyMap<number, Residual> }>;

const begun = (result: FitView): Known => ({
  of: result,
  rows: new Map(result.residuals.map((residual, i) => [result.from + i, residual])),
});

/** What the fit leaves of each row, worked as it comes into sight. */
export function Residuals({ table, made }: Readonly<{ table: DataTable; made: FitView }>) {
  const scroller = useRef<HTMLDivElement | null>(null);
  const [more, setMore] = useState<Known | null>(null);
  const known = more !== null && more.of === made ? more : begun(made);
  const rows = useVirtualizer({
    count: made.count,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 6,
  });
  const items = rows.getVirtualItems();
  const wanted = items.find(({ index }) => !known.rows.has(index))?.index ?? null;
  const { ask } = usePieces(
    'fit',
    made,
    {
      request: (from: number) => fitRequest(useStore.getState(), table, { from, count: BATCH }),
      take: (from, answer) => {
        if (!answer.ok || answer.value.made === null) return;
        const { residuals } = answer.value.made;
        setMore((before) => {
          const base = before !== null && before.of === made ? before : begun(made);
          return { of: made, rows: new Map([...base.rows, ...residuals.map((r, i) => [from + i, r] as const)]) };
        });
      },
    },
    'table',
  );
  useEffect(() => {
    if (wanted !== null) ask(Math.max(0, wanted - BATCH / 4));
  }, [wanted, ask]);
  const text = (v: Residual['x']): string => shownText(v).replace(/^= /, '');
  return (
    <View paddingBottom="$4">
      <View padding="$3" paddingBottom="$1">
        <Heading role="heading" aria-level={2}>
          {columnWords.residuals}
        </Heading>
        <Words size="medium" tone="muted">
          {columnWords.residualNote}
        </Words>
      </View>
      <div
        ref={scroller}
        className="residuals"
        role="table"
        aria-label={columnWords.residuals}
        aria-rowcount={made.count + 1}
        tabIndex={0}
        style={{ height: Math.min(TALLEST, made.count * ROW + ROW) }}
      >
        <div role="row" className="residual residual-head">
          {[columnWords.row, columnWords.x, columnWords.y, columnWords.left].map((head, i) => (
            <span key={i} role="columnheader">
              {head}
            </span>
          ))}
        </div>
        <div role="rowgroup" style={{ height: rows.getTotalSize(), position: 'relative' }}>
          {items.map(({ index, start }) => {
            const residual = known.rows.get(index);
            return (
              <div
                key={index}
                role="row"
                aria-rowindex={index + 2}
                className="residual residual-row"
                style={{ transform: `translateY(${start}px)`, height: ROW }}
              >
                <span role="rowheader" aria-label={residual === undefined ? '' : rowName(residual.row)}>
                  {residual === undefined ? '' : residual.row + 1}
                </span>
                {[residual?.x, residual?.y, residual?.left].map((v, i) => (
                  <span key={i} role="cell">
                    {v == null ? '' : text(v)}
                  </span>
                ))}
              </div>
            );
          })}
        </div>
      </div>
    </View>
  );
}
