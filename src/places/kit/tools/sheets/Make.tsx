import { View } from '@tamagui/core';
import { useState } from 'react';
import { angleUnits } from '@/core/base/angle';
import { MOST_ITEMS } from '@/core/practice/sheet-schema';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { itemName, sheetWords } from '@/text/kit/sheets';
import { unitNames } from '@/text/labels';
import { settingWords } from '@/text/settings';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Radios } from '@/ui/kit/Radios';
import { Toggle } from '@/ui/kit/Switch';
import { Words } from '@/ui/theme/text';
import { Letters } from './Letters';
import { HandOut } from './HandOut';
import { itemRow, sheetEntries, sheetOf } from './inputs';
import { ItemEditor, ItemSummary, slotsOfItem } from './Items';
import { SheetKey } from './SheetKey';
import type { ScreenProps } from './screen';

const NEW_TEXT = ['text', '', '', '', 'any', '', ''];
const NEW_QUESTION = ['question', '', '', '', 'any', '', ''];

/** A sheet is put together: its items, its numbers, its key, and how it is handed out. */
export function Make({ entries, enter, above }: ScreenProps) {
  const writing = useWriting();
  const { title, seed, angle, tells, items } = entries;
  const [open, setOpen] = useState<number | null>(null);
  const put = (at: number, row: readonly string[], thought: string): void =>
    enter({ items: items.map((one, i) => (i === at ? [...row] : one)) }, thought);
  const opened = open === null ? undefined : items[open];
  const slots =
    open === null || opened === undefined
      ? []
      : inTurn(
          slotsOfItem(itemRow(opened), (row, name) => put(open, row, `item ${open} ${name}`)).map((slot) => ({
            ...slot,
            angle,
          })),
        );
  const add = (row: string[]): void => {
    enter({ items: [...items, row] });
    setOpen(items.length);
    writing.write(null);
  };
  const sheet = sheetOf(entries);
  return (
    <ToolFrame
      id={sheetEntries.id}
      name={sheetWords.name}
      slots={slots}
      writing={writing}
      above={above}
      hasAngles={false}
      entries={
        <>
          <Field
            name={sheetWords.title}
            value={title}
            onChange={(text) => enter({ title: text.slice(0, 100) }, 'sheet title')}
          />
          <View role="list" aria-label={sheetWords.name}>
            {items.map((row, i) =>
              open === i ? (
                <ItemEditor
                  key={i}
                  name={itemName(i)}
                  row={itemRow(row)}
                  slots={slots}
                  writing={writing}
                  onChange={(next, field) => put(i, next, `item ${i} ${field}`)}
                  onDone={() => setOpen(null)}
                />
              ) : (
                <ItemSummary
                  key={i}
                  name={itemName(i)}
                  row={itemRow(row)}
                  onEdit={() => setOpen(i)}
                  onUp={i === 0 ? null : () => enter({ items: raised(items, i) })}
                  onTakeOut={() => enter({ items: items.filter((_, k) => k !== i) })}
                />
              ),
            )}
          </View>
          {items.length === 0 ? <Words tone="muted">{sheetWords.noItems}</Words> : null}
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            <Button isDisabled={items.length >= MOST_ITEMS} onPress={() => add(NEW_QUESTION)}>
              {sheetWords.addQuestion}
            </Button>
            <Button isDisabled={items.length >= MOST_ITEMS} onPress={() => add(NEW_TEXT)}>
              {sheetWords.addText}
            </Button>
          </View>
          <Letters entries={entries} enter={enter} />
          <Field
            name={sheetWords.seed}
            value={seed}
            onChange={(text) => enter({ seed: text.slice(0, 100) }, 'sheet seed')}
          />
          <Radios
            name={settingWords.angle.title}
            options={angleUnits.map((id) => ({ id, name: unitNames[id] }))}
            chosen={angle}
            onChoose={(id) => enter({ angle: id })}
          />
          <Toggle
            title={sheetWords.tells}
            isOn={tells === 'yes'}
            onChange={(isOn) => enter({ tells: isOn ? 'yes' : 'no' })}
          />
        </>
      }
      results={
        <>
          <HandOut sheet={sheet} enter={enter} />
          <SheetKey sheet={sheet} pupil={entries.pupil} onPupil={(pupil) => enter({ pupil }, 'sheet pupil')} />
        </>
      }
    />
  );
}

/** The items with one of them a place further up. */
const raised = (items: readonly string[][], at: number): string[][] => {
  const [one] = items.slice(at, at + 1);
  const others = items.filter((_, i) => i !== at);
  return one === undefined ? [...items] : [...others.slice(0, at - 1), one, ...others.slice(at - 1)];
};
