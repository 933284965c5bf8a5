import { View } from '@tamagui/core';
import { useState } from 'react';
import { isoText, weekdayOf } from '@/core/date/date';
import type { CalendarDate, DateResult } from '@/core/date/date';
import { readDate } from '@/core/date/read';
import type { DateOrder } from '@/core/date/read';
import { dateText, orderHints, pickFor } from '@/text/kit/dates';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{
  name: string;
  text: string;
  /** What stands for an empty field. */
  empty: CalendarDate;
  emptyName: string;
  order: DateOrder;
  isPicking: boolean;
  onPick: () => void;
  onChange: (text: string) => void;
}>;

/** The date of a field; an empty one stands for a given day. */
export const dateIn = (text: string, empty: CalendarDate, order: DateOrder): DateResult<CalendarDate> =>
  text.trim() === '' ? { ok: true, value: empty } : readDate(text, order);

/** A date that is typed, or picked; what it was read as stands below it. */
export function DateField({ name, text, empty, emptyName, order, isPicking, onPick, onChange }: Props) {
  // What is typed stays as it is typed, while the date that it is is kept.
  const [draft, setDraft] = useState({ shown: text, entered: text });
  const shown = draft.entered === text ? draft.shown : text;
  const found = dateIn(text, empty, order);
  const write = (next: string): void => {
    const date = readDate(next, order);
    const entered = date.ok ? isoText(date.value) : next;
    setDraft({ shown: next, entered });
    onChange(entered);
  };
  return (
    <View gap={2}>
      <View flexDirection="row" alignItems="flex-end" gap="$2">
        <Field name={name} value={shown} onChange={write} placeholder={orderHints[order]} />
        <Button name={pickFor(name)} isPressed={isPicking} onPress={onPick}>
          ▦
        </Button>
      </View>
      {found.ok ? (
        <Words size="medium" tone="muted">
          {`${text.trim() === '' ? `${emptyName}: ` : ''}${dateText(found.value, weekdayOf(found.value))}`}
        </Words>
      ) : (
        <Words role="alert" size="medium" tone="accent">
          {problemText({ ...found.problem, at: { from: 0, to: text.length } })}
        </Words>
      )}
    </View>
  );
}
