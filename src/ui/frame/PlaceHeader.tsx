import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Heading } from '../theme/text';

/** The strip above a place: its name, and what belongs to the whole of it. */
export function PlaceHeader({ title, children }: Readonly<{ title: string; children: ReactNode }>) {
  return (
    <View
      flexDirection="row"
      alignItems="center"
      gap="$2"
      paddingHorizontal="$3"
      paddingVertical={2}
      backgroundColor="$desk"
      borderBottomWidth={1}
      borderColor="$rule"
    >
      <Heading role="heading" aria-level={1} flex={1}>
        {title}
      </Heading>
      {children}
    </View>
  );
}
