import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect } from 'react';
import type { RefObject } from 'react';
import { itemAt } from '@/core/base/item';
import { LineAt } from './TapeLines';
import type { LinesProps } from './TapeLines';

const USUAL_HEIGHT = 56;

/** The lines of a long tape: only what is near the page is drawn, so thousands scroll as few do. */
export function LongTape({ scroller, ...props }: LinesProps & Readonly<{ scroller: RefObject<HTMLElement | null> }>) {
  const { tape } = props;
  const rows = useVirtualizer({
    count: tape.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => USUAL_HEIGHT,
    getItemKey: (i) => itemAt(tape, i).id,
    overscan: 6,
  });
  const newest = tape.at(-1)?.id;
  useEffect(() => {
    const toEnd = () => rows.scrollToIndex(tape.length - 1, { align: 'end' });
    toEnd();
    // Heights are known only once the rows have been drawn.
    const later = requestAnimationFrame(toEnd);
    return () => cancelAnimationFrame(later);
  }, [newest, rows, tape.length]);
  return (
    <div className="tape-all" style={{ height: rows.getTotalSize() }}>
      {rows.getVirtualItems().map((row) => (
        <div
          key={row.key}
          ref={rows.measureElement}
          data-index={row.index}
          className="tape-at"
          style={{ transform: `translateY(${row.start}px)` }}
        >
          <LineAt at={row.index} {...props} />
        </div>
      ))}
    </div>
  );
}
