import { View } from '@tamagui/core';
import { memo, useDeferredValue, useMemo } from 'react';
import type { DecimalSign } from '@/core/language/numerals';
import type { EntryStyle } from '@/core/notebook/schema';
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
export const KeyRow = memo(function KeyRow({ useSource = useStore, ...row }: Props) {
  const document = useDeferredValue(useSource((s) => s.document));
  const settings = useSource((s) => s.settings);
  const history = useDeferredValue(useSource((s) => s.history));
  const { ids } = row;
  const here = useMemo(
    () => ids.filter((id) => isHere({ document, settings, history }, keys[id].does)).join(),
    [ids, document, settings, history],
  );
  const { style, display } = settings;
  return <Row {...row} here={here} style={style} decimalSign={display.decimalSign} />;
});

type RowProps = Omit<Props, 'useSource'> &
  // The keys that would do something, as text, so that a stroke that changes none of them draws none of them anew.
  Readonly<{ here: string; style: EntryStyle; decimalSign: DecimalSign }>;

const Row = memo(function Row({ name, ids, here, onPress, onExplain, style, decimalSign }: RowProps) {
  const isHereNow = new Set(here.split(','));
  return (
    <View role="group" aria-label={name} flexDirection="row" paddingHorizontal={2} className="scroll-x key-row">
      {ids.map((id) => (
        <Key
          key={id}
          id={id}
          onPress={onPress}
          onExplain={onExplain}
          decimalSign={decimalSign}
          style={style}
          isDimmed={!isHereNow.has(id)}
          isQuiet
        />
      ))}
    </View>
  );
});
