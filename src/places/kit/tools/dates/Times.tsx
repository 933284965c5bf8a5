import { View } from '@tamagui/core';
import { betweenClocks, partsOfSpan, readClock, readSpan } from '@/core/date/times';
import { printText, TYPED } from '@/core/language/print-text';
import { rationalTree } from '@/core/format/exact-tree';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { ResultList } from '@/places/kit/parts/ResultList';
import { useWriting } from '@/places/kit/parts/slots';
import { TextRow } from '@/places/kit/parts/TextRow';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { useResults } from '@/places/kit/parts/use-results';
import { Worked } from '@/places/kit/parts/Worked';
import { clockText, dateWords, spanText } from '@/text/kit/dates';
import { problemText } from '@/text/problems';
import { Field } from '@/ui/kit/Field';
import { Words } from '@/ui/theme/text';
import { dateEntries } from './inputs';
import type { ScreenProps } from './screen';

const NO_TABLES = {};
const NO_SLOTS: readonly never[] = [];
const NOWHERE = { from: 0, to: 0 };

const typed = (of: Rational): string => printText(rationalTree(of), TYPED);
/** Seconds with at most three digits behind the point. */
const secondsText = (of: Rational): string => `${Number((Number(of.n) / Number(of.d)).toFixed(3))}`;

type Span = Readonly<{ title: string; seconds: Rational; note: string | null }>;

/** Times added up, and what lies between two times of day. */
export function Times({ entries, enter, above }: ScreenProps) {
  const writing = useWriting();
  const { sum, clockFrom, clockTo } = entries;
  const total = sum.trim() === '' ? null : readSpan(sum, 'h');
  const [from, to] = [clockFrom, clockTo].map((text) => (text.trim() === '' ? null : readClock(text)));
  const between = from?.ok === true && to?.ok === true ? betweenClocks(from.value, to.value) : null;
  const isOver = from?.ok === true && to?.ok === true && q.compare(to.value, from.value) < 0;
  const spans: readonly Span[] = [
    ...(total?.ok === true ? [{ title: dateWords.sum, seconds: total.value, note: null }] : []),
    ...(between === null
      ? []
      : [{ title: dateWords.betweenClocks, seconds: between, note: isOver ? dateWords.overMidnight : null }]),
  ];
  const textsOf = ({ seconds }: Span) => ({
    hours: typed(q.divide(seconds, q.whole(3600))),
    minutes: typed(q.divide(seconds, q.whole(60))),
    seconds: typed(seconds),
  });
  const worked = useResults([...new Set(spans.flatMap((span) => Object.values(textsOf(span))))], NO_TABLES);
  const problems = [total, from, to].flatMap((found) => (found?.ok === false ? [found.problem] : []));
  const field = (id: 'sum' | 'clockFrom' | 'clockTo', hint: string) => (
    <Field
      name={dateWords[id]}
      value={entries[id]}
      onChange={(text) => enter({ [id]: text }, `time ${id}`)}
      placeholder={hint}
    />
  );
  return (
    <ToolFrame
      id={dateEntries.id}
      name={dateWords.name}
      slots={NO_SLOTS}
      writing={writing}
      hasAngles={false}
      above={above}
      entries={
        <>
          {field('sum', dateWords.sumHint)}
          <View flexDirection="row" gap="$2">
            <View flex={1} minWidth={0}>
              {field('clockFrom', '22:30')}
            </View>
            <View flex={1} minWidth={0}>
              {field('clockTo', '6:15')}
            </View>
          </View>
          {problems.map((problem, i) => (
            <Words key={i} role="alert" size="medium" tone="accent">
              {problemText({ ...problem, at: NOWHERE })}
            </Words>
          ))}
        </>
      }
      results={
        spans.length === 0 ? (
          <Words tone="muted">{dateWords.firstTimes}</Words>
        ) : (
          <Worked task={worked}>
            {spans.map((span) => {
              const { hours, minutes, seconds } = textsOf(span);
              const parts = partsOfSpan(span.seconds);
              return (
                <View key={span.title}>
                  <Words strong>{span.title}</Words>
                  <View role="list" aria-label={span.title}>
                    <TextRow
                      name={dateWords.span}
                      text={spanText(parts, secondsText(parts.seconds))}
                      note={span.note}
                    />
                    <TextRow name={dateWords.asClock} text={clockText(parts, secondsText(parts.seconds))} />
                  </View>
                  <ResultList
                    name={span.title}
                    asked={[
                      { text: hours, name: dateWords.decimalHours },
                      { text: minutes, name: dateWords.inMinutes },
                      { text: seconds, name: dateWords.inSeconds },
                    ]}
                    views={worked.value}
                  />
                </View>
              );
            })}
          </Worked>
        )
      }
    />
  );
}
