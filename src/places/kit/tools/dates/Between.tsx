import { View } from '@tamagui/core';
import { useState } from 'react';
import { daysBetween, isoText, moved, workdaysBetween, yearsMonthsDays } from '@/core/date/date';
import type { CalendarDate } from '@/core/date/date';
import { ResultList } from '@/places/kit/parts/ResultList';
import { useWriting } from '@/places/kit/parts/slots';
import { TextRow } from '@/places/kit/parts/TextRow';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { useResults } from '@/places/kit/parts/use-results';
import { Worked } from '@/places/kit/parts/Worked';
import { dateWords, weekdayNames, weeksText, workdayNote, ymdText } from '@/text/kit/dates';
import { Button } from '@/ui/control/Button';
import { Toggle } from '@/ui/kit/Switch';
import { Words } from '@/ui/theme/text';
import { AboutDate } from './AboutDate';
import { DateField, dateIn } from './DateField';
import { dateEntries } from './inputs';
import { OrderChoice } from './OrderChoice';
import type { ScreenProps } from './screen';
import { Strip } from './Strip';

const NO_TABLES = {};
const NO_SLOTS: readonly never[] = [];
const A_DAY = { years: 0, months: 0, weeks: 0, days: 1 };

/** The day after the later of two, where both ends count. */
function ends(from: CalendarDate, to: CalendarDate, bothEnds: boolean): readonly [CalendarDate, CalendarDate] {
  if (!bothEnds) return [from, to];
  const isBack = daysBetween(from, to) < 0;
  const after = moved(isBack ? from : to, A_DAY);
  if (!after.ok) return [from, to];
  return isBack ? [after.value.date, to] : [from, after.value.date];
}

/** What lies between two dates. */
export function Between({ entries, enter, above, now, order }: ScreenProps) {
  const writing = useWriting();
  const [picking, setPicking] = useState<'from' | 'to' | null>('to');
  const { from, to, weekend } = entries;
  const bothEnds = entries.bothEnds === 'on';
  const [first, last] = [dateIn(from, now, order), dateIn(to, now, order)];
  const free = [...weekend].map(Number);
  const found = first.ok && last.ok ? ends(first.value, last.value, bothEnds) : null;
  const days = found === null ? 0 : daysBetween(...found);
  const workdays = found === null ? 0 : workdaysBetween(...found, free);
  const worked = useResults(found === null ? [] : [...new Set([`${days}`, `${days}/7`, `${workdays}`])], NO_TABLES);
  const picked = picking === null ? null : picking === 'from' ? first : last;
  const field = (id: 'from' | 'to') => (
    <DateField
      name={dateWords[id]}
      text={entries[id]}
      empty={now}
      emptyName={dateWords.today}
      order={order}
      isPicking={picking === id}
      onPick={() => setPicking(picking === id ? null : id)}
      onChange={(text) => enter({ [id]: text }, `date ${id}`)}
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
          {field('from')}
          {field('to')}
          {picking === null || picked === null ? null : (
            <Strip
              name={dateWords[picking]}
              date={picked.ok ? picked.value : now}
              onPick={(iso) => enter({ [picking]: iso }, `date ${picking}`)}
            />
          )}
          <OrderChoice order={order} enter={enter} />
          <Toggle
            title={dateWords.bothEnds}
            note={dateWords.bothEndsNote}
            isOn={bothEnds}
            onChange={(isOn) => enter({ bothEnds: isOn ? 'on' : 'off' })}
          />
          <View gap="$1">
            <Words strong>{dateWords.weekend}</Words>
            <View role="group" aria-label={dateWords.weekend} flexDirection="row" flexWrap="wrap" gap={3}>
              {weekdayNames.map((name, i) => {
                const id = `${i + 1}`;
                return (
                  <Button
                    key={id}
                    isTight
                    name={name}
                    isPressed={weekend.includes(id)}
                    onPress={() =>
                      enter({
                        weekend: weekend.includes(id) ? weekend.replace(id, '') : [...weekend, id].sort().join(''),
                      })
                    }
                  >
                    {name.slice(0, 2)}
                  </Button>
                );
              })}
            </View>
          </View>
        </>
      }
      results={
        found === null || !first.ok || !last.ok ? null : (
          <Worked task={worked}>
            <ResultList
              name={dateWords.between}
              asked={[
                { text: `${days}`, name: dateWords.days, from: `${isoText(first.value)} … ${isoText(last.value)}` },
              ]}
              views={worked.value}
            />
            <View role="list" aria-label={dateWords.ymd}>
              <TextRow name={dateWords.weeksAndDays} text={weeksText(days)} />
              <TextRow name={dateWords.ymd} text={ymdText(yearsMonthsDays(...found))} />
            </View>
            <ResultList
              name={dateWords.workdays}
              asked={[
                {
                  text: `${workdays}`,
                  name: dateWords.workdays,
                  note: workdayNote(free.map((day) => weekdayNames[day - 1] ?? '')),
                },
                { text: `${days}/7`, name: dateWords.weeks },
              ]}
              views={worked.value}
            />
            <AboutDate title={dateWords.aboutLast} date={last.value} />
            <AboutDate title={dateWords.aboutFirst} date={first.value} />
          </Worked>
        )
      }
    />
  );
}
