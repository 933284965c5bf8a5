import { View } from '@tamagui/core';
import { kindOf, letterNames, memoryOperations, slotNames, TOTAL } from '@/core/memory/shelf';
import type { MemoryOperation } from '@/core/memory/shelf';
import { useStore } from '@/state/app-store';
import type { Source } from '@/state/slices/shelf/moment';
import { operationNames, operationNotes, registerTile } from '@/text/entry-labels';
import { words } from '@/text/labels';
import { registerName } from '@/text/registers';
import { RegisterTile } from '@/ui/keyed/RegisterTile';
import { Panel } from '@/ui/kit/Panel';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{ operation: MemoryOperation; source: Source | null }>;

/** Chooses a place of the Shelf, by a tap or by the key that names it. */
export function MemorySheet({ operation, source }: Props) {
  const shelf = useStore((s) => s.document.shelf);
  const { remember, ask, press } = useStore.getState();
  const tile = (name: string) => {
    const held = shelf[name]?.typed ?? null;
    return (
      <RegisterTile
        key={name}
        name={kindOf(name) === 'total' ? words.total : name}
        held={held}
        spoken={registerTile(operation, registerName(name), held)}
        onPress={() => remember(operation, name, source)}
      />
    );
  };
  const grid = (title: string, names: readonly string[], columns: number) => (
    <View role="group" aria-label={title} className={`tiles tiles-${columns}`}>
      {names.map(tile)}
    </View>
  );
  // A line of the tape, or a level, can be kept or worked with; it recalls and clears nothing.
  const operations = memoryOperations.filter((d) => source === null || !['recall', 'recallValue', 'clear'].includes(d));
  return (
    <Panel title={operationNames[operation]} onClose={() => ask(null)} onType={(text) => press({ type: 'type', text })}>
      <Radios
        name={words.whatToDo}
        options={operations.map((d) => ({ id: d, name: operationNames[d] }))}
        chosen={operation}
        onChoose={(d) => ask({ for: d, source })}
      />
      <Words tone="muted">{operationNotes[operation]}</Words>
      {grid(words.slots, slotNames, 5)}
      {grid(words.letters, letterNames, 7)}
      {grid(words.runningTotal, [TOTAL], 1)}
    </Panel>
  );
}
