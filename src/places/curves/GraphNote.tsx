import { View } from '@tamagui/core';
import type { ReactNode } from 'react';

/** What is said over the graph, at its top or its foot; beside it the graph can be dragged. */
export function GraphNote({ at, children }: Readonly<{ at: 'top' | 'foot'; children: ReactNode }>) {
  return (
    <View
      position="absolute"
      left={0}
      right={0}
      {...(at === 'top' ? { top: 6 } : { bottom: 14 })}
      alignItems="center"
      pointerEvents="box-none"
    >
      <View
        role="status"
        backgroundColor="$card"
        borderWidth={1}
        borderColor="$keyEdge"
        borderRadius="$2"
        paddingHorizontal="$3"
        paddingVertical={2}
        flexDirection="row"
        alignItems="center"
        gap="$2"
        maxWidth="94%"
      >
        {children}
      </View>
    </View>
  );
}
