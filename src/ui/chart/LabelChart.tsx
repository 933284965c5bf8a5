import { View } from '@tamagui/core';
import { useState } from 'react';
import type { KeyboardEvent, ReactNode } from 'react';
import type { LayoutChangeEvent } from 'react-native';
import type { Size } from '@/core/curve/view';
import { handleStroke } from '@/keys/shortcuts';
import { ringWithin } from '../theme/look';
import { SpokenKeys, withKeys } from '../control/SpokenKeys';
import { Words } from '../theme/text';

type Props = Readonly<{
  name: string;
  /** What stands along the axes, and all of it in words. */
  titles: readonly string[];
  told: string;
  /** How many parts there are, and which of them is chosen. */
  count: number;
  chosen: number | null;
  onChoose: (index: number | null) => void;
  onSize: (size: Size) => void;
  /** What is drawn at a size; `inSight`: the index that is to be scrolled to. */
  draw: (size: Size, inSight: number) => ReactNode;
}>;

const DESCRIPTION = 'label-chart-text';

/** A chart that is not drawn on the plot: it takes the room there is, and tells what its parts stand for by touch and by the arrow keys. */
export function LabelChart({ name, titles, told, count, chosen, onChoose, onSize, draw }: Props) {
  const [size, setSize] = useState<Size | null>(null);
  const [inSight, setInSight] = useState(0);
  const onLayout = ({ nativeEvent: { layout } }: LayoutChangeEvent): void => {
    const next = { width: Math.round(layout.width), height: Math.round(layout.height) };
    if (next.width <= 0 || next.height <= 0) return;
    if (next.width === size?.width && next.height === size.height) return;
    setSize(next);
    onSize(next);
  };
  const choose = (index: number): void => {
    if (count === 0) return;
    onChoose(index);
    setInSight(index);
  };
  const onKey = (event: KeyboardEvent): void => {
    handleStroke('labels', event, {
      next: () => choose(chosen === null ? 0 : (chosen + 1) % count),
      before: () => choose(((chosen ?? 0) + count - 1) % count),
      first: () => choose(0),
      last: () => choose(count - 1),
      leave: () => onChoose(null),
    });
  };
  return (
    <View flex={1} minHeight={200} backgroundColor="$paper">
      <View flexDirection="row" justifyContent="flex-end" gap="$3" paddingHorizontal="$2" paddingTop="$1" aria-hidden>
        {titles.map((title) => (
          <Words key={title} size="small">
            {title}
          </Words>
        ))}
      </View>
      <View
        flex={1}
        minHeight={0}
        position="relative"
        onLayout={onLayout}
        role="application"
        aria-label={name}
        aria-describedby={withKeys('labels', DESCRIPTION)}
        tabIndex={0}
        onKeyDown={onKey}
        {...ringWithin}
      >
        {size === null ? null : (
          <View position="absolute" top={0} left={0} right={0} bottom={0} className="scroll-y" aria-hidden>
            {draw(size, inSight)}
          </View>
        )}
      </View>
      <SpokenKeys scope="labels" />
      <Words id={DESCRIPTION} className="only-spoken">
        {told}
      </Words>
    </View>
  );
}
