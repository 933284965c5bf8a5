import { View } from '@tamagui/core';
import { ToColumns } from '@/places/kit/parts/ToColumns';
import { useStore } from '@/state/app-store';
import type { ChanceRow } from '@/state/slices/kit/requests';
import { chanceWords } from '@/text/kit/chance';
import { Words } from '@/ui/theme/text';

const heads = [chanceWords.count, chanceWords.at, chanceWords.below];
const textsOf = ({ k, at, below }: ChanceRow): readonly string[] => [`${k}`.replace('-', '−'), at, below];

/** What a number is as it is written in the table, as typed text with a point. */
const typed = (text: string, decimalSign: string): string =>
  text.replace(/\s/g, '').replace(decimalSign, '.').replace('−', '-');

/** The probability of every count, and the share up to it. */
export function CountTable({ rows }: Readonly<{ rows: readonly ChanceRow[] }>) {
  const decimalSign = useStore((s) => s.settings.display.decimalSign);
  return (
    <View gap="$2">
      <View flexDirection="row">
        <ToColumns
          isTight
          name={chanceWords.table}
          columns={() =>
            heads.map((name, j) => ({
              name,
              cells: rows.map((row) => typed(textsOf(row)[j] ?? '', decimalSign)),
            }))
          }
        >
          {chanceWords.toColumns}
        </ToColumns>
      </View>
      <View role="table" aria-label={chanceWords.table} className="scroll-x" tabIndex={0}>
        <View role="row" flexDirection="row" borderBottomWidth={1} borderColor="$ink">
          {heads.map((head, j) => (
            <View key={head} role="columnheader" flex={j === 0 ? 0.5 : 1} padding={3}>
              <Words size="medium" strong textAlign="right">
                {head}
              </Words>
            </View>
          ))}
        </View>
        {rows.map((row) => (
          <View key={row.k} role="row" flexDirection="row" borderBottomWidth={1} borderColor="$rule">
            {textsOf(row).map((text, j) => (
              <View key={j} role={j === 0 ? 'rowheader' : 'cell'} flex={j === 0 ? 0.5 : 1} minWidth={0} padding={3}>
                <Words size="medium" textAlign="right">
                  {text}
                </Words>
              </View>
            ))}
          </View>
        ))}
      </View>
    </View>
  );
}
