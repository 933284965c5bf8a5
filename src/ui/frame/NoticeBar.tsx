import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Words } from '../theme/text';

type Props = Readonly<{ children: ReactNode; actions: ReactNode; isUrgent?: boolean }>;

/** Something to say above the page, with what can be done about it. */
export function NoticeBar({ children, actions, isUrgent = false }: Props) {
  return (
    <View
      role={isUrgent ? 'alert' : 'status'}
      flexDirection="row"
      flexWrap="wrap"
      alignItems="center"
      gap="$2"
      paddingHorizontal="$3"
      paddingVertical={3}
      backgroundColor="$desk"
      borderBottomWidth={isUrgent ? 2 : 1}
      borderColor={isUrgent ? '$accent' : '$rule'}
    >
      <Words size="medium" flex={1} minWidth={180}>
        {children}
      </Words>
      {actions}
    </View>
  );
}
