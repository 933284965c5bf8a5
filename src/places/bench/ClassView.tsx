import { View } from '@tamagui/core';
import { useEffect } from 'react';
import { useStore } from '@/state/app-store';
import { unitNames, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { useOverPage } from '@/ui/kit/over-page';
import { Words } from '@/ui/theme/text';
import type { KeyAction } from '@/keys/catalogue';
import { ClassKeyed } from './ClassKeyed';
import { ClassLine } from './ClassLine';
import type { LineRef } from './sheets';

type Props = Readonly<{ of: LineRef; onPress: (action: KeyAction) => void; onClose: () => void }>;

/** Escape leaves the view; before the line hears of it, which it would clear. */
function useEscape(leave: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== 'Escape') return;
      event.preventDefault();
      event.stopPropagation();
      leave();
    };
    document.addEventListener('keydown', onKey, true);
    return () => document.removeEventListener('keydown', onKey, true);
  }, [leave]);
}

/** What is written or keyed, and what it comes to, as large as the page allows, for a projector. */
export function ClassView({ of, onPress, onClose }: Props) {
  const settings = useStore((s) => s.settings);
  useEscape(onClose);
  useOverPage(onClose);
  const { style } = settings;
  return (
    <View flex={1} backgroundColor="$card" padding="$4" gap="$4" className="scroll-y class-view">
      <View flexDirection="row" justifyContent="space-between" alignItems="center">
        <Words tone="muted">{unitNames[of === 'now' ? settings.angle : of.angle]}</Words>
        <Button onPress={onClose}>{words.close}</Button>
      </View>
      <View flex={1} justifyContent="center" gap="$5">
        {of !== 'now' || style === 'written' ? <ClassLine of={of} onPress={onPress} /> : <ClassKeyed style={style} />}
      </View>
    </View>
  );
}
