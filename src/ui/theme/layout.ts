import { useMedia } from '@tamagui/core';

/**
 * How a place is laid out. `wide`: a rail, and two panes beside each other. `flat`: the same in little height, as on a
 * turned phone. `tall`: a bar below, one above the other. `tiny`: neither wide nor high, as on a page enlarged four times:
 * the place itself is scrolled.
 */
export type Layout = 'wide' | 'flat' | 'tall' | 'tiny';

export function useLayout(): Layout {
  const { wide, flat, low } = useMedia();
  if (flat) return 'flat';
  return wide ? 'wide' : low ? 'tiny' : 'tall';
}

/** The pane at the side of a wide screen: of the keys, or of what belongs to a graph. */
export const sideWidth = { width: '26%', minWidth: '$deck', maxWidth: 600 } as const;

/** Whether two panes stand beside each other. */
export const isSpread = (layout: Layout): boolean => layout === 'wide' || layout === 'flat';
