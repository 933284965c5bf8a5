import { View } from '@tamagui/core';
import { useState } from 'react';
import type { ReactNode } from 'react';
import { Slow } from '@/places/columns/Slow';
import { useHelp } from '@/places/exam/use-help';
import { NoResult, ResultRow } from '@/places/kit/parts/ResultRow';
import { StepsOf } from '@/places/kit/parts/steps';
import { sizeOf, typedTable } from '@/places/kit/parts/table';
import type { Table } from '@/places/kit/parts/table';
import type { ResultView } from '@/state/slices/kit/requests';
import type { TaskState } from '@/state/use-task';
import { kitWords } from '@/text/kit/kit';
import { badEntry, expansionSpoken, matrixWords, operationWords } from '@/text/kit/matrices';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { operations, waysOf } from './operations';
import type { Operation, OperationId, Way } from './operations';

type Props = Readonly<{
  tables: Readonly<Record<string, Table>>;
  open: string;
  beside: string;
  others: readonly string[];
  isEmpty: boolean;
  chosen: readonly OperationId[];
  /** Those of the chosen ones that can be worked. */
  shown: readonly Operation[];
  worked: TaskState<readonly ResultView[]>;
  onChoose: (ids: readonly OperationId[]) => void;
  onBeside: (name: string) => void;
  expression: string;
  /** Where the expression is written. */
  children: ReactNode;
}>;

const LARGEST_INLINE = 8;

/** What is worked out of the matrix at hand, each with its forms and the ways to see how. */
export function MatrixResults(props: Props) {
  const { tables, open, beside, others, isEmpty, chosen, shown, worked, expression, onChoose, onBeside, children } =
    props;
  const [way, setWay] = useState<Way | null>(null);
  const hasSteps = useHelp('steps');
  const table = tables[open] ?? [];
  const [rows, columns] = sizeOf(table);
  const toggle = (id: OperationId): void =>
    onChoose(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id]);
  const available = operations.filter(({ needs }) => needs !== 'two' || others.length > 0);
  const needsOther = available.some(({ id, needs }) => needs === 'two' && chosen.includes(id)) && others.length > 1;
  /** By its text, since the answers in sight may be those to what was asked before. */
  const viewOf = (text: string): ResultView | undefined => worked.value?.find((view) => view.text === text);
  const ofExpression = expression === '' ? undefined : viewOf(expression);

  const row = (view: ResultView, name: string, sign: string, from: string, ways: readonly Way[]) => {
    if ('cell' in view)
      return (
        <NoResult
          key={name}
          name={sign}
          why={badEntry(view.cell.table, view.cell.row, view.cell.column, problemText(view.cell.problem))}
        />
      );
    if ('problem' in view) return <NoResult key={name} name={sign} why={problemText(view.problem)} />;
    const { forms, saved, full } = view.answer;
    return (
      <ResultRow key={name} result={{ name, forms, saved, full, from }} sign={sign}>
        {(hasSteps ? ways : []).map((one) => (
          <Button
            key={one.id}
            isTight
            name={`${matrixWords[one.id]}: ${name}${one.row === undefined ? '' : ` ${expansionSpoken(one.row)}`}`}
            onPress={() => setWay(one)}
          >
            {one.id === 'expansion' ? matrixWords.byRow : kitWords.steps}
          </Button>
        ))}
      </ResultRow>
    );
  };

  /** How a result came about: with the matrices written out where they are small, else by their letters. */
  const written = ({ text }: Operation): string => {
    const inline = (name: string): string => {
      const of = tables[name] ?? [];
      return Math.max(...sizeOf(of)) > LARGEST_INLINE ? name : typedTable(of);
    };
    return text(inline(open), inline(beside));
  };

  return (
    <>
      <View role="group" aria-label={matrixWords.operations} flexDirection="row" flexWrap="wrap" gap="$1">
        {available.map(({ id, needs }) => (
          <Button
            key={id}
            isTight
            name={operationWords[id].name(open, beside)}
            isPressed={chosen.includes(id)}
            isDisabled={needs === 'square' && rows !== columns && !chosen.includes(id)}
            onPress={() => toggle(id)}
          >
            {operationWords[id].of(open, beside)}
          </Button>
        ))}
      </View>
      {needsOther ? (
        <Radios
          name={matrixWords.with}
          options={others.map((id) => ({ id, name: id }))}
          chosen={beside}
          onChoose={onBeside}
          isTight
          isStrip
        />
      ) : null}
      {isEmpty ? <Words tone="muted">{matrixWords.nothingEntered}</Words> : null}
      <Slow isSlow={worked.state === 'slow'} share={worked.share} onStop={worked.stop} />
      {worked.problem === null ? null : <Words tone="accent">{problemText(worked.problem)}</Words>}
      <View role="list" aria-label={kitWords.results} aria-busy={worked.isStale} opacity={worked.isStale ? 0.6 : 1}>
        {shown.map((operation) => {
          const view = viewOf(operation.text(open, beside));
          const words = operationWords[operation.id];
          if (isEmpty || view === undefined) return null;
          const ways = waysOf(operation.id, table, tables[beside] ?? null);
          return row(view, words.name(open, beside), words.of(open, beside), written(operation), ways);
        })}
        {ofExpression === undefined ? null : row(ofExpression, matrixWords.expression, '', expression, [])}
      </View>
      {children}
      {way === null ? null : <StepsOf text={way.text} onClose={() => setWay(null)} />}
    </>
  );
}
