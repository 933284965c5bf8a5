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
  useLayoutEffect(() => {
    const node = scroller.current;
    if (node !== null && !isLong) node.scrollTop = node.scrollHeight;
  }, [newest, isLong]);

  // The newest line stays in sight when the line being written takes more of the page, or a row turns out taller.
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
        <div className="tape-lines">
          {isLong ? <Long scroller={scroller} {...props} /> : <NewestLines count={SHORT_TAPE} {...props} />}
        </div>
      )}
    </View>
  );
}
