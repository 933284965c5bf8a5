import { View } from '@tamagui/core';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { ReactNode } from 'react';
import { useWindowDimensions } from 'react-native';

const LEAST = 26;
/** Of the width that there is, so that a caret behind it is seen. */
const FILLED = 0.96;

type Props = Readonly<{
  /** The share of the page's height that it takes at most. */
  share: number;
  /** Drawn anew when the size has changed, since a caret is laid over what was measured. */
  children: () => ReactNode;
}>;

/** A line of mathematics as large as the width allows; what is too long for the least size is scrolled. */
export function FitWidth({ share, children }: Props) {
  const { height, width } = useWindowDimensions();
  const most = Math.max(LEAST, Math.min(height * share, 260));
  const frame = useRef<HTMLElement | null>(null);
  const [size, setSize] = useState(most);
  useLayoutEffect(() => {
    const drawn = frame.current?.querySelector('.fit-width, math');
    const room = frame.current?.clientWidth ?? 0;
    const taken = drawn?.getBoundingClientRect();
    if (taken === undefined || room === 0 || taken.width === 0) return;
    const wide = (size * room * FILLED) / taken.width;
    const high = (size * height * share) / taken.height;
    const next = Math.max(LEAST, Math.min(most, wide, high));
    if (Math.abs(next - size) > size * 0.02) setSize(next);
  }, [size, height, share, most, children]);
  // Widths change once the font of mathematics has come.
  const [, drawAgain] = useState(0);
  useEffect(() => {
    let isThere = true;
    void document.fonts.ready.then(() => {
      if (isThere) drawAgain((n) => n + 1);
    });
    return () => {
      isThere = false;
    };
  }, [width]);
  return (
    <View ref={frame as never} minWidth={0} style={{ '--class-size': `${size}px` } as never}>
      {children()}
    </View>
  );
}
