import { View } from '@tamagui/core';
import { letterNames, slotNames } from '@/core/memory/shelf';
import { useStore } from '@/state/app-store';
import { registerTile } from '@/text/entry-labels';
import { words } from '@/text/labels';
import { registerName } from '@/text/registers';
import { RegisterTile } from '@/ui/keyed/RegisterTile';
import { Words } from '@/ui/theme/text';

/** The letters and slots in which something can be kept, each with what it holds. */
export function KeepTiles({ title, onKeep }: Readonly<{ title: string; onKeep: (place: string) => void }>) {
  const shelf = useStore((s) => s.document.shelf);
  const tiles = (name: string, places: readonly string[], columns: number) => (
    <View role="group" aria-label={name} className={`tiles tiles-${columns}`}>
      {places.map((place) => {
        const held = shelf[place]?.typed ?? null;
        return (
          <RegisterTile
            key={place}
            name={place}
            held={held}
            spoken={registerTile('keep', registerName(place), held)}
            onPress={() => onKeep(place)}
          />
        );
      })}
    </View>
  );
  return (
    <View gap="$2">
      <Words strong>{title}</Words>
      {tiles(words.letters, letterNames, 7)}
      {tiles(words.slots, slotNames, 5)}
    </View>
  );
}
