import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Words } from '../theme/text';

/** Buttons that belong together, under what they have in common. */
export function Group({ name, children }: Readonly<{ name: string; children: ReactNode }>) {
  return (
    <View role="group" aria-label={name} gap="$1">
      <Words aria-hidden size="medium" tone="muted">
        {name}
      </Words>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {children}
      </View>
    </View>
  );
}

/** What takes something away, apart from all else. */
export function Apart({ children }: Readonly<{ children: ReactNode }>) {
  return (
    <View borderTopWidth={1} borderColor="$rule" paddingTop="$3" flexDirection="row" flexWrap="wrap" gap="$2">
      {children}
    </View>
  );
}
