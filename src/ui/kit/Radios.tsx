import { styled } from '@tamagui/core';
import { useEffect, useRef } from 'react';
import { RadioGroup } from '@tamagui/radio-group';
import { TARGET } from '../theme/config';
import { darkens, edged, ringAround, touchRow } from '../theme/look';
import { Words } from '../theme/text';

const Radio = styled(RadioGroup.Item, {
  unstyled: true,
  ...touchRow,
  ...edged,
  ...darkens,
  ...ringAround,
  justifyContent: 'center',
  minWidth: TARGET,
  paddingHorizontal: '$3',
  variants: {
    chosen: { true: { borderColor: '$accent', borderWidth: 2 } },
    tight: { true: { paddingHorizontal: 7 } },
  } as const,
});

type Option<T extends string> = Readonly<{ id: T; name: string; isDisabled?: boolean }>;

type Props<T extends string> = Readonly<{
  /** What is chosen, as it is spoken. */
  name: string;
  options: readonly Option<T>[];
  chosen: T | null;
  onChoose: (id: T) => void;
  isTight?: boolean;
  /** In one row that can be moved sideways; what is chosen is in sight. */
  isStrip?: boolean;
}>;

/** One of a few, in sight side by side. Arrow keys go from one to the next. */
export function Radios<T extends string>({
  name,
  options,
  chosen,
  onChoose,
  isTight = false,
  isStrip = false,
}: Props<T>) {
  const strip = useRef<HTMLElement | null>(null);
  useEffect(() => {
    const node = strip.current?.querySelector('[aria-checked="true"]');
    const [frame, at] = [strip.current?.getBoundingClientRect(), node?.getBoundingClientRect()];
    if (!isStrip || strip.current === null || frame === undefined || at === undefined) return;
    if (at.left < frame.left) strip.current.scrollLeft -= frame.left - at.left;
    else if (at.right > frame.right) strip.current.scrollLeft += at.right - frame.right;
  }, [isStrip, chosen]);
  return (
    <RadioGroup
      ref={strip as never}
      aria-label={name}
      orientation="horizontal"
      value={chosen ?? ''}
      onValueChange={(id: string) => onChoose(id as T)}
      flexDirection="row"
      gap={isTight ? '$1' : '$2'}
      {...(isStrip ? { className: 'scroll-x' } : { flexWrap: 'wrap' })}
    >
      {options.map(({ id, name: words, isDisabled = false }) => (
        <Radio
          key={id}
          value={id}
          chosen={id === chosen}
          tight={isTight}
          disabled={isDisabled}
          opacity={isDisabled ? 0.55 : 1}
        >
          <Words size="medium" strong={id === chosen}>
            {words}
          </Words>
        </Radio>
      ))}
    </RadioGroup>
  );
}
