import { View } from '@tamagui/core';
import { memo, useDeferredValue } from 'react';
import { keys } from '@/keys/catalogue';
import type { KeyAction, KeyId } from '@/keys/catalogue';
import { isLineAction, meansIn, pressed } from '@/keys/press';
import { useStore } from '@/state/app-store';
import { optionsOf } from '@/state/slices/bench/reading';
import type { State } from '@/state/slices/state';
import { Key } from '@/ui/key/Key';

type Needed = Pick<State, 'document' | 'settings' | 'history'>;

/** Whether a key would do something now. */
function isHere({ document, settings, history }: Needed, action: KeyAction): boolean {
  if (action.type === 'undo') return history.past.length > 0;
  if (action.type === 'redo') return history.future.length > 0;
  if (!meansIn(settings.style, action)) return false;
  if (settings.style === 'written' && isLineAction(action))
    return pressed(document.line, action, optionsOf(settings)) !== null;
  const { stack } = document;
  const height = stack.levels.length + (stack.entry === '' ? 0 : 1);
  if (action.type === 'stack' && action.operation === 'operands') return stack.operands.length > 0;
  return action.type !== 'stack' && action.type !== 'pick' ? true : height > 0;
}

type Props = Readonly<{
  name: string;
  ids: readonly KeyId[];
  onPress: (a: KeyAction) => void;
  onExplain: (id: KeyId, by: 'point' | 'hold') => void;
  /** Whose line they act on. */
  useSource?: <T>(of: (state: State) => T) => T;
}>;

/** A row of quiet keys. Which of them would do something can be seen a moment after the stroke. */
export const KeyRow = memo(function KeyRow({ name, ids, onPress, onExplain, useSource = useStore }: Props) {
  const document = useDeferredValue(useSource((s) => s.document));
  const settings = useSource((s) => s.settings);
  const history = useDeferredValue(useSource((s) => s.history));
  return (
    <View role="group" aria-label={name} flexDirection="row" paddingHorizontal={2} className="scroll-x key-row">
      {ids.map((id) => (
        <Key
          key={id}
          id={id}
          onPress={onPress}
          onExplain={onExplain}
          decimalSign={settings.display.decimalSign}
          style={settings.style}
          isDimmed={!isHere({ document, settings, history }, keys[id].does)}
          isQuiet
        />
      ))}
    </View>
  );
});
