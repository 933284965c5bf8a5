import { useTheme } from '@tamagui/core';
import ArrowDown from 'lucide-react-native/icons/arrow-down';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import ArrowLeftToLine from 'lucide-react-native/icons/arrow-left-to-line';
import ArrowRight from 'lucide-react-native/icons/arrow-right';
import ArrowRightToLine from 'lucide-react-native/icons/arrow-right-to-line';
import ArrowUp from 'lucide-react-native/icons/arrow-up';
import CornerDownLeft from 'lucide-react-native/icons/corner-down-left';
import Delete from 'lucide-react-native/icons/delete';
import Redo from 'lucide-react-native/icons/redo-2';
import Undo from 'lucide-react-native/icons/undo-2';
import type { ComponentType } from 'react';
import type { KeyFace, KeyIcon } from '@/keys/catalogue';

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
  enter: { picture: CornerDownLeft as Picture },
  undo: { picture: Undo as Picture },
  redo: { picture: Redo as Picture },
};

type Props = Readonly<{ face: KeyFace; tone: 'ink' | 'onAccent'; size: number; strong: boolean }>;

/** Text on a key grows as far as the key has room. */
const keySize = (size: number): string => `calc(${size}px * var(--key-text))`;

/**
 * What stands on a key. Its parts are plain elements, as those of a formula are: sixty faces of styled components took a
 * tenth of the time until a key could be pressed.
 */
export function Face({ face, tone, size, strong }: Props) {
  const theme = useTheme();
  if ('icon' in face) {
    const { picture: Icon, mirrored = false } = pictures[face.icon];
    return (
      <span aria-hidden className={mirrored ? 'face face-mirrored' : 'face'}>
        <Icon size={size + 3} color={theme[tone].get()} strokeWidth={1.8} />
      </span>
    );
  }
  const part = (text: string, shift: -1 | 0 | 1) => (
    <span
      style={{
        fontSize: keySize(shift === 0 ? size : size * 0.68),
        lineHeight: keySize(size * 1.3),
        ...(shift === 0 ? {} : { marginTop: -shift * size * 0.45 }),
      }}
    >
      {text}
    </span>
  );
  return (
    <span aria-hidden className={`face face-${tone}${strong ? ' face-strong' : ''}`}>
      {face.index === undefined ? null : part(face.index, 1)}
      {part(face.text, 0)}
      {face.raised === undefined ? null : part(face.raised, 1)}
      {face.lowered === undefined ? null : part(face.lowered, -1)}
    </span>
  );
}
