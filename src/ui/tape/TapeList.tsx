import { itemAt } from '@/core/base/item';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef } from 'react';
import type { ReactNode } from 'react';
import { View } from '@tamagui/core';
import type { FormId } from '@/core/format/form';
import type { TapeLine } from '@/core/notebook/schema';
import { words } from '@/text/labels';
import { Words } from '../theme/text';
import { TapeRow } from './TapeRow';

type Props = Readonly<{
  tape: readonly TapeLine[];
  grouping: boolean;
  onOpen: (id: string) => void;
  onUseLine: (id: string) => void;
  onUseAnswer: (id: string) => void;
  onChoose?: (id: string, form: FormId) => void;
  /** Stands in place of lines while there are none. */
  empty?: ReactNode;
}>;

const USUAL_HEIGHT = 56;

/** Where a line stands in an adding list: a list has two steps or more that go on from one another. */
function placeInList(tape: readonly TapeLine[], at: number): 'first' | 'middle' | 'last' | 'only' {
  const step = itemAt(tape, at).addition;
  if (step === null) return 'only';
  const goesOn = step.isNext && tape[at - 1]?.addition != null;
  const next = tape[at + 1]?.addition;
  const isFollowed = next?.isNext === true;
  if (goesOn) return isFollowed ? 'middle' : 'last';
  return isFollowed ? 'first' : 'only';
}

/** Finished lines, the newest at the bottom and kept in sight. Only what is near the page is drawn, so thousands scroll as few do. */
export function TapeList({ tape, grouping, onChoose, empty, ...on }: Props) {
  const scroller = useRef<HTMLElement | null>(null);
  const rows = useVirtualizer({
    count: tape.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => USUAL_HEIGHT,
    getItemKey: (i) => itemAt(tape, i).id,
    overscan: 6,
    paddingEnd: 6,
  });
  const newest = tape.at(-1)?.id;
  useEffect(() => {
    if (tape.length === 0) return undefined;
    const toEnd = () => rows.scrollToIndex(tape.length - 1, { align: 'end' });
    toEnd();
    // Heights are known only once the rows have been drawn.
    const later = requestAnimationFrame(toEnd);
    return () => cancelAnimationFrame(later);
  }, [newest, rows, tape.length]);

  // The newest line stays in sight when the line being written takes more of the page, or a row turns out taller.
  const isEmpty = tape.length === 0;
  useEffect(() => {
    const node = scroller.current;
    if (node === null || isEmpty) return undefined;
    let isAtEnd = true;
    const onScroll = () => {
      isAtEnd = node.scrollHeight - node.scrollTop - node.clientHeight < 24;
    };
    const watch = new ResizeObserver(() => {
      if (isAtEnd) node.scrollTop = node.scrollHeight;
    });
    watch.observe(node);
    if (node.firstElementChild !== null) watch.observe(node.firstElementChild);
    node.addEventListener('scroll', onScroll, { passive: true });
    return () => {
      watch.disconnect();
      node.removeEventListener('scroll', onScroll);
    };
  }, [isEmpty]);

  return (
    <View
      ref={scroller as never}
      role="region"
      aria-label={words.tape}
      tabIndex={0}
      className="paper-grid tape"
      flex={1}
      minHeight={0}
    >
      {isEmpty ? (
        <View
          flexGrow={1}
          alignItems="center"
          justifyContent={empty === undefined ? 'center' : 'flex-end'}
          padding={empty === undefined ? '$4' : 0}
        >
          {empty ?? (
            <Words tone="muted" textAlign="center">
              {words.emptyTape}
            </Words>
          )}
        </View>
      ) : (
        <div className="tape-all" style={{ height: rows.getTotalSize() }}>
          {rows.getVirtualItems().map((row) => (
            <div
              key={row.key}
              ref={rows.measureElement}
              data-index={row.index}
              className="tape-at"
              style={{ transform: `translateY(${row.start}px)` }}
            >
              <TapeRow
                line={itemAt(tape, row.index)}
                grouping={grouping}
                inList={placeInList(tape, row.index)}
                {...on}
                {...(row.index === tape.length - 1 && onChoose !== undefined ? { onChoose } : {})}
              />
            </div>
          ))}
        </div>
      )}
    </View>
  );
}
