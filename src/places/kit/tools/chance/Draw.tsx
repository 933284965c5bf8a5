import { View } from '@tamagui/core';
import { useEffect, useState } from 'react';
import { distributionShape, distributionShapes } from '@/core/function/chance/distributions';
import { ToColumns } from '@/places/kit/parts/ToColumns';
import { EntryBeside } from '@/places/kit/parts/EntryRow';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { Worked } from '@/places/kit/parts/Worked';
import { useStore } from '@/state/app-store';
import { tableInUse } from '@/state/slices/columns/resolved';
import { drawnKinds, kitRequest } from '@/state/slices/kit/requests';
import { useRequest, useTask } from '@/state/use-task';
import { chanceWords, distributionTitles } from '@/text/kit/chance';
import {
  coinSides,
  countedName,
  drawNumberName,
  drawWords,
  drawnNames,
  drawnNotes,
  drawnText,
  markedNames,
  toldOf,
} from '@/text/kit/draw';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { ProblemAlert } from '@/ui/control/ProblemAlert';
import { Choice } from '@/ui/kit/Choice';
import { Field } from '@/ui/kit/Field';
import { Radios } from '@/ui/kit/Radios';
import { Select } from '@/ui/kit/Select';
import { Words } from '@/ui/theme/text';
import { DrawnChart } from './DrawnChart';
import { chanceEntries, drawKey, drawNumbers, parametersOf } from './inputs';
import type { ScreenProps } from './screen';

const ALL = Number.MAX_SAFE_INTEGER;
/** Of how many the next picture tells while draws come: a few at first, then more and more. */
const growing = (told: number): number => Math.ceil(told * 1.35) + 1;
const BETWEEN_MS = 110;

const prefersStill = (): boolean => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

const newSeed = (): string => String((crypto.getRandomValues(new Uint32Array(1))[0] ?? 1) % 1_000_000);

/** How many draws are told: all of them, or so many more each time until all have come. */
function useComing(count: number): Readonly<{ upTo: number; isComing: boolean; begin: () => void; end: () => void }> {
  const [upTo, setUpTo] = useState(ALL);
  const isComing = upTo < count;
  useEffect(() => {
    if (!isComing) return undefined;
    const timer = setTimeout(() => setUpTo((told) => growing(told)), BETWEEN_MS);
    return () => clearTimeout(timer);
  }, [isComing, upTo]);
  return {
    upTo,
    isComing,
    begin: () => setUpTo(prefersStill() ? ALL : 1),
    end: () => setUpTo(ALL),
  };
}

/** Drawing at random: what is drawn, how many, from which seed; what came, beside what theory expects. */
export function Draw({ entries, enter, above }: ScreenProps) {
  const writing = useWriting();
  const table = useStore(tableInUse);
  const { drawn, marked, returned, seed, sampled, distribution } = entries;
  const shape = distributionShape(distribution) ?? distributionShapes[0];
  const column = table?.columns.find(({ id }) => id === sampled) ?? table?.columns[0] ?? null;
  const cells = drawn === 'sample' && column !== null ? column.cells.filter((cell) => cell !== '') : [];
  const own = Object.keys(drawNumbers[drawn]).map((name) => {
    const key = drawKey(drawn, name);
    return {
      id: key,
      name: drawNumberName(name),
      text: entries[key] ?? '',
      keep: (text: string) => enter({ [key]: text }, `chance ${key}`),
    };
  });
  const count = {
    id: 'draws',
    name: drawn === 'sample' ? drawWords.countOfSample : drawWords.count,
    text: entries.draws,
    keep: (text: string) => enter({ draws: text }, 'chance draws'),
  };
  const slots = inTurn([...own, count]);
  const texts = own.map(({ text }) => text);
  const parameters = drawn === 'distribution' ? parametersOf(entries, shape) : [];
  const numbers = [...parameters, ...texts];
  const isReady = !numbers.includes('') && entries.draws !== '' && (drawn !== 'sample' || column !== null);
  const [known, setKnown] = useState(0);
  const { upTo, isComing, begin, end } = useComing(known);
  const worked = useTask(
    'draws',
    useRequest((state) =>
      isReady
        ? {
            ...kitRequest(state, [...numbers, entries.draws]),
            drawn,
            numbers,
            distribution,
            marked,
            cells,
            isReturned: returned === 'yes',
            seed,
            count: entries.draws,
            upTo,
            sides: coinSides,
          }
        : null,
    ),
  );
  const view = worked.value;
  const total = view?.count ?? 0;
  if (total !== known) setKnown(total);
  const noteAt = (index: number): string | null =>
    view?.fault?.index === index ? problemText(view.fault.problem) : null;
  const rowOf = (id: string, note: string | null) => {
    const slot = slots.find((one) => one.id === id);
    return slot === undefined ? null : <EntryBeside key={id} slot={slot} writing={writing} note={note} />;
  };
  // What is wrong with a parameter of the distribution is told here, since it is not entered here.
  const elsewhere =
    view?.fault == null || view.fault.index >= parameters.length || view.fault.index === -1 ? null : view.fault;
  return (
    <ToolFrame
      id={chanceEntries.id}
      name={chanceWords.name}
      slots={slots}
      writing={writing}
      hasAngles={false}
      above={above}
      entries={
        <>
          <View gap="$1">
            <Radios
              name={drawWords.kind}
              isTight
              options={drawnKinds.map((id) => ({ id, name: drawnNames[id] }))}
              chosen={drawn}
              onChoose={(id) => enter({ drawn: id })}
            />
            <Words size="medium" tone="muted">
              {drawnNotes[drawn]}
            </Words>
          </View>
          {drawn === 'distribution' ? (
            <Words>{`${distributionTitles[distribution]}: ${shape.parameters
              .map(({ name }, i) => `${name} ${parameters[i] ?? ''}`)
              .join(', ')}`}</Words>
          ) : null}
          {drawn === 'sample' ? (
            column === null || table === null ? (
              <Words role="status">{drawWords.noColumn}</Words>
            ) : (
              <View flexDirection="row" flexWrap="wrap" alignItems="center" gap="$2">
                <Words strong>{`${drawWords.column} · ${table.name}`}</Words>
                <Select
                  name={drawWords.column}
                  options={table.columns.map(({ id, name }) => ({ id, name }))}
                  chosen={column.id}
                  onChoose={(id) => enter({ sampled: id })}
                />
                <Button
                  isTight
                  isDisabled={cells.length === 0}
                  onPress={() => enter({ returned: 'no', draws: String(cells.length) })}
                >
                  {drawWords.shuffle}
                </Button>
              </View>
            )
          ) : null}
          {drawn === 'cards' ? (
            <Radios
              name={drawWords.marked}
              isTight
              options={(['hearts', 'red', 'faces', 'aces'] as const).map((id) => ({ id, name: markedNames[id] }))}
              chosen={marked}
              onChoose={(id) => enter({ marked: id })}
            />
          ) : null}
          {drawn === 'whole' || drawn === 'sample' ? (
            <Choice
              title={drawWords.returned}
              options={[
                { id: 'yes' as const, name: drawWords.back },
                { id: 'no' as const, name: drawWords.once },
              ]}
              chosen={returned}
              onChoose={(id) => enter({ returned: id })}
            />
          ) : null}
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            {own.map(({ id }, i) => rowOf(id, noteAt(parameters.length + i)))}
            {rowOf(count.id, noteAt(-1))}
          </View>
          <View flexDirection="row" flexWrap="wrap" alignItems="flex-end" gap="$2">
            <View flexBasis={150} flexGrow={1}>
              <Field
                name={drawWords.seed}
                value={seed}
                onChange={(text) => enter({ seed: text.slice(0, 40) }, 'chance seed')}
                isInline
              />
            </View>
            <Button isTight onPress={() => enter({ seed: newSeed() })}>
              {drawWords.newSeed}
            </Button>
          </View>
          <Words size="medium" tone="muted">
            {drawWords.seedNote}
          </Words>
          {elsewhere === null ? null : <ProblemAlert problem={elsewhere.problem} />}
        </>
      }
      results={
        <Worked task={worked}>
          {view === null || view.fault !== null ? null : (
            <>
              <View flexDirection="row" flexWrap="wrap" alignItems="center" gap="$2">
                <Words strong role="status">
                  {toldOf(view.told, view.count)}
                </Words>
                <Button isTight onPress={isComing ? end : begin}>
                  {isComing ? drawWords.all : drawWords.again}
                </Button>
                <ToColumns
                  isTight
                  isDisabled={view.columns.length === 0}
                  name={drawWords.table}
                  columns={() =>
                    view.columns.map(({ name, cells }) => ({ name: name === '' ? countedName(drawn) : name, cells }))
                  }
                >
                  {drawWords.toColumns}
                </ToColumns>
              </View>
              <DrawnChart bars={view.bars} />
              <View role="group" aria-label={drawWords.results} gap="$1">
                <Words strong>{drawWords.results}</Words>
                <Words className="tabular">
                  {view.drawn.map((one) => drawnText(drawn, one)).join(view.drawn[0]?.parts.length === 1 ? ', ' : '; ')}
                  {view.drawn.length < view.told ? ' …' : ''}
                </Words>
              </View>
            </>
          )}
        </Worked>
      }
    />
  );
}
