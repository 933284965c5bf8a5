import { View } from '@tamagui/core';
import { Words } from '../theme/text';
import { Button } from './Button';

type Props = Readonly<{
  title: string;
  value: number;
  least: number;
  most: number;
  names: Readonly<{ fewer: string; more: string }>;
  onChange: (value: number) => void;
}>;

/** A small whole number, one up or one down. */
export function Stepper({ title, value, least, most, names, onChange }: Props) {
  return (
    <View role="group" aria-label={title} flexDirection="row" alignItems="center" justifyContent="space-between">
      <Words strong>{title}</Words>
      <View flexDirection="row" alignItems="center" gap="$2">
        <Button name={names.fewer} isDisabled={value <= least} onPress={() => onChange(value - 1)}>
          −
        </Button>
        <Words minWidth={32} textAlign="center" aria-live="polite">
          {value}
        </Words>
        <Button name={names.more} isDisabled={value >= most} onPress={() => onChange(value + 1)}>
          +
        </Button>
      </View>
    </View>
  );
}
