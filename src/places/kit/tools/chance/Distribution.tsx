import { View } from '@tamagui/core';
import { useState } from 'react';
import { distributionGroups, distributionShape, distributionShapes } from '@/core/function/chance/distributions';
import type { DistributionId, DistributionShape } from '@/core/function/chance/distributions';
import { EntryBeside } from '@/places/kit/parts/EntryRow';
import { ResultList } from '@/places/kit/parts/ResultList';
import { NoResult, ResultRow } from '@/places/kit/parts/ResultRow';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { useResults } from '@/places/kit/parts/use-results';
import { Worked } from '@/places/kit/parts/Worked';
import { useStore } from '@/state/app-store';
import { kitRequest } from '@/state/slices/kit/requests';
import type { ChanceView } from '@/state/slices/kit/requests';
import { useRequest, useTask } from '@/state/use-task';
import { chanceWords, distributionNotes, distributionTitles, groupNames, pictureText } from '@/text/kit/chance';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Radios } from '@/ui/kit/Radios';
import { Select } from '@/ui/kit/Select';
import { Words } from '@/ui/theme/text';
import { approximated, askedOf } from './asked';
import { CountTable } from './CountTable';
import { chanceEntries, parameterKey, parametersOf } from './inputs';
import type { ScreenProps } from './screen';
import { SharePicture } from './SharePicture';

const idsOf = (group: DistributionShape['group']): readonly DistributionId[] =>
  distributionShapes.filter((shape) => shape.group === group).map(({ id }) => id);

const shapeOf = (id: DistributionId): DistributionShape => distributionShape(id) ?? distributionShapes[0];

const NO_TABLES = {};

/** A distribution: its numbers, all that can be asked of it, its picture, and another one laid over it. */
export function Distribution({ entries, enter, above }: ScreenProps) {
  const writing = useWriting();
  const [hasTable, setTable] = useState(false);
  const decimalSign = useStore((s) => s.settings.display.decimalSign);
  const { distribution, second, from, to, share } = entries;
  const shape = shapeOf(distribution);
  const other = second === 'none' ? null : shapeOf(second);
  const parameters = parametersOf(entries, shape);
  const others = other === null ? [] : parametersOf(entries, other, true);
  const part = { from, to, share };

  const numbers = (of: DistributionShape, isSecond: boolean) =>
    of.parameters.map(({ name }) => {
      const key = parameterKey(of.id, name, isSecond);
      return {
        id: key,
        name: isSecond ? `${name} ${chanceWords.ofSecond}` : name,
        text: entries[key] ?? '',
        keep: (text: string) => enter({ [key]: text }, `chance ${key}`),
      };
    });
  const asked = (['from', 'to', 'share'] as const).map((id) => ({
    id,
    name: chanceWords[id],
    text: entries[id],
    keep: (text: string) => enter({ [id]: text }, `chance ${id}`),
  }));
  const own = numbers(shape, false);
  const slots = inTurn([...own, ...asked, ...(other === null ? [] : numbers(other, true))]);
  const isReady = !parameters.includes('') && !others.includes('');

  const worked = useTask(
    'chance',
    useRequest((state) =>
      isReady
        ? {
            ...kitRequest(state, [...parameters, ...others, from, to]),
            id: distribution,
            parameters,
            from,
            to,
            other: other === null ? null : { id: other.id, parameters: others },
            hasTable,
          }
        : null,
    ),
  );
  const view = worked.value;
  const isSound = isReady && view?.fault === null;
  const questions = isSound ? askedOf(shape, parameters, part, decimalSign) : [];
  const normal = isSound && distribution === 'binomial' ? approximated(parameters, part) : [];
  const results = useResults([...new Set([...questions, ...normal].map(({ text }) => text))], NO_TABLES);
  const [first] = questions;
  const answered = results.value?.find(({ text }) => text === first?.text);
  const [form] = answered !== undefined && 'answer' in answered ? answered.answer.forms.slice(-1) : [];
  const preview =
    first === undefined || form === undefined ? null : `${first.name} ${form.exact ? '=' : '≈'} ${form.text}`;
  const noteOf = (index: number): string | null =>
    view?.fault?.index === index ? problemText(view.fault.problem) : null;
  const rowOf = (id: string, note: string | null = null) => {
    const slot = slots.find((one) => one.id === id);
    return slot === undefined ? null : <EntryBeside key={id} slot={slot} writing={writing} note={note} />;
  };

  return (
    <ToolFrame
      id={chanceEntries.id}
      name={chanceWords.name}
      slots={slots}
      writing={writing}
      hasAngles={false}
      preview={preview}
      above={above}
      entries={
        <>
          <View gap="$1">
            <Radios
              name={chanceWords.group}
              isTight
              options={distributionGroups.map((group) => ({ id: group, name: groupNames[group] }))}
              chosen={shape.group}
              onChoose={(group) => {
                const [first] = idsOf(group);
                if (first !== undefined && group !== shape.group)
                  enter({ distribution: group === 'measurements' ? 'normal' : first });
              }}
            />
            <Radios
              name={chanceWords.distribution}
              isTight
              options={idsOf(shape.group).map((id) => ({ id, name: distributionTitles[id] }))}
              chosen={distribution}
              onChoose={(id) => enter({ distribution: id })}
            />
            <Words size="medium" tone="muted">
              {distributionNotes[distribution]}
            </Words>
          </View>
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            {own.map(({ id }, i) => rowOf(id, noteOf(i)))}
          </View>
          <View gap="$1" role="group" aria-label={chanceWords.part}>
            <Words strong>{chanceWords.part}</Words>
            <View flexDirection="row" flexWrap="wrap" gap="$2">
              {asked.map(({ id }) => rowOf(id))}
            </View>
          </View>
          <View flexDirection="row" flexWrap="wrap" alignItems="center" gap="$2">
            <Words strong>{chanceWords.second}</Words>
            <Select
              name={chanceWords.second}
              options={[
                { id: 'none' as const, name: chanceWords.nothing },
                ...distributionShapes.map(({ id }) => ({ id, name: distributionTitles[id] })),
              ]}
              chosen={second}
              onChoose={(id) => enter({ second: id })}
            />
          </View>
          {other === null ? null : (
            <View flexDirection="row" flexWrap="wrap" gap="$2">
              {numbers(other, true).map(({ id }, i) =>
                rowOf(id, view?.secondFault?.index === i ? problemText(view.secondFault.problem) : null),
              )}
            </View>
          )}
        </>
      }
      results={
        <Worked task={worked}>
          {view === null || !isSound ? null : (
            <>
              <SharePicture
                view={view}
                note={chanceWords.pictureNote}
                told={pictureText(distributionTitles[distribution], from, to)}
                onDrag={(bound, text) => enter({ [bound]: text }, `chance ${bound}`)}
              />
              <ResultList name={chanceWords.results} asked={questions} views={results.value} hasDecimals />
              {normal.length === 0 ? null : (
                <View>
                  <Words strong>{chanceWords.approximation}</Words>
                  <ResultList name={chanceWords.approximation} asked={normal} views={results.value} hasDecimals />
                </View>
              )}
              <Whole view={view} />
              {shape.isOfCounts ? (
                <View gap="$2">
                  <View flexDirection="row">
                    <Button isTight onPress={() => setTable(!hasTable)}>
                      {hasTable ? chanceWords.hideTable : chanceWords.showTable}
                    </Button>
                  </View>
                  {hasTable ? <CountTable rows={view.rows} /> : null}
                </View>
              ) : null}
            </>
          )}
        </Worked>
      }
    />
  );
}

/** Mean, variance, deviation and modes, or that there is none. */
function Whole({ view: { mean, variance, deviation, modes } }: Readonly<{ view: ChanceView }>) {
  const row = (name: string, kept: ChanceView['mean'], key = name) =>
    kept === null ? (
      <NoResult key={key} name={name} why={chanceWords.none} />
    ) : (
      <ResultRow key={key} result={{ name, ...kept, from: name }} />
    );
  return (
    <View gap="$1">
      <Words strong>{chanceWords.whole}</Words>
      <View role="list" aria-label={chanceWords.whole}>
        {row(chanceWords.mean, mean)}
        {row(chanceWords.variance, variance)}
        {row(chanceWords.deviation, deviation)}
        {modes.length === 0
          ? row(chanceWords.mode, null)
          : modes.map((mode, i) => row(chanceWords.mode, mode, `mode ${i}`))}
      </View>
    </View>
  );
}
