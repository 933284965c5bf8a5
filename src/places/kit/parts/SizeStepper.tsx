import { View } from '@tamagui/core';
import { fewerSpoken, moreSpoken } from '@/text/kit/kit';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{ name: string; value: number; least: number; most: number; onChange: (value: number) => void }>;

/** How many rows, columns or unknowns: one more or one less. */
export function SizeStepper({ name, value, least, most, onChange }: Props) {
  return (
    <View role="group" aria-label={`${name}: ${value}`} flexDirection="row" alignItems="center" gap={2}>
      <Words size="medium">{name}</Words>
      <Button isTight name={fewerSpoken(name)} isDisabled={value <= least} onPress={() => onChange(value - 1)}>
        −
      </Button>
      <Words strong minWidth={18} textAlign="center" className="tabular">
        {`${value}`}
      </Words>
      <Button isTight name={moreSpoken(name)} isDisabled={value >= most} onPress={() => onChange(value + 1)}>
        +
      </Button>
    </View>
  );
}
