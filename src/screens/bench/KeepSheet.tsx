import { View } from '@tamagui/core';
import { useStore } from '@/state/app-store';
import { letterIds } from '@/keys/catalogue';
import { keepIn, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Sheet } from '@/ui/sheet/Sheet';
import { Words } from '@/ui/theme/text';

/** Chooses the letter that is to keep the value of the line, or the last answer. */
export function KeepSheet({ onClose }: Readonly<{ onClose: () => void }>) {
  const letters = useStore((s) => s.document.letters);
  const { keep } = useStore.getState();
  return (
    <Sheet title={words.keepTitle} onClose={onClose}>
      <Words tone="muted">{words.keepNote}</Words>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {letterIds.map((letter) => {
          const held = letters[letter];
          return (
            <Button
              key={letter}
              name={held === undefined ? keepIn(letter) : `${keepIn(letter)} (${held.typed})`}
              isPressed={held !== undefined}
              onPress={() => {
                keep(letter);
                onClose();
              }}
            >
              {letter}
            </Button>
          );
        })}
      </View>
    </Sheet>
  );
}
