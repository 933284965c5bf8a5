import { View } from '@tamagui/core';
import { daysInMonth, isoText, weekdayOf } from '@/core/date/date';
import type { CalendarDate } from '@/core/date/date';
import { dateWords, dayName, monthNames, pickFor } from '@/text/kit/dates';
import { fewerSpoken, moreSpoken } from '@/text/kit/kit';
import { Button } from '@/ui/control/Button';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{ name: string; date: CalendarDate; onPick: (iso: string) => void }>;

/** A strip of months and one of days, with their weekdays. */
export function Strip({ name, date, onPick }: Props) {
  const put = (year: number, month: number, day: number): void => {
    if (year >= 1 && year <= 9999) onPick(isoText({ year, month, day: Math.min(day, daysInMonth(year, month)) }));
  };
  const { year, month, day } = date;
  return (
    <View role="group" aria-label={pickFor(name)} gap="$1">
      <View flexDirection="row" alignItems="center" gap="$2">
        <Words strong>{pickFor(name)}</Words>
        <View flexDirection="row" alignItems="center" marginLeft="auto" gap="$1">
          <Button isTight name={fewerSpoken(dateWords.year)} onPress={() => put(year - 1, month, day)}>
            −
          </Button>
          <Words strong>{year}</Words>
          <Button isTight name={moreSpoken(dateWords.year)} onPress={() => put(year + 1, month, day)}>
            +
          </Button>
        </View>
      </View>
      <Radios
        name={dateWords.month}
        isStrip
        isTight
        options={monthNames.map((title, i) => ({ id: `${i + 1}`, name: title.slice(0, 3) }))}
        chosen={`${month}`}
        onChoose={(id) => put(year, Number(id), day)}
      />
      <Radios
        name={dateWords.day}
        isStrip
        isTight
        options={Array.from({ length: daysInMonth(year, month) }, (_, i) => ({
          id: `${i + 1}`,
          name: dayName(weekdayOf({ year, month, day: i + 1 }), i + 1),
        }))}
        chosen={`${day}`}
        onChoose={(id) => put(year, month, Number(id))}
      />
    </View>
  );
}
