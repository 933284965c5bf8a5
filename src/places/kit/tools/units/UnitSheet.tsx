import { View } from '@tamagui/core';
import { useState } from 'react';
import { kindNamed } from '@/core/unit/kinds';
import type { KindId } from '@/core/unit/unit';
import { kindNames, spokenUnit, unitWords } from '@/text/kit/units';
import { Field } from '@/ui/kit/Field';
import { Panel } from '@/ui/kit/Panel';
import { Pressable } from '@/ui/control/Pressable';
import { Words } from '@/ui/theme/text';
import { findUnits, nameOfUnit } from './names';
import type { Choice } from './names';

type Props = Readonly<{
  title: string;
  kind: KindId;
  onChoose: (choice: Choice) => void;
  onClose: () => void;
}>;

/** One unit of the kind, or any other by its name, its sign, or put together. */
export function UnitSheet({ title, kind, onChoose, onClose }: Props) {
  const [sought, setSought] = useState('');
  const shown: readonly Choice[] =
    sought.trim() === ''
      ? kindNamed(kind).listed.map((sign) => ({ sign, name: nameOfUnit(sign), kind }))
      : findUnits(sought);
  const [first] = shown;
  return (
    <Panel title={title} onClose={onClose}>
      <Field
        name={unitWords.sought}
        isHidden
        value={sought}
        onChange={setSought}
        placeholder={unitWords.sought}
        onEnter={() => {
          if (first !== undefined) onChoose(first);
        }}
      />
      <View role="list" aria-label={unitWords.choose} aria-live="polite">
        {shown.map((choice) => (
          <View key={choice.sign} role="listitem">
            <Pressable
              aria-label={spokenUnit(choice.name, choice.sign)}
              onPress={() => onChoose(choice)}
              alignSelf="stretch"
              justifyContent="flex-start"
              gap="$3"
              paddingHorizontal="$2"
              borderRadius={0}
              borderTopWidth={1}
              borderColor="$rule"
              hoverStyle={{ backgroundColor: '$card' }}
            >
              <Words strong minWidth={96} textAlign="left">
                {choice.sign}
              </Words>
              <Words flex={1} tone="muted" textAlign="left">
                {choice.name === choice.sign ? '' : choice.name}
              </Words>
              {choice.kind === kind ? null : (
                <Words size="medium" tone="muted">
                  {kindNames[choice.kind]}
                </Words>
              )}
            </Pressable>
          </View>
        ))}
        {shown.length === 0 ? <Words tone="muted">{unitWords.nothing}</Words> : null}
      </View>
    </Panel>
  );
}
