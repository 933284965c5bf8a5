import { View } from '@tamagui/core';
import type { AnalysisView } from '@/state/slices/columns/requests';
import { columnWords, varianceHeads, varianceNames } from '@/text/column-labels';
import { Words } from '@/ui/theme/text';
import { StatisticRow, shownText } from './Statistic';
import type { Told } from './Statistic';

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
            <Cell key={i} role="columnheader" text={head} isFirst={i === 0} isHead />
          ))}
        </View>
        {rows.map(({ of, squares, df, mean, ratio, p }) => (
          <View key={of} role="row" flexDirection="row" borderTopWidth={1} borderColor="$rule">
            <Cell role="rowheader" text={varianceNames[of]} isFirst isHead />
            {[squares, df, mean, ratio, p].map((one, i) => (
              <Cell
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

type CellProps = Readonly<{
  role: 'cell' | 'columnheader' | 'rowheader';
  text: string;
  isFirst?: boolean;
  isHead?: boolean;
}>;

function Cell({ role, text, isFirst = false, isHead = false }: CellProps) {
  return (
    <View role={role} width={isFirst ? 60 : 124} minHeight={34} justifyContent="center" flexShrink={0}>
      <Words
        size="medium"
        strong={isHead}
        {...(isHead ? {} : { tone: 'answer' })}
        {...(isFirst ? {} : { textAlign: 'right' })}
        className="tabular"
      >
        {text}
      </Words>
    </View>
  );
}
