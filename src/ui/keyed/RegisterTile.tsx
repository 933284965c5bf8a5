import { styled } from '@tamagui/core';
import { Pressable } from '../control/Pressable';
import { Words } from '../theme/text';

const Tile = styled(Pressable, {
  flexDirection: 'column',
  borderWidth: 1,
  borderColor: '$keyEdge',
  backgroundColor: '$digitKey',
  paddingHorizontal: 2,
  paddingVertical: 3,
  minHeight: 46,
  minWidth: 0,
  hoverStyle: { backgroundColor: '$keyDown' },
  pressStyle: { backgroundColor: '$keyDown' },
  variants: { empty: { true: { backgroundColor: 'transparent' } } } as const,
});

type Props = Readonly<{
  name: string;
  /** What it holds, as text; null when it holds nothing. */
  held: string | null;
  spoken: string;
  onPress: () => void;
}>;

/** A place of the Shelf to tap: its name, and what it holds. */
export function RegisterTile({ name, held, spoken, onPress }: Props) {
  return (
    <Tile aria-label={spoken} empty={held === null} onPress={onPress}>
      <Words strong={held !== null} tone={held === null ? 'muted' : 'answer'} color={held === null ? '$muted' : '$ink'}>
        {name}
      </Words>
      {held === null ? null : (
        <Words size="small" tone="answer" numberOfLines={1} maxWidth="100%" textOverflow="ellipsis">
          {held}
        </Words>
      )}
    </Tile>
  );
}
