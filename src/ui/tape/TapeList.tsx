import { View } from '@tamagui/core';
import { useEffect, useLayoutEffect, useRef } from 'react';
import type { ComponentType, ReactNode, RefObject } from 'react';
import { words } from '@/text/labels';
import { Words } from '../theme/text';
import { NewestLines } from './TapeLines';
import type { LinesProps } from './TapeLines';

/** A tape of more lines than this is drawn only where it is looked at. */
export const SHORT_TAPE = 30;

type Props = LinesProps &
  Readonly<{
    /** Draws a long tape, within what scrolls. */
    Long: ComponentType<LinesProps & Readonly<{ scroller: RefObject<HTMLElement | null> }>>;
    /** Stands in place of lines while there are none. */
    empty?: ReactNode;
  }>;

/** Finished lines, the newest at the bottom and kept in sight. */
export function TapeList({ Long, empty, ...props }: Props) {
  const { tape } = props;
  const scroller = useRef<HTMLElement | null>(null);
  const isEmpty = tape.length === 0;
  const isLong = tape.length > SHORT_TAPE;
  const newest = tape.at(-1)?.id;
  const isAtEnd = useRef(true);
  // A short tape is laid out from its end, which stays in sight by itself. To ask where it is would lay it out within the press.
  useLayoutEffect(() => {
    if (!isLong && !isAtEnd.current && scroller.current !== null) scroller.current.scrollTop = 0;
  }, [newest, isLong]);

  useEffect(() => {
    const node = scroller.current;
    if (node === null || isEmpty) return undefined;
    const onScroll = () => {
      const left = isLong ? node.scrollHeight - node.scrollTop - node.clientHeight : -node.scrollTop;
      isAtEnd.current = left < 24;
    };
    node.addEventListener('scroll', onScroll, { passive: true });
    // The newest of many lines stays in sight when the line being written takes more of the page, or a row turns out taller.
    const watch = new ResizeObserver(() => {
      if (isAtEnd.current) node.scrollTop = node.scrollHeight;
    });
    if (isLong) watch.observe(node);
    if (isLong && node.firstElementChild !== null) watch.observe(node.firstElementChild);
    return () => {
      watch.disconnect();
      node.removeEventListener('scroll', onScroll);
    };
  }, [isEmpty, isLong]);

  return (
    <View
      ref={scroller as never}
      role="region"
      aria-label={words.tape}
      tabIndex={0}
      className={isLong || isEmpty ? 'paper-grid tape' : 'paper-grid tape tape-short'}
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
        <div className="tape-lines">
          {isLong ? <Long scroller={scroller} {...props} /> : <NewestLines count={SHORT_TAPE} {...props} />}
        </div>
      )}
    </View>
  );
}
