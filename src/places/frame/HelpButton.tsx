import { useTheme } from '@tamagui/core';
import CircleHelp from 'lucide-react-native/icons/circle-question-mark';
import type { ComponentType } from 'react';
import { useHelp } from '@/places/exam/use-help';
import { words } from '@/text/labels';
import { Pressable } from '@/ui/control/Pressable';
import { useOver } from './over';

const Icon = CircleHelp as ComponentType<{ size: number; color: string; strokeWidth: number }>;

/** Opens the help. */
export function HelpButton() {
  const theme = useTheme();
  const over = useOver();
  if (!useHelp('search')) return null;
  return (
    <Pressable
      aria-label={words.help}
      onPress={() => over({ panel: 'help' })}
      hoverStyle={{ backgroundColor: '$keyDown' }}
    >
      <Icon size={20} color={theme.ink.get()} strokeWidth={1.8} />
    </Pressable>
  );
}
