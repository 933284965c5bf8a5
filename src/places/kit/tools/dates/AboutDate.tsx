import { View } from '@tamagui/core';
import { dayOfYear, isLeapYear, isoText, isoWeekText, weekdayOf } from '@/core/date/date';
import type { CalendarDate } from '@/core/date/date';
import { TextRow } from '@/places/kit/parts/TextRow';
import { dateWords, weekdayNames } from '@/text/kit/dates';
import { Words } from '@/ui/theme/text';

/** What is to be said of one date. */
export function AboutDate({ title, date }: Readonly<{ title: string; date: CalendarDate }>) {
  return (
    <View>
      <Words strong>{title}</Words>
      <View role="list" aria-label={title}>
        <TextRow name={dateWords.date} text={isoText(date)} />
        <TextRow name={dateWords.weekday} text={weekdayNames[weekdayOf(date) - 1] ?? ''} />
        <TextRow name={dateWords.isoWeek} text={isoWeekText(date)} />
        <TextRow name={dateWords.dayOfYear} text={`${dayOfYear(date)}`} />
        <TextRow name={dateWords.leap} text={isLeapYear(date.year) ? dateWords.yes : dateWords.no} />
      </View>
    </View>
  );
}
