import { View } from '@tamagui/core';
import { crossed } from '@/core/column/reshape';
import { hasTail, tails, testIds } from '@/core/inference/test-names';
import type { TestNumber } from '@/core/inference/test-names';
import { EntryBeside } from '@/places/kit/parts/EntryRow';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { Worked } from '@/places/kit/parts/Worked';
import { tableInUse } from '@/state/slices/columns/resolved';
import { kitRequest } from '@/state/slices/kit/requests';
import type { State } from '@/state/slices/state';
import { useRequest, useTask } from '@/state/use-task';
import { chanceWords } from '@/text/kit/chance';
import { numberNames, tailNames, testNames, testWords } from '@/text/kit/tests';
import { problemText } from '@/text/problems';
import { Radios } from '@/ui/kit/Radios';
import { Select } from '@/ui/kit/Select';
import { Words } from '@/ui/theme/text';
import { chanceEntries } from './inputs';
import type { ChanceEntries } from './inputs';
import type { ScreenProps } from './screen';
import { TestEntry, useValueSlots, valuesOf } from './TestEntry';
import { summaryNumbers, testForms } from './test-forms';
import { TestResults } from './TestResults';

type Values = Readonly<{
  columns: readonly (readonly string[])[] | null;
  factors: readonly [readonly string[], readonly string[]] | null;
}>;

const columnOf = (table: readonly (readonly string[])[], j: number): readonly string[] =>
  table.map((row) => row[j] ?? '');

/** Values by the labels beside them: a column for each label, in the order in which they first come. */
const grouped = (values: readonly string[], labels: readonly string[]): readonly (readonly string[])[] =>
  [...new Set(labels.filter((label) => label !== ''))].map((label) => values.filter((_, i) => labels[i] === label));

/** The values of a test, from the table that is written or from columns of the table in sight; null while they are not chosen. */
function valuesFor(entries: ChanceEntries, state: Pick<State, 'document' | 'sight' | 'rules'>): Values | null {
  const { columns } = testForms[entries.test];
  if (columns === 0 || entries.source === 'summary') return { columns: null, factors: null };
  if (entries.source === 'typed') {
    const table = valuesOf(entries);
    const all = (table[0] ?? []).map((_, j) => columnOf(table, j));
    if (columns === 'factors') return { columns: [all[0] ?? []], factors: [all[1] ?? [], all[2] ?? []] };
    // The rows of a table of counts; of all others its columns.
    return { columns: columns === 'counts' ? table : all, factors: null };
  }
  const found = tableInUse(state)?.columns ?? [];
  const cellsOf = (id: string): readonly string[] | null => found.find((column) => column.id === id)?.cells ?? null;
  const [first, second, third] = [cellsOf(entries.first), cellsOf(entries.secondColumn), cellsOf(entries.third)];
  if (first === null || (columns !== 1 && second === null)) return null;
  if (columns === 'counts') {
    const [, ...across] = crossed({ name: '', cells: first }, { name: '', cells: second ?? [] });
    return {
      columns: (across[0]?.cells ?? []).map((_, i) => across.map(({ cells }) => cells[i] ?? '')),
      factors: null,
    };
  }
  if (columns === 'groups') return { columns: grouped(first, second ?? []), factors: null };
  if (columns === 'factors') return third === null ? null : { columns: [first], factors: [second ?? [], third] };
  return { columns: second === null ? [first] : [first, second], factors: null };
}

/** A test with its interval: what is entered, what it says, and what it is compared with. */
export function Tests({ entries, enter, above }: ScreenProps) {
  const writing = useWriting();
  const { test, tail, level, source } = entries;
  const form = testForms[test];
  const isSummed = source === 'summary' && form.canSummary;
  const own = source === 'summary' && !form.canSummary ? { ...entries, source: 'typed' as const } : entries;
  const slotOf = (id: TestNumber | 'level') => ({
    id,
    name: id === 'level' ? testWords.level : numberNames[id],
    text: entries[id],
    keep: (text: string) => enter({ [id]: text }, `test ${id}`),
  });
  const values = useValueSlots(own, enter);
  const isGrid = form.columns !== 0 && own.source === 'typed';
  const told = inTurn([...form.numbers.map(slotOf), slotOf('level')]);
  const summary = isSummed
    ? inTurn(
        summaryNumbers(form.columns)
          .filter((id) => !(test.endsWith('-z') && id.endsWith('sd')))
          .map(slotOf),
      )
    : [];
  const names = [...form.numbers, ...(isSummed ? summaryNumbers(form.columns) : [])];
  const numbers = Object.fromEntries(names.map((id) => [id, entries[id]])) as Partial<Record<TestNumber, string>>;
  const worked = useTask(
    'test',
    useRequest((state) => {
      const found = valuesFor(own, state);
      if (found === null || form.numbers.some((id) => entries[id] === '') || level === '') return null;
      return {
        ...kitRequest(state, [...Object.values(numbers), ...(found.columns ?? []).flat()]),
        test,
        tail,
        level,
        numbers,
        ...found,
      };
    }),
  );
  const view = worked.value;
  const fault = view?.fault ?? null;
  const row = (slot: (typeof told)[number]) => (
    <EntryBeside
      key={slot.id}
      slot={slot}
      writing={writing}
      note={fault?.number === slot.id ? problemText(fault.problem) : null}
    />
  );
  return (
    <ToolFrame
      id={chanceEntries.id}
      name={chanceWords.name}
      slots={[...(isGrid ? values.slots : []), ...summary, ...told]}
      writing={writing}
      hasAngles={false}
      above={above}
      entries={
        <>
          <View flexDirection="row" flexWrap="wrap" alignItems="center" gap="$2">
            <Words strong>{testWords.test}</Words>
            <Select
              name={testWords.test}
              options={testIds.map((id) => ({ id, name: testNames[id] }))}
              chosen={test}
              onChoose={(id) => enter({ test: id })}
            />
          </View>
          {form.columns === 0 ? null : (
            <TestEntry entries={own} enter={enter} writing={writing} values={values} summary={summary} fault={fault} />
          )}
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            {told.map(row)}
          </View>
          {hasTail(test) ? (
            <View gap="$1">
              <Words strong>{testWords.tail}</Words>
              <Radios
                name={testWords.tail}
                isTight
                options={tails.map((id) => ({ id, name: tailNames(test)[id] }))}
                chosen={tail}
                onChoose={(id) => enter({ tail: id })}
              />
            </View>
          ) : null}
        </>
      }
      results={
        <Worked task={worked}>
          {view === null || view.outcomes.length === 0 ? null : (
            <TestResults test={test} tail={hasTail(test) ? tail : 'two'} numbers={numbers} view={view} />
          )}
        </Worked>
      }
    />
  );
}
