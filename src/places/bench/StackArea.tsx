import { View } from '@tamagui/core';
import { memo } from 'react';
import { stackToolKeys } from '@/keys/decks';
import type { KeyAction, KeyId } from '@/keys/catalogue';
import { useStore } from '@/state/app-store';
import { formsOfHolder } from '@/state/slices/bench/forms';
import { shownForm } from '@/state/slices/tape/line';
import { words } from '@/text/labels';
import { Refused } from '@/ui/keyed/Refused';
import { StackView } from '@/ui/keyed/StackView';
import { KeyRow } from './KeyRow';

type Props = Readonly<{
  onPress: (action: KeyAction) => void;
  onExplain: (id: KeyId, by: 'point' | 'hold') => void;
  onLevel: (level: number) => void;
}>;

/** The stack, joined to the state. */
export const StackArea = memo(function StackArea({ onPress, onExplain, onLevel }: Props) {
  const stack = useStore((s) => s.document.stack);
  const settings = useStore((s) => s.settings);
  const formsCache = useStore((s) => s.formsCache);
  const refused = useStore((s) => s.refused);
  const levels = stack.levels.map((operand) => {
    const known = formsOfHolder({ formsCache }, operand);
    return { operand, form: known.length === 0 ? null : shownForm(known, null, settings) };
  });
  return (
    <View backgroundColor="$card" borderTopWidth={1} borderColor="$rule" flexShrink={1} minHeight={0}>
      <StackView
        levels={levels}
        entry={stack.entry}
        replaces={stack.replaces}
        shown={settings.display}
        onOpen={onLevel}
      />
      {refused === null ? null : (
        <View paddingHorizontal="$3" paddingVertical="$1">
          <Refused {...refused} />
        </View>
      )}
      <KeyRow name={words.stackTools} ids={stackToolKeys} onPress={onPress} onExplain={onExplain} />
    </View>
  );
});
