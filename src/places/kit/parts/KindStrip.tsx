import { View } from '@tamagui/core';
import { Radios } from '@/ui/kit/Radios';

type Props<T extends string> = Readonly<{
  name: string;
  kinds: readonly T[];
  nameOf: (kind: T) => string;
  chosen: T;
  onChoose: (kind: T) => void;
}>;

/** Which part of a tool is in sight, above what is entered. */
export function KindStrip<T extends string>({ name, kinds, nameOf, chosen, onChoose }: Props<T>) {
  return (
    <View paddingHorizontal="$3" paddingVertical="$1" borderBottomWidth={1} borderColor="$rule">
      <Radios
        name={name}
        isStrip
        isTight
        options={kinds.map((id) => ({ id, name: nameOf(id) }))}
        chosen={chosen}
        onChoose={onChoose}
      />
    </View>
  );
}
