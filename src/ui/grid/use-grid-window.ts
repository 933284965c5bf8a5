import { elementScroll, observeElementOffset, useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { UIEvent } from 'react';
import type { GridPlace } from './cell';

type Size = Readonly<{
  rows: number;
  columns: number;
  rowHeight: number;
  headHeight: number;
  marginWidth: number;
  leastWidth: number;
  /** How many times that width a column takes at most, where there is room. */
  widest: number;
  at: GridPlace | null;
}>;

/** Browsers draw nothing that is higher than this. */
const HIGHEST = 20_000_000;
/** Columns made on either side of those in sight. */
const ASIDE = 2;

/** The part of a grid that is in sight: which rows and columns are made, how wide, and where they lie. */
export function useGridWindow({ rows, columns, rowHeight, headHeight, marginWidth, leastWidth, widest, at }: Size) {
  const scroller = useRef<HTMLDivElement | null>(null);
  const [room, setRoom] = useState(0);
  useLayoutEffect(() => {
    const box = scroller.current;
    if (box === null) return undefined;
    const watcher = new ResizeObserver(() => setRoom(box.clientWidth));
    watcher.observe(box);
    return () => watcher.disconnect();
  }, []);
  const share = Math.floor((room - marginWidth) / columns);
  const columnWidth = Math.max(leastWidth, Math.min(share, Math.round(leastWidth * widest)));
  // Where there are more rows than a browser has pixels, the scroll bar stands for more of them.
  const total = rows * rowHeight;
  const tall = scroller.current?.clientHeight ?? 0;
  const factor = total > HIGHEST ? (total - tall) / (HIGHEST - tall) : 1;
  const scale = useRef(factor);
  scale.current = factor;
  const [left, setLeft] = useState(0);
  const from = Math.max(0, Math.min(columns, Math.floor(left / columnWidth) - ASIDE));
  const to = Math.min(columns, Math.ceil((left + Math.max(room, 1)) / columnWidth) + ASIDE);
  const virtual = useVirtualizer({
    count: rows,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowHeight,
    overscan: 10,
    // The heads lie above the rows, also while these are scrolled.
    scrollMargin: headHeight,
    scrollPaddingStart: headHeight,
    observeElementOffset: (of, tell) =>
      observeElementOffset(of, (offset, isScrolling) => tell(offset * scale.current, isScrolling)),
    scrollToFn: (offset, how, of) => elementScroll(offset / scale.current, how, of),
  });
  useEffect(() => virtual.measure(), [virtual, rowHeight, headHeight]);

  // What is chosen stays in sight, also when keys rise in front of it.
  useLayoutEffect(() => {
    if (at === null) return undefined;
    virtual.scrollToIndex(at.row, { align: 'auto' });
    const box = scroller.current;
    if (box === null) return undefined;
    if (at.column !== null) {
      const start = at.column * columnWidth;
      const seen = box.clientWidth - marginWidth;
      if (start < box.scrollLeft) box.scrollLeft = start;
      else if (start + columnWidth > box.scrollLeft + seen) box.scrollLeft = start + columnWidth - seen;
    }
    const watcher = new ResizeObserver(() => virtual.scrollToIndex(at.row, { align: 'auto' }));
    watcher.observe(box);
    return () => watcher.disconnect();
  }, [virtual, at, columnWidth, marginWidth]);

  // How much farther the rows are than the pixels.
  const ahead = (virtual.scrollOffset ?? 0) * (1 - 1 / factor);
  return {
    scroller,
    columnWidth,
    from,
    to,
    width: marginWidth + columns * columnWidth,
    height: Math.min(HIGHEST, virtual.getTotalSize()),
    /** The rows that are made, and how far below the heads each lies. */
    seen: virtual.getVirtualItems().map(({ index, start }) => ({ row: index, top: start - headHeight - ahead })),
    onScroll: ({ currentTarget }: UIEvent<HTMLElement>) => {
      const scrolled = Math.floor(currentTarget.scrollLeft / columnWidth) * columnWidth;
      if (scrolled !== left) setLeft(scrolled);
    },
  };
}
