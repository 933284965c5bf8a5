import { View } from '@tamagui/core';
import { memo, useEffect, useRef } from 'react';
import { keys } from '@/keys/catalogue';
import { keyedOf } from '@/keys/log';
import { keyedName } from '@/text/keys';
import { Words } from '../theme/text';
import { Face } from './Face';

type Props = Readonly<{
  keyed: readonly string[];
  name: string;
  /** The entry that was pressed last, set off from the others. */
  at?: number;
  isWrapped?: boolean;
}>;

function Entry({ entry, isAt }: Readonly<{ entry: string; isAt: boolean }>) {
  const known = keyedOf(entry);
  if (known === null) return null;
  return (
    <View
      role="listitem"
      aria-label={keyedName(known)}
      paddingHorizontal={7}
      minHeight={30}
      minWidth={26}
      alignItems="center"
      justifyContent="center"
      borderWidth={1}
      borderColor={isAt ? '$accent' : '$keyEdge'}
      borderRadius="$1"
      backgroundColor={isAt ? '$keyDown' : '$key'}
      flexShrink={0}
    >
      {known.kind === 'key' ? (
        <Face face={keys[known.id].face} tone="ink" size={13} strong={false} />
      ) : (
        <Words size="medium" aria-hidden>
          {known.kind === 'typed' ? known.char : known.kind === 'put' ? `“${known.text}”` : '⌶'}
        </Words>
      )}
    </View>
  );
}

/** The keys that made a line, in their order. */
export const KeyStrip = memo(function KeyStrip({ keyed, name, at = -1, isWrapped = false }: Props) {
  const frame = useRef<HTMLElement | null>(null);
  useEffect(() => {
    const node = frame.current;
    if (node !== null) node.scrollLeft = node.scrollWidth;
  }, [keyed.length]);
  return (
    <View
      ref={frame as never}
      role="list"
      aria-label={name}
      flexDirection="row"
      gap={4}
      {...(isWrapped ? { flexWrap: 'wrap' } : { className: 'scroll-x' })}
    >
      {keyed.map((entry, i) => (
        <Entry key={`${i}${entry}`} entry={entry} isAt={i === at} />
      ))}
    </View>
  );
});
