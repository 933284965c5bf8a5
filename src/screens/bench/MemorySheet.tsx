import { View } from '@tamagui/core';
import { kindOf, letterNames, memoryDeeds, slotNames, TOTAL } from '@/core/memory/shelf';
import type { MemoryDeed } from '@/core/memory/shelf';
import { useStore } from '@/state/app-store';
import type { Source } from '@/state/state';
import { deedNames, deedNotes, placeTile } from '@/text/entry-labels';
import { words } from '@/text/labels';
import { placeName } from '@/text/places';
import { Button } from '@/ui/control/Button';
import { PlaceTile } from '@/ui/keyed/PlaceTile';
import { Sheet } from '@/ui/sheet/Sheet';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{ deed: MemoryDeed; source: Source | null }>;

/** Chooses a place of the Shelf, by a tap or by the key that names it. */
export function MemorySheet({ deed, source }: Props) {
  const shelf = useStore((s) => s.document.shelf);
  const { remember, ask, press } = useStore.getState();
  const tile = (name: string) => {
    const held = shelf[name]?.typed ?? null;
    return (
      <PlaceTile
        key={name}
        name={kindOf(name) === 'total' ? words.total : name}
        held={held}
        spoken={placeTile(deed, placeName(name), held)}
        onPress={() => remember(deed, name, source)}
      />
    );
  };
  const grid = (title: string, names: readonly string[], columns: number) => (
    <View role="group" aria-label={title} className={`tiles tiles-${columns}`}>
      {names.map(tile)}
    </View>
  );
  // A line of the tape, or a level, can be kept or worked with; it recalls and clears nothing.
  const deeds = memoryDeeds.filter((d) => source === null || !['recall', 'recallValue', 'clear'].includes(d));
  return (
    <Sheet title={deedNames[deed]} onClose={() => ask(null)} onType={(text) => press({ type: 'type', text })}>
      <View flexDirection="row" flexWrap="wrap" gap="$1">
        {deeds.map((d) => (
          <Button key={d} isPressed={d === deed} onPress={() => ask({ for: d, source })}>
            {deedNames[d]}
          </Button>
        ))}
      </View>
      <Words tone="muted">{deedNotes[deed]}</Words>
      {grid(words.slots, slotNames, 5)}
      {grid(words.letters, letterNames, 7)}
      {grid(words.runningTotal, [TOTAL], 1)}
    </Sheet>
  );
}
