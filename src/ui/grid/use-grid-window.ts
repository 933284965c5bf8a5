import { elementScroll, observeElementOffset, useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { UIEvent } from 'react';
import { lastOf } from '@/core/base/item';
import type { GridPlace } from './cell';

type Size = Readonly<{
  rows: number;
  /** How many times the least width each column takes. */
  weights: readonly number[];
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
export function useGridWindow({ rows, weights, rowHeight, headHeight, marginWidth, leastWidth, widest, at }: Size) {
  const scroller = useRef<HTMLDivElement | null>(null);
  const [room, setRoom] = useState(0);
  useLayoutEffect(() => {
    const box = scroller.current;
    if (box === null) return undefined;
    const watcher = new ResizeObserver(() => setRoom(box.clientWidth));
    watcher.observe(box);
    return () => watcher.disconnect();
  }, []);
  const share = Math.floor((room - marginWidth) / weights.reduce((sum, weight) => sum + weight, 0));
  const unit = Math.max(leastWidth, Math.min(share, Math.round(leastWidth * widest)));
  const { widths, starts } = useMemo(() => {
    const each = weights.map((weight) => Math.floor(unit * weight));
    const begins = [0];
    for (const width of each) begins.push(lastOf(begins) + width);
    return { widths: each, starts: begins };
  }, [weights, unit]);
  // Where there are more rows than a browser has pixels, the scroll bar stands for more of them.
  const total = rows * rowHeight;
  const tall = scroller.current?.clientHeight ?? 0;
  const factor = total > HIGHEST ? (total - tall) / (HIGHEST - tall) : 1;
  const scale = useRef(factor);
  scale.current = factor;
  const [left, setLeft] = useState(0);
  const right = left + Math.max(room, 1) + unit;
  const from = Math.max(0, starts.findLastIndex((start) => start <= left) - ASIDE);
  const to = Math.min(widths.length, starts.filter((start) => start < right).length + ASIDE);
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
      const [start, end] = [starts[at.column] ?? 0, starts[at.column + 1] ?? 0];
      const seen = box.clientWidth - marginWidth;
      if (start < box.scrollLeft) box.scrollLeft = start;
      else if (end > box.scrollLeft + seen) box.scrollLeft = end - seen;
    }
    const watcher = new ResizeObserver(() => virtual.scrollToIndex(at.row, { align: 'auto' }));
    watcher.observe(box);
    return () => watcher.disconnect();
  }, [virtual, at, starts, marginWidth]);

  // How much farther the rows are than the pixels.
  const ahead = (virtual.scrollOffset ?? 0) * (1 - 1 / factor);
  return {
    scroller,
    widths,
    /** The width of the columns that are not made, before the first that is. */
    lead: starts[from] ?? 0,
    from,
    to,
    width: marginWidth + lastOf(starts),
    height: Math.min(HIGHEST, virtual.getTotalSize()),
    /** The rows that are made, and how far below the heads each lies. */
    seen: virtual.getVirtualItems().map(({ index, start }) => ({ row: index, top: start - headHeight - ahead })),
    onScroll: ({ currentTarget }: UIEvent<HTMLElement>) => {
      const scrolled = Math.floor(currentTarget.scrollLeft / unit) * unit;
      if (scrolled !== left) setLeft(scrolled);
    },
  };
}
