import { useTheme } from '@tamagui/core';
import ChevronDown from 'lucide-react-native/icons/chevron-down';
import ChevronUp from 'lucide-react-native/icons/chevron-up';
import type { ComponentType } from 'react';
import { words } from '@/text/labels';
import { Pressable, keepFocus } from '../control/Pressable';

type Picture = ComponentType<{ size: number; color: string; strokeWidth: number }>;

/** Folds the drawer away, or out again. */
export function Fold({ isFolded, onFold }: Readonly<{ isFolded: boolean; onFold: (folds: boolean) => void }>) {
  const theme = useTheme();
  const Icon = (isFolded ? ChevronUp : ChevronDown) as Picture;
  return (
    <Pressable
      {...keepFocus}
      aria-label={words.foldDrawer}
      aria-expanded={!isFolded}
      onPress={() => onFold(!isFolded)}
      hoverStyle={{ backgroundColor: '$keyDown' }}
    >
      <Icon size={18} color={theme.muted.get()} strokeWidth={1.8} />
    </Pressable>
  );
}
