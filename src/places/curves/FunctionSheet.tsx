import { View } from '@tamagui/core';
import type { DrawnFunction } from '@/core/notebook/curves';
import { useStore } from '@/state/app-store';
import { curveWords } from '@/text/curve-labels';
import { Apart } from '@/ui/control/Group';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Pressable } from '@/ui/control/Pressable';
import { Panel } from '@/ui/kit/Panel';
import { looks } from '@/ui/plot/looks';
import { Words } from '@/ui/theme/text';
import { StyleSample } from './FunctionList';

type Props = Readonly<{ of: DrawnFunction; onEdit: () => void; onClose: () => void }>;

const LONGEST_NAME = 12;

/** What can be done with one function. */
export function FunctionSheet({ of, onEdit, onClose }: Props) {
  const { changeFunction, copyFunction, moveFunction, removeFunction } = useStore.getState();
  const count = useStore((s) => s.document.curves.functions.length);
  const at = useStore((s) => s.document.curves.functions.findIndex((f) => f.id === of.id));
  const done = (act: () => void) => () => {
    act();
    onClose();
  };
  return (
    <Panel title={of.name} onClose={onClose}>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button onPress={onEdit}>{curveWords.edit}</Button>
        <Button onPress={done(() => copyFunction(of.id))}>{curveWords.copy}</Button>
        <Button isDisabled={at <= 0} onPress={() => moveFunction(of.id, -1)}>
          {curveWords.moveUp}
        </Button>
        <Button isDisabled={at >= count - 1} onPress={() => moveFunction(of.id, 1)}>
          {curveWords.moveDown}
        </Button>
      </View>
      <Field
        name={curveWords.name}
        value={of.name}
        onChange={(name) => {
          if (name.trim() !== '' && name.length <= LONGEST_NAME) changeFunction(of.id, { name });
        }}
      />
      <View role="group" aria-label={curveWords.look} gap="$1">
        <Words strong>{curveWords.look}</Words>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          {looks.map(({ name }, look) => (
            <Pressable
              key={name}
              aria-label={name}
              aria-pressed={look === of.style}
              paddingHorizontal="$2"
              borderWidth={look === of.style ? 2 : 1}
              borderColor={look === of.style ? '$accent' : '$keyEdge'}
              onPress={() => changeFunction(of.id, { style: look })}
            >
              <StyleSample look={look} />
            </Pressable>
          ))}
        </View>
      </View>
      <Apart>
        <Button isDanger onPress={done(() => removeFunction(of.id))}>
          {curveWords.remove}
        </Button>
      </Apart>
    </Panel>
  );
}
