import { View } from '@tamagui/core';
import { useState } from 'react';
import type { LayoutChangeEvent } from 'react-native';
import type { Size } from '@/core/curve/view';
import { ToColumns } from '@/places/kit/parts/ToColumns';
import { later } from '@/places/frame/Boundary';
import { delimitedText } from '@/places/files/delimited-text';
import { saveFile } from '@/platform/files';
import { useStore } from '@/state/app-store';
import type { ScheduleRow, SolvedLoan } from '@/state/slices/kit/requests';
import { barText, loanWords } from '@/text/kit/loans';
import { Button } from '@/ui/control/Button';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { usePalette } from '@/ui/theme/use-palette';

const Picture = later(async () => (await import('@/ui/chart/pictures')).SchedulePicture);

/** So many rows are shown at once, and so many more each time. */
const ROWS = 36;
const columns = ['payment', 'interest', 'repaid', 'balance'] as const;
const titles = {
  payment: loanWords.paid,
  interest: loanWords.ofInterest,
  repaid: loanWords.repaid,
  balance: loanWords.balance,
} as const;

/** A number of a row as typed text with a point. */
const typed = (text: string, decimalSign: string): string =>
  text.replace(/\s/g, '').replace(decimalSign, '.').replace('−', '-');

/** The schedule as a picture and as a table, by year or by payment. */
export function Schedule({ solved }: Readonly<{ solved: SolvedLoan }>) {
  const palette = usePalette();
  const settings = useStore((s) => s.settings);
  const [by, setBy] = useState<'year' | 'payment'>('year');
  const [most, setMost] = useState(ROWS);
  const [chosen, setChosen] = useState<number | null>(null);
  const [size, setSize] = useState<Size | null>(null);
  const rows = by === 'year' ? solved.years : solved.rows;
  const head = by === 'year' ? loanWords.year : loanWords.period;
  const { decimalSign } = settings.display;
  const table = (): readonly (readonly string[])[] =>
    rows.map(({ period, texts }) => [`${period}`, ...columns.map((id) => typed(texts[id], decimalSign))]);
  const onLayout = ({ nativeEvent: { layout } }: LayoutChangeEvent): void => {
    const width = Math.round(layout.width);
    if (width > 0 && width !== size?.width) setSize({ width, height: 240 });
  };
  const told = (row: ScheduleRow): string =>
    barText(`${head} ${row.period}`, row.texts.payment, row.texts.interest, row.texts.repaid, row.texts.balance);
  const picked = chosen === null ? null : (solved.years[chosen] ?? null);
  return (
    <View gap="$2">
      <View
        height={240}
        onLayout={onLayout}
        role="img"
        aria-label={`${loanWords.chart}: ${solved.years.map(told).slice(0, 40).join('; ')}`}
      >
        {size === null ? null : (
          <Picture
            bars={solved.years.map(({ period, heights }) => ({ label: `${period}`, ...heights }))}
            size={size}
            palette={palette}
            heightText={(height) => `${Math.round(height)}`}
            large={settings.textSize / 100}
            chosen={chosen}
            onChoose={setChosen}
          />
        )}
      </View>
      <Words size="medium" tone="muted" role="status">
        {picked === null
          ? loanWords.legend
          : barText(
              `${loanWords.year} ${picked.period}`,
              picked.texts.payment,
              picked.texts.interest,
              picked.texts.repaid,
              picked.texts.balance,
            )}
      </Words>
      <View flexDirection="row" flexWrap="wrap" alignItems="center" gap="$2">
        <Radios
          name={loanWords.schedule}
          isTight
          options={[
            { id: 'year', name: loanWords.byYear },
            { id: 'payment', name: loanWords.byPayment },
          ]}
          chosen={by}
          onChoose={(id) => {
            setBy(id);
            setMost(ROWS);
          }}
        />
        <Button
          isTight
          onPress={() =>
            saveFile(
              `${loanWords.fileName}.csv`,
              delimitedText([[head, ...columns.map((id) => titles[id])], ...table()], ','),
              'text/csv',
            )
          }
        >
          {loanWords.saveCsv}
        </Button>
        <ToColumns
          isTight
          name={loanWords.schedule}
          columns={() => {
            const cells = table();
            return [head, ...columns.map((id) => titles[id])].map((name, j) => ({
              name,
              cells: cells.map((row) => row[j] ?? ''),
            }));
          }}
        >
          {loanWords.columns}
        </ToColumns>
      </View>
      <View className="scroll-x" tabIndex={0} role="region" aria-label={loanWords.schedule}>
        <View role="table" aria-label={loanWords.schedule} minWidth={340}>
          <View role="row" flexDirection="row" borderBottomWidth={1} borderColor="$ink">
            {[head, ...columns.map((id) => titles[id])].map((title, j) => (
              <Cell key={title} text={title} isFirst={j === 0} isHead />
            ))}
          </View>
          {rows.slice(0, most).map((row) => (
            <View key={row.period} role="row" flexDirection="row" borderBottomWidth={1} borderColor="$rule">
              <Cell text={`${row.period}`} isFirst />
              {columns.map((id) => (
                <Cell key={id} text={row.texts[id]} />
              ))}
            </View>
          ))}
        </View>
      </View>
      {rows.length <= most ? null : (
        <View flexDirection="row">
          <Button onPress={() => setMost(most + 10 * ROWS)}>{loanWords.more}</Button>
        </View>
      )}
      {solved.isCut ? <Words tone="accent">{loanWords.isCut}</Words> : null}
    </View>
  );
}

function Cell({
  text,
  isFirst = false,
  isHead = false,
}: Readonly<{ text: string; isFirst?: boolean; isHead?: boolean }>) {
  return (
    <View
      role={isHead ? 'columnheader' : 'cell'}
      {...(isFirst ? { width: 64 } : { flex: 1 })}
      minWidth={0}
      paddingVertical={4}
      paddingHorizontal={3}
    >
      <Words size="medium" strong={isHead} textAlign={isFirst ? 'left' : 'right'} whiteSpace="nowrap">
        {text}
      </Words>
    </View>
  );
}
