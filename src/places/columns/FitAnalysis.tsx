import { View } from '@tamagui/core';
import type { AnalysisView } from '@/state/slices/columns/requests';
import { columnWords } from '@/text/column-labels';
import { varianceHeads, varianceNames } from '@/text/statistic-labels';
import { Words } from '@/ui/theme/text';
import { StatisticRow, shownText } from './Statistic';
import type { Told } from './Statistic';
import { TableCell } from './TableCell';

const FIRST = 60;

type Props = Readonly<{ analysis: AnalysisView; onOpen: (told: Told) => void }>;

/** What is told of a fit besides its coefficients: what it leaves, and whether that is more than chance. */
export function FitAnalysis({ analysis, onOpen }: Props) {
  const { s, adjusted, aic, variance } = analysis;
  return (
    <View role="group" aria-label={columnWords.analysis}>
      {s === null ? null : <StatisticRow name="s" note={columnWords.residualDeviation} shown={s} onOpen={onOpen} />}
      {adjusted === null ? null : <StatisticRow name={columnWords.adjusted} note="" shown={adjusted} onOpen={onOpen} />}
      {aic === null ? null : (
        <StatisticRow name={columnWords.aic} note={columnWords.aicNote} shown={aic} onOpen={onOpen} />
      )}
      {variance.length === 0 ? null : <VarianceTable rows={variance} />}
    </View>
  );
}

/** Sums of squares with their degrees of freedom, and F with its chance. */
function VarianceTable({ rows }: Readonly<{ rows: AnalysisView['variance'] }>) {
  return (
    <View className="scroll-x" tabIndex={0} role="region" aria-label={columnWords.analysis} padding="$3" gap="$1">
      <Words strong>{columnWords.analysis}</Words>
      <View role="table" aria-label={columnWords.analysis}>
        <View role="row" flexDirection="row">
          {varianceHeads.map((head, i) => (
            <TableCell key={i} role="columnheader" text={head} {...(i === 0 ? { first: FIRST } : {})} />
          ))}
        </View>
        {rows.map(({ of, squares, df, mean, ratio, p }) => (
          <View key={of} role="row" flexDirection="row" borderTopWidth={1} borderColor="$rule">
            <TableCell role="rowheader" text={varianceNames[of]} first={FIRST} />
            {[squares, df, mean, ratio, p].map((one, i) => (
              <TableCell
                key={i}
                role="cell"
                text={one === null ? '' : typeof one === 'number' ? String(one) : shownText(one).replace(/^= /, '')}
              />
            ))}
          </View>
        ))}
      </View>
    </View>
  );
}
