import { View } from '@tamagui/core';
import { memo } from 'react';
import type { ReactNode } from 'react';
import { Words } from '../theme/text';

/** The ruled margin of the page: what belongs to a line without being part of it. */
export const Margin = memo(function Margin({ children }: Readonly<{ children: ReactNode }>) {
  return (
    <View
      width="$gutter"
      flexShrink={0}
      alignItems="center"
      justifyContent="center"
      borderRightWidth={1}
      borderColor="$margin"
      paddingVertical={4}
    >
      <Words size="small" tone="muted" textAlign="center">
        {children}
      </Words>
    </View>
  );
});
