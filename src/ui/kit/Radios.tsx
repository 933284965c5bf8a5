import { styled } from '@tamagui/core';
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
  /** In one row that can be moved sideways. */
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
  return (
    <RadioGroup
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
