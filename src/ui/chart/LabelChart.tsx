import { View } from '@tamagui/core';
import { useState } from 'react';
import type { ComponentType, KeyboardEvent } from 'react';
import type { LayoutChangeEvent } from 'react-native';
import type { Size } from '@/core/curve/view';
import { handleStroke } from '@/keys/shortcuts';
import { ringWithin } from '../theme/look';
import { SpokenKeys, withKeys } from '../control/SpokenKeys';
import { Words } from '../theme/text';
import type { LabelPictureProps } from './LabelPicture';

type Props = Omit<LabelPictureProps, 'size' | 'onChoose' | 'inSight'> &
  Readonly<{
    /** What draws it: it is fetched when it is first needed. */
    picture: ComponentType<LabelPictureProps>;
    name: string;
    /** What stands along the axes, and all of it in words. */
    titles: readonly string[];
    told: string;
    onChoose: (index: number | null) => void;
    onSize: (size: Size) => void;
  }>;

const DESCRIPTION = 'label-chart-text';

/** A chart over labels: it takes the room there is, and tells what its parts stand for by touch and by the arrow keys. */
export function LabelChart({ picture: Picture, name, titles, told, onChoose, onSize, ...drawn }: Props) {
  const [size, setSize] = useState<Size | null>(null);
  const [inSight, setInSight] = useState(0);
  const { chosen, labels } = drawn;
  const onLayout = ({ nativeEvent: { layout } }: LayoutChangeEvent): void => {
    const next = { width: Math.round(layout.width), height: Math.round(layout.height) };
    if (next.width <= 0 || next.height <= 0) return;
    if (next.width === size?.width && next.height === size.height) return;
    setSize(next);
    onSize(next);
  };
  const count = labels.length;
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
          <View position="absolute" top={0} left={0} aria-hidden>
            <Picture {...drawn} size={size} inSight={inSight} onChoose={onChoose} />
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
