import { View } from '@tamagui/core';
import { useCallback, useMemo } from 'react';
import { itemAt } from '@/core/base/item';
import { toDouble } from '@/core/number/to-double';
import { isReal } from '@/core/number/value';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import { EntryTable, tableSlots } from '@/places/kit/parts/EntryTable';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { entriesNow, useEntries } from '@/places/kit/parts/use-entries';
import { useResults } from '@/places/kit/parts/use-results';
import type { Table } from '@/places/kit/parts/table';
import { useStore } from '@/state/app-store';
import { pairText, vectorResults, vectorWords } from '@/text/kit/vectors';
import { signOf } from '@/ui/line/ResultForms';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { isPolar, vectorEntries, vectorNames } from './inputs';
import { Plane } from './Plane';
import { Space } from './Space';
import { pairOf, rankText, toldOf, vectorsIn } from './told';
import { VectorResults } from './VectorResults';

const rowName = (row: number): string => vectorNames[row] ?? '';
const axes = ['x', 'y', 'z'] as const;
const always = (): boolean => true;

/** Vectors of the plane or of space: what is told of each, of two, and of three, with a picture. */
export function Vectors() {
  const [entries, enter] = useEntries(vectorEntries);
  const writing = useWriting();
  const angle = useStore((s) => s.settings.angle);
  const polar = isPolar(entries);
  const size = Number(entries.space);
  const table: Table = useMemo(
    () => (polar ? entries.polar : entries.cells.map((row) => row.slice(0, size))),
    [polar, entries, size],
  );
  const columnName = useCallback(
    (column: number): string => {
      if (!polar) return axes[column] ?? '';
      if (column === 0) return vectorWords.length;
      return entries.bearing === 'on' ? vectorWords.compass : vectorWords.direction;
    },
    [polar, entries.bearing],
  );
  const named = { id: polar ? 'polar' : 'cells', table, rowName, columnName };
  const cells = tableSlots(named, (make, thought) => {
    const now = entriesNow(vectorEntries);
    if (polar) enter({ polar: make(now.polar) }, thought);
    else enter({ cells: make(now.cells) }, thought);
  });
  const multiples = inTurn([
    { id: 'a', name: 'a', text: entries.a, keep: (text: string) => enter({ a: text }, 'a') },
    { id: 'b', name: 'b', text: entries.b, keep: (text: string) => enter({ b: text }, 'b') },
  ]);

  const vectors = useMemo(() => vectorsIn(entries), [entries]);
  const told = useMemo(() => toldOf(entries, angle), [entries, angle]);
  const rank = useMemo(() => rankText(entries), [entries]);
  const present = vectorNames.filter((name) => vectors[name] !== undefined);
  const [u, v] = pairOf(entries);
  const hasPair = vectors[u] !== undefined && vectors[v] !== undefined;
  const texts = useMemo(() => {
    const projection = hasPair ? [`proj(${u},${v})`] : [];
    return [
      ...new Set([...told.map(({ text }) => text), ...present, ...projection, ...(rank === null ? [] : [rank.text])]),
    ];
    // What is present follows from what is told.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [told, rank, hasPair, u, v]);
  const worked = useResults(texts, vectors, { complex: true });
  const views = worked.value;
  const cell = views?.flatMap((view) => ('cell' in view ? [view.cell] : []))[0];
  const problem = useMemo(() => {
    if (cell === undefined) return null;
    const row = vectorNames.findIndex((name) => name === cell.table);
    return { row, column: polar ? 0 : cell.row, text: problemText(cell.problem) };
  }, [cell, polar]);

  const pointOf = (text: string): readonly number[] | null => {
    const view = views?.find((one) => one.text === text);
    const value = view !== undefined && 'answer' in view ? view.answer.value : null;
    if (value?.kind !== 'matrix') return null;
    const parts = value.rows.map(([entry]) => (entry !== undefined && isReal(entry) ? toDouble(entry, always) : NaN));
    return parts.every(Number.isFinite) ? parts : null;
  };
  const points = new Map<string, readonly number[]>(
    present.flatMap((name) => {
      const at = pointOf(name);
      return at === null || at.length !== size ? [] : [[name, at] as const];
    }),
  );
  const [a, b, shadow] = [points.get(u), points.get(v), hasPair ? pointOf(`proj(${u},${v})`) : null];
  const plus = (p: readonly number[], r: readonly number[]): readonly number[] => p.map((x, i) => x + itemAt(r, i));
  const origin = Array.from({ length: size }, () => 0);
  const strokes = [
    ...[...points].map(([id, to]) => ({ id, from: origin, to, look: LOOKS[id] ?? 0, hasHead: true })),
    ...(a === undefined || b === undefined
      ? []
      : [
          { id: 'side 1', from: a, to: plus(a, b), look: SIDES, hasHead: false },
          { id: 'side 2', from: b, to: plus(a, b), look: SIDES, hasHead: false },
          { id: `${u} + ${v}`, from: origin, to: plus(a, b), look: SUM, hasHead: true },
        ]),
    ...(a === undefined || shadow === null || shadow.length !== size
      ? []
      : [
          { id: 'drop', from: a, to: shadow, look: SIDES, hasHead: false },
          { id: 'shadow', from: origin, to: shadow, look: SHADOW, hasHead: false },
        ]),
  ];
  const place = useCallback(
    (id: string, x: string, y: string) => {
      const row = vectorNames.findIndex((name) => name === id);
      const { cells: now } = entriesNow(vectorEntries);
      enter({ cells: now.map((texts, i) => (i === row ? [x, y, texts[2] ?? ''] : [...texts])) }, `drag ${id}`);
    },
    [enter],
  );
  const [firstTold] = told;
  const firstView = firstTold === undefined ? undefined : views?.find(({ text }) => text === firstTold.text);
  const firstForm = firstView !== undefined && 'answer' in firstView ? firstView.answer.forms[0] : undefined;
  const preview =
    firstTold === undefined || firstForm === undefined
      ? null
      : `${vectorResults[firstTold.id].sign(u, v)} ${signOf(firstForm)} ${firstForm.text}`;
  return (
    <ToolFrame
      id={vectorEntries.id}
      name={vectorWords.name}
      slots={[...cells, ...multiples]}
      writing={writing}
      preview={preview}
      entries={
        <>
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            <Radios
              name={vectorWords.space}
              options={[
                { id: '2', name: vectorWords.plane },
                { id: '3', name: vectorWords.threeD },
              ]}
              chosen={entries.space}
              onChoose={(space) => {
                writing.write(null);
                enter({ space }, 'space');
              }}
              isTight
            />
            {entries.space === '3' ? null : (
              <Button
                isTight
                name={`${vectorWords.bearing}: ${vectorWords.bearingNote}`}
                isPressed={entries.bearing === 'on'}
                onPress={() => enter({ bearing: entries.bearing === 'on' ? 'off' : 'on' }, 'bearing')}
              >
                {vectorWords.bearing}
              </Button>
            )}
          </View>
          {entries.space === '3' ? null : (
            <Radios
              name={vectorWords.as}
              options={(['components', 'polar'] as const).map((id) => ({ id, name: vectorWords[id] }))}
              chosen={entries.as}
              onChoose={(as) => {
                writing.write(null);
                enter({ as }, 'as');
              }}
              isTight
            />
          )}
          <EntryTable
            {...named}
            name={vectorWords.vectors}
            slots={cells}
            writing={writing}
            head={columnName}
            mark={rowName}
            problem={problem}
          />
          {problem === null ? null : (
            <Words role="alert" size="medium" tone="accent">
              {`${rowName(problem.row)}: ${problem.text}`}
            </Words>
          )}
          {strokes.length === 0 ? null : entries.space === '3' ? (
            <Space arrows={strokes} />
          ) : (
            <Plane arrows={strokes} onDrag={polar ? null : place} canDrag={(id) => !polar && points.has(id)} />
          )}
        </>
      }
      results={
        <>
          {present.length < 3 ? null : (
            <Radios
              name={vectorWords.pair}
              options={(['uv', 'uw', 'vw'] as const).map((id) => ({ id, name: pairText(id.charAt(0), id.charAt(1)) }))}
              chosen={entries.pair}
              onChoose={(pair) => enter({ pair }, 'pair')}
              isTight
            />
          )}
          <VectorResults told={told} vectors={vectors} rank={rank} worked={worked} />
          {hasPair ? (
            <View role="group" aria-label={vectorWords.combination} flexDirection="row" gap="$3">
              {multiples.map((slot) => (
                <EntryRow key={slot.id} slot={slot} writing={writing} hint="1" />
              ))}
            </View>
          ) : null}
        </>
      }
    />
  );
}

/** Looks of what is drawn: the vectors, the sides of the parallelogram, the sum, and the projection. */
const LOOKS: Readonly<Record<string, number>> = { u: 0, v: 1, w: 4 };
const SIDES = 5;
const SUM = 2;
const SHADOW = 7;
