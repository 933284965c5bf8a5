import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { daysBetween, isoText, isoWeekText, moved, weekdayOf, yearsMonthsDays } from '@/core/date/date';
import type { CalendarDate } from '@/core/date/date';
import { readDate } from '@/core/date/read';
import { NOWHERE } from './numbers';
import type { DateRequest } from './request';

function dateIn(text: string): Result<CalendarDate, Problem> {
  const date = readDate(text, 'ymd');
  return date.ok ? date : fail(withSpan(date.problem, { from: 0, to: text.length }));
}

/** What lies between two dates, or the date a period later. */
export function dateAnswer(request: DateRequest): Result<object, Problem> {
  const from = dateIn(request.from);
  if (!from.ok) return from;
  if (request.op === 'add') {
    const result = moved(from.value, request);
    return result.ok ? succeed({ date: isoText(result.value.date) }) : fail(withSpan(result.problem, NOWHERE));
  }
  if (request.to === undefined)
    return fail(withSpan({ code: 'argument-count', fn: 'difference', got: 1, least: 2, most: 2 }, NOWHERE));
  const to = dateIn(request.to);
  if (!to.ok) return to;
  return succeed({
    days: daysBetween(from.value, to.value),
    ymd: yearsMonthsDays(from.value, to.value),
    weekday: weekdayOf(to.value),
    isoWeek: isoWeekText(to.value),
  });
}
