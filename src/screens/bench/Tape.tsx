import { View } from '@tamagui/core';
import { memo, useEffect, useRef } from 'react';
import { useStore } from '@/state/app-store';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { TapeRow } from '@/ui/tape/TapeRow';
import { Words } from '@/ui/theme/text';

/** Finished lines, the newest at the bottom and kept in sight: a reversed column scrolls from its foot, whatever its height. */
export const Tape = memo(function Tape({ onOpen }: Readonly<{ onOpen: (id: string) => void }>) {
  const tape = useStore((s) => s.document.tape);
  const grouping = useStore((s) => s.settings.display.grouping);
  const { clearTape } = useStore.getState();
  const scroller = useRef<HTMLElement | null>(null);
  useEffect(() => {
    const node = scroller.current;
    if (node !== null) node.scrollTop = 0;
  }, [tape.length]);

  return (
    <View
      ref={scroller as never}
      role="region"
      aria-label={words.tape}
      tabIndex={0}
      className="paper-grid tape"
      flex={1}
      minHeight={0}
      flexDirection="column-reverse"
    >
      {tape.length === 0 ? (
        <View flex={1} alignItems="center" justifyContent="center" padding="$4">
          <Words tone="muted" textAlign="center">
            {words.emptyTape}
          </Words>
        </View>
      ) : (
        <View paddingBottom={6}>
          <View alignItems="flex-end" paddingHorizontal="$2">
            <Button isPlain onPress={clearTape}>
              {words.clearTape}
            </Button>
          </View>
          {tape.map((line) => (
            <TapeRow key={line.id} line={line} grouping={grouping} onOpen={onOpen} />
          ))}
        </View>
      )}
    </View>
  );
});
