import { View } from '@tamagui/core';
import { Radios } from '@/ui/kit/Radios';
import { Select } from '@/ui/kit/Select';
import { Words } from '@/ui/theme/text';
import type { DataColumn } from '@/core/notebook/columns';

type Props = Readonly<{
  title: string;
  columns: readonly DataColumn[];
  chosen: string | null;
  /** What none of the columns is called, where none may be chosen. */
  none?: string;
  onChoose: (id: string | null) => void;
}>;

/** More columns than this are chosen from a list. */
const MOST_SIDE_BY_SIDE = 8;
const NONE = '';

/** One of the table's columns, for a purpose. */
export function ColumnPicker({ title, columns, chosen, none, onChoose }: Props) {
  const options = [
    ...(none === undefined ? [] : [{ id: NONE, name: none }]),
    ...columns.map(({ id, name }) => ({ id, name })),
  ];
  const choice = {
    name: title,
    options,
    chosen: chosen ?? NONE,
    onChoose: (id: string) => onChoose(id === NONE ? null : id),
  };
  return (
    <View flexDirection="row" alignItems="center" gap="$2" className="scroll-x">
      <Words tone="muted" size="medium" minWidth={title.length < 3 ? 16 : 76} aria-hidden>
        {title}
      </Words>
      {options.length > MOST_SIDE_BY_SIDE ? <Select {...choice} /> : <Radios {...choice} isTight isStrip />}
    </View>
  );
}
