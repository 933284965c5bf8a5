import { View } from '@tamagui/core';
import { useState } from 'react';
import { itemAt } from '@/core/base/item';
import { daysInMonth, moved, weekdayOf } from '@/core/date/date';
import type { Period } from '@/core/date/date';
import { readClock } from '@/core/date/times';
import { asWhole } from '@/core/number/value';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import { TextRow } from '@/places/kit/parts/TextRow';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { useResults } from '@/places/kit/parts/use-results';
import { Worked } from '@/places/kit/parts/Worked';
import { clampedText, dateText, dateWords } from '@/text/kit/dates';
import { problemText } from '@/text/problems';
import { Field } from '@/ui/kit/Field';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { AboutDate } from './AboutDate';
import { DateField, dateIn } from './DateField';
import { dateEntries } from './inputs';
import { OrderChoice } from './OrderChoice';
import type { ScreenProps } from './screen';
import { Strip } from './Strip';

const NO_TABLES = {};
const NOWHERE = { from: 0, to: 0 };
const parts = ['years', 'months', 'weeks', 'days', 'hours'] as const;
const names = {
  years: dateWords.years,
  months: dateWords.months,
  weeks: dateWords.weeksBy,
  days: dateWords.daysBy,
  hours: dateWords.hours,
} as const;
const DAY = 24;

/** A date so many years, months, weeks, days and hours later or earlier. */
export function Later({ entries, enter, above, now, order }: ScreenProps) {
  const writing = useWriting();
  const [isPicking, setPicking] = useState(false);
  const start = dateIn(entries.start, now, order);
  const slots = inTurn(
    parts.map((id) => ({
      id,
      name: names[id],
      text: entries[id],
      keep: (text: string) => enter({ [id]: text }, `date ${id}`),
    })),
  );
  const texts = [...new Set(parts.map((id) => entries[id]).filter((text) => text !== ''))];
  const worked = useResults(texts, NO_TABLES);
  const viewOf = (id: (typeof parts)[number]) => worked.value?.find(({ text }) => text === entries[id]);
  /** Null where what is entered is no whole number. */
  const countOf = (id: (typeof parts)[number]): number | null => {
    if (entries[id] === '') return 0;
    const view = viewOf(id);
    const value = view !== undefined && 'answer' in view ? view.answer.value : null;
    const whole = value === null || value.kind !== 'rational' ? null : asWhole(value);
    return whole === null ? null : Number(whole);
  };
  const sign = entries.direction === 'later' ? 1 : -1;
  const counts = parts.map(countOf);
  const clock = entries.clock.trim() === '' ? null : readClock(entries.clock);
  const minutes = clock?.ok === true ? Number(clock.value.n / clock.value.d) / 60 : 0;
  const isKnown = counts.every((count) => count !== null) && (texts.length === 0 || worked.value !== null);
  const [years = 0, months = 0, weeks = 0, days = 0, hours = 0] = counts.map((count) => (count ?? 0) * sign);
  // Hours go on from the time of day, and make days where they pass midnight.
  const total = minutes / 60 + hours;
  const period: Period = { years, months, weeks, days: days + Math.floor(total / DAY) };
  const end = start.ok && isKnown ? moved(start.value, period) : null;
  const left = ((total % DAY) + DAY) % DAY;
  const time = `${`${Math.floor(left)}`.padStart(2, '0')}:${`${Math.round((left % 1) * 60)}`.padStart(2, '0')}`;
  const isTimed = entries.clock.trim() !== '' || hours !== 0;
  const noteOf = (id: (typeof parts)[number]): string | null => {
    const view = viewOf(id);
    if (view !== undefined && 'problem' in view) return problemText(view.problem);
    return view !== undefined && countOf(id) === null ? dateWords.whole : null;
  };
  const middle = start.ok ? moved(start.value, { years, months, weeks: 0, days: 0 }) : null;
  return (
    <ToolFrame
      id={dateEntries.id}
      name={dateWords.name}
      slots={slots}
      writing={writing}
      hasAngles={false}
      preview={end?.ok === true ? dateText(end.value.date, weekdayOf(end.value.date)) : null}
      above={above}
      entries={
        <>
          <DateField
            name={dateWords.start}
            text={entries.start}
            empty={now}
            emptyName={dateWords.today}
            order={order}
            isPicking={isPicking}
            onPick={() => setPicking(!isPicking)}
            onChange={(text) => enter({ start: text }, 'date start')}
          />
          <OrderChoice order={order} enter={enter} />
          {isPicking ? (
            <Strip
              name={dateWords.start}
              date={start.ok ? start.value : now}
              onPick={(iso) => enter({ start: iso }, 'date start')}
            />
          ) : null}
          <Radios
            name={dateWords.direction}
            options={[
              { id: 'later', name: dateWords.later },
              { id: 'earlier', name: dateWords.earlier },
            ]}
            chosen={entries.direction}
            onChoose={(id) => enter({ direction: id })}
          />
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            {parts.map((id, i) => (
              <View key={id} flexBasis="45%" flexGrow={1}>
                <EntryRow slot={itemAt(slots, i)} writing={writing} hint="0" note={noteOf(id)} />
              </View>
            ))}
          </View>
          <Field
            name={dateWords.clock}
            value={entries.clock}
            onChange={(text) => enter({ clock: text }, 'clock')}
            placeholder="8:30"
          />
          {clock?.ok === false ? (
            <Words role="alert" size="medium" tone="accent">
              {problemText({ ...clock.problem, at: NOWHERE })}
            </Words>
          ) : null}
        </>
      }
      results={
        <Worked task={worked}>
          {end === null ? null : !end.ok ? (
            <Words role="alert" tone="accent">
              {problemText({ ...end.problem, at: NOWHERE })}
            </Words>
          ) : (
            <>
              <View role="list" aria-label={dateWords.add}>
                <TextRow
                  name={dateWords.date}
                  text={`${dateText(end.value.date, weekdayOf(end.value.date))}${isTimed ? `, ${time}` : ''}`}
                  note={
                    end.value.clampedFrom === null || middle?.ok !== true
                      ? null
                      : clampedText(
                          end.value.clampedFrom,
                          middle.value.date.month,
                          daysInMonth(middle.value.date.year, middle.value.date.month),
                        )
                  }
                />
              </View>
              <AboutDate title={dateWords.about} date={end.value.date} />
            </>
          )}
        </Worked>
      }
    />
  );
}
