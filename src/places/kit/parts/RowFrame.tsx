import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{
  /** The row as it is spoken. */
  spoken: string;
  name: string;
  /** What stands beside the name, and the buttons at the end of the row. */
  children: ReactNode;
  buttons: ReactNode;
  note: string | null;
}>;

/** A row of results: name, value, buttons, and perhaps a note below. */
export function RowFrame({ spoken, name, children, buttons, note }: Props) {
  return (
    <View
      role="listitem"
      aria-label={spoken}
      flexDirection="row"
      flexWrap="wrap"
      alignItems="center"
      columnGap="$3"
      paddingVertical={2}
      borderTopWidth={1}
      borderColor="$rule"
    >
      <Words strong>{name}</Words>
      {children}
      <View flexDirection="row" marginLeft="auto" gap="$1">
        {buttons}
      </View>
      {note === null ? null : (
        <Words size="medium" tone="muted" width="100%">
          {note}
        </Words>
      )}
    </View>
  );
}
