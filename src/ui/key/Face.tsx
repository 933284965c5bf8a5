import { View, useTheme } from '@tamagui/core';
import ArrowDown from 'lucide-react-native/icons/arrow-down';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import ArrowLeftToLine from 'lucide-react-native/icons/arrow-left-to-line';
import ArrowRight from 'lucide-react-native/icons/arrow-right';
import ArrowRightToLine from 'lucide-react-native/icons/arrow-right-to-line';
import ArrowUp from 'lucide-react-native/icons/arrow-up';
import Delete from 'lucide-react-native/icons/delete';
import Redo from 'lucide-react-native/icons/redo-2';
import Undo from 'lucide-react-native/icons/undo-2';
import type { ComponentType } from 'react';
import type { KeyFace, KeyIcon } from '@/keys/catalogue';
import { Words } from '../theme/text';

type Picture = ComponentType<{ size: number; color: string; strokeWidth: number }>;

const pictures: Readonly<Record<KeyIcon, { picture: Picture; mirrored?: boolean }>> = {
  backspace: { picture: Delete as Picture },
  'delete-forward': { picture: Delete as Picture, mirrored: true },
  'caret-left': { picture: ArrowLeft as Picture },
  'caret-right': { picture: ArrowRight as Picture },
  'caret-up': { picture: ArrowUp as Picture },
  'caret-down': { picture: ArrowDown as Picture },
  start: { picture: ArrowLeftToLine as Picture },
  end: { picture: ArrowRightToLine as Picture },
  undo: { picture: Undo as Picture },
  redo: { picture: Redo as Picture },
};

type Props = Readonly<{ face: KeyFace; tone: 'ink' | 'onAccent'; size: number; strong: boolean }>;

/** Text on a key grows as far as the key has room. */
const keySize = (size: number) => `calc(${size}px * var(--key-text))` as const;

/** What stands on a key. */
export function Face({ face, tone, size, strong }: Props) {
  const theme = useTheme();
  const color = `$${tone}` as const;
  if ('icon' in face) {
    const { picture: Icon, mirrored = false } = pictures[face.icon];
    return (
      <View aria-hidden {...(mirrored ? { scaleX: -1 } : {})}>
        <Icon size={size + 3} color={theme[tone].get()} strokeWidth={1.8} />
      </View>
    );
  }
  const part = (text: string, shift: -1 | 0 | 1) => (
    <Words
      color={color}
      fontSize={keySize(shift === 0 ? size : size * 0.68)}
      lineHeight={keySize(size * 1.3)}
      strong={strong}
      {...(shift === 0 ? {} : { marginTop: -shift * size * 0.45 })}
    >
      {text}
    </Words>
  );
  return (
    <View flexDirection="row" alignItems="center" aria-hidden>
      {face.index === undefined ? null : part(face.index, 1)}
      {part(face.text, 0)}
      {face.raised === undefined ? null : part(face.raised, 1)}
      {face.lowered === undefined ? null : part(face.lowered, -1)}
    </View>
  );
}
