import { View } from '@tamagui/core';
import { useState } from 'react';
import type { Problem } from '@/core/base/problem';
import { letterNames } from '@/core/memory/shelf';
import { rowsOf } from '@/core/notebook/columns';
import { emptyTable, sizeOf } from '@/places/kit/parts/table';
import type { Table } from '@/places/kit/parts/table';
import { tableOf } from '@/places/kit/parts/pasted-table';
import { useStore } from '@/state/app-store';
import { tableUsed } from '@/state/slices/columns/resolved';
import { toCanonicalText } from '@/state/slices/curves/actions';
import { kitRequest } from '@/state/slices/kit/requests';
import { tasks } from '@/state/tasks';
import { matrixWords } from '@/text/kit/matrices';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';
import { LARGEST_SIDE } from '@/core/matrix/matrix';

type Props = Readonly<{
  table: Table;
  rule: string;
  onRule: (rule: string) => void;
  onFill: (table: string[][]) => void;
  onRemove: () => void;
  onClose: () => void;
}>;

/** Ways to fill a matrix other than entry by entry. */
export function FillSheet({ table, rule, onRule, onFill, onRemove, onClose }: Props) {
  const [rows, columns] = sizeOf(table);
  const own = useStore((s) => s.document.columns.tables);
  const rules = useStore((s) => s.rules);
  const tables = own.map((one) => tableUsed({ rules }, one));
  const shelf = useStore((s) => s.document.shelf);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [isUnread, setUnread] = useState(false);
  const fill = (next: string[][]): void => {
    onFill(next);
    onClose();
  };
  const byRule = async (): Promise<void> => {
    const state = useStore.getState();
    const text = toCanonicalText(rule, state.settings);
    setUnread(text === null);
    if (text === null) return;
    const result = await tasks.run('fill', { ...kitRequest(state, [text]), rule: text, rows, columns }, 'fill');
    if (result === 'superseded') return;
    if (result.ok) fill(result.value.map((row) => [...row]));
    else setProblem(result.problem);
  };
  const kept = letterNames.filter((name) => shelf[name]?.typed.startsWith('[') === true);
  return (
    <Panel title={matrixWords.fillTitle} onClose={onClose}>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button
          isDisabled={rows !== columns}
          onPress={() => fill(table.map((texts, i) => texts.map((_, j) => (i === j ? '1' : '0'))))}
        >
          {matrixWords.identity}
        </Button>
        <Button onPress={() => fill(table.map((texts) => texts.map(() => '0')))}>{matrixWords.zeros}</Button>
        <Button onPress={() => fill(emptyTable(rows, columns))}>{matrixWords.empty}</Button>
      </View>
      <View gap="$2">
        <Field
          name={matrixWords.rule}
          value={rule}
          placeholder={matrixWords.ruleHint}
          onChange={(text) => {
            onRule(text);
            setProblem(null);
            setUnread(false);
          }}
          onEnter={() => void byRule()}
        />
        {problem === null && !isUnread ? null : (
          <Words role="alert" size="medium" tone="accent">
            {problem === null ? matrixWords.ruleUnread : problemText(problem)}
          </Words>
        )}
        <View flexDirection="row">
          <Button isDisabled={rule.trim() === ''} onPress={() => void byRule()}>
            {matrixWords.fillByRule}
          </Button>
        </View>
      </View>
      {tables.length === 0 ? null : (
        <View role="group" aria-label={matrixWords.fromTable} gap="$1">
          <Words strong>{matrixWords.fromTable}</Words>
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            {tables.map((one) => (
              <Button
                key={one.id}
                isDisabled={rowsOf(one) === 0}
                onPress={() =>
                  fill(
                    Array.from({ length: Math.min(LARGEST_SIDE, rowsOf(one)) }, (_, i) =>
                      one.columns.slice(0, LARGEST_SIDE).map(({ cells }) => cells[i] ?? ''),
                    ),
                  )
                }
              >
                {one.name}
              </Button>
            ))}
          </View>
        </View>
      )}
      {kept.length === 0 ? null : (
        <View role="group" aria-label={matrixWords.fromShelf} gap="$1">
          <Words strong>{matrixWords.fromShelf}</Words>
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            {kept.map((name) => (
              <Button
                key={name}
                onPress={() => {
                  const found = tableOf(shelf[name]?.typed ?? '', '.');
                  if (found !== null) fill(found.table);
                }}
              >
                {name}
              </Button>
            ))}
          </View>
        </View>
      )}
      <View flexDirection="row">
        <Button
          onPress={() => {
            onRemove();
            onClose();
          }}
        >
          {matrixWords.remove}
        </Button>
      </View>
    </Panel>
  );
}
