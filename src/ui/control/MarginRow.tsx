import { View, styled } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Pressable, keepFocus } from './Pressable';

const Row = styled(Pressable, {
  borderRadius: 0,
  padding: 0,
  alignItems: 'stretch',
  justifyContent: 'flex-start',
  focusVisibleStyle: { outlineOffset: -3 },
});

type Props = Readonly<{
  name: string;
  /** What stands in the ruled margin. */
  mark: ReactNode;
  ground: '$paper' | '$card';
  onOpen: () => void;
  children: ReactNode;
}>;

/** A row of the page to tap: a mark in the margin, and what it belongs to right of it. */
export function MarginRow({ name, mark, ground, onOpen, children }: Props) {
  const other = ground === '$paper' ? '$card' : '$paper';
  return (
    <Row
      {...keepFocus}
      aria-label={name}
      backgroundColor={ground}
      hoverStyle={{ backgroundColor: other }}
      onPress={onOpen}
    >
      <View
        width="$gutter"
        flexShrink={0}
        alignItems="center"
        justifyContent="center"
        borderRightWidth={1}
        borderColor="$margin"
      >
        {mark}
      </View>
      {children}
    </Row>
  );
}
