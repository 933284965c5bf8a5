import { View } from '@tamagui/core';
import type { DataColumn } from '@/core/notebook/columns';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{
  title: string;
  columns: readonly DataColumn[];
  chosen: string | null;
  /** None can be chosen too; what that is called. */
  none?: string;
  onChoose: (id: string | null) => void;
}>;

/** One of the table's columns, for a purpose. */
export function ColumnPicker({ title, columns, chosen, none, onChoose }: Props) {
  return (
    <View role="group" aria-label={title} flexDirection="row" alignItems="center" gap="$2" className="scroll-x">
      <Words tone="muted" size="medium" minWidth={title.length < 3 ? 16 : 76}>
        {title}
      </Words>
      {none !== undefined ? (
        <Button isTight isPressed={chosen === null} onPress={() => onChoose(null)}>
          {none}
        </Button>
      ) : null}
      {columns.map(({ id, name }) => (
        <Button key={id} isTight isPressed={chosen === id} onPress={() => onChoose(id)}>
          {name}
        </Button>
      ))}
    </View>
  );
}
