import { View } from '@tamagui/core';
import { useState } from 'react';
import { isTimeUnit } from '@/core/curve/time';
import { valuesOf } from '@/core/language/value-list';
import type { Settings } from '@/core/notebook/settings';
import { useStore } from '@/state/app-store';
import { optionsOf } from '@/state/slices/bench/reading';
import { toCanonicalText } from '@/state/slices/curves/actions';
import { curveWords, notNumberText, pickHint } from '@/text/curve-labels';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { typedX } from './FollowBar';

/** Gives the room of the graph to the table, and back; null where both have room. */
export type Fold = Readonly<{ isOn: boolean; toggle: () => void }> | null;

type Props = Readonly<{ onSave: () => void; onPrint: () => void; onMake: (() => void) | null; fold: Fold }>;

/** Each x of a text that names one or several, as it was written and as typed text; null for what is none. */
function xsOf(text: string, unit: string, settings: Settings): readonly Readonly<{ text: string; x: string | null }>[] {
  const parts = isTimeUnit(unit)
    ? text.split(settings.display.decimalSign === ',' ? ';' : /[;,]/).filter((part) => part.trim() !== '')
    : valuesOf(text, optionsOf(settings));
  return parts.map((part) => ({ text: part, x: typedX(part, unit, settings) }));
}

/** How the rows of the table are chosen, and where they can be taken. */
export function ValuesTools({ onSave, onPrint, onMake, fold }: Props) {
  const table = useStore((s) => s.document.curves.table);
  const settings = useStore((s) => s.settings);
  const unit = useStore((s) => s.document.curves.x.unit);
  const { setTable } = useStore.getState();
  const [texts, setTexts] = useState({ from: table.from, step: table.step, to: table.to });
  const [pick, setPick] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const take = (name: 'from' | 'step' | 'to', text: string): void => {
    setTexts({ ...texts, [name]: text });
    const plain = toCanonicalText(text, settings);
    setWrong(plain === null ? curveWords.notNumber : null);
    if (plain !== null) setTable({ [name]: plain });
  };
  const add = (): void => {
    const xs = xsOf(pick, unit, settings);
    const bad = xs.find(({ x }) => x === null);
    setWrong(bad === undefined ? null : notNumberText(bad.text));
    if (bad !== undefined) return;
    setTable({ picked: [...table.picked, ...xs.flatMap(({ x }) => x ?? [])] });
    setPick('');
  };
  const ends = { from: curveWords.stepFrom, step: curveWords.step, to: curveWords.stepTo } as const;
  return (
    <View paddingHorizontal="$3" paddingVertical="$2" gap="$2" borderBottomWidth={1} borderColor="$rule">
      <View flexDirection="row" flexWrap="wrap" gap="$2" alignItems="center">
        <Radios
          name={curveWords.values}
          options={[
            { id: 'step', name: curveWords.byStep },
            { id: 'picked', name: curveWords.picked },
          ]}
          chosen={table.by}
          onChoose={(by) => setTable({ by })}
          isTight
        />
        <Button isTight isPressed={table.exact} onPress={() => setTable({ exact: !table.exact })}>
          {curveWords.exactValues}
        </Button>
        {fold === null ? null : (
          <Button isTight isPressed={fold.isOn} onPress={fold.toggle}>
            {fold.isOn ? curveWords.showGraph : curveWords.foldGraph}
          </Button>
        )}
        <Button isTight isPlain onPress={onSave}>
          {curveWords.saveCsv}
        </Button>
        <Button isTight isPlain onPress={onPrint}>
          {words.printShort}
        </Button>
        {onMake === null ? null : (
          <Button isTight isPlain onPress={onMake}>
            {curveWords.makeColumns}
          </Button>
        )}
      </View>
      {table.by === 'step' ? (
        <View flexDirection="row" gap="$2">
          {(['from', 'step', 'to'] as const).map((name) => (
            <View key={name} flex={1} minWidth={0}>
              <Field name={ends[name]} isInline value={texts[name]} onChange={(text) => take(name, text)} />
            </View>
          ))}
        </View>
      ) : (
        <View flexDirection="row" gap="$2" alignItems="center">
          <Field
            name={curveWords.pickX}
            isInline
            value={pick}
            onChange={setPick}
            onEnter={add}
            placeholder={pickHint(settings.display.decimalSign)}
          />
          <Button isDisabled={pick.trim() === ''} onPress={add}>
            {curveWords.add}
          </Button>
          <Button isPlain isDisabled={table.picked.length === 0} onPress={() => setTable({ picked: [] })}>
            {curveWords.clearPicked}
          </Button>
        </View>
      )}
      {wrong === null ? null : (
        <Words role="alert" tone="accent">
          {wrong}
        </Words>
      )}
    </View>
  );
}
