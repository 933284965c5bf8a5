import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Heading } from '../theme/text';

/** The strip above a place: its name, which may only be spoken, and what belongs to the whole of it. */
export function PlaceHeader({
  title,
  isSpoken = false,
  children,
}: Readonly<{ title: string; isSpoken?: boolean; children: ReactNode }>) {
  return (
    <View
      flexDirection="row"
      alignItems="center"
      gap={isSpoken ? '$1' : '$2'}
      paddingHorizontal={isSpoken ? '$2' : '$3'}
      paddingVertical={2}
      className="scroll-x"
      backgroundColor="$desk"
      borderBottomWidth={1}
      borderColor="$rule"
    >
      <Heading
        role="heading"
        aria-level={1}
        tabIndex={-1}
        outlineStyle="none"
        {...(isSpoken ? { className: 'only-spoken' } : { flex: 1 })}
      >
        {title}
      </Heading>
      {children}
    </View>
  );
}
