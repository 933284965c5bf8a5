import { View } from '@tamagui/core';
import { useState } from 'react';
import { kindOf, letterNames, slotNames, TOTAL } from '@/core/memory/shelf';
import { keys } from '@/keys/catalogue';
import type { KeyId } from '@/keys/catalogue';
import { useStore } from '@/state/app-store';
import { formsOfHolder } from '@/state/slices/bench/forms';
import { registerTile } from '@/text/entry-labels';
import { words } from '@/text/labels';
import { capital, registerName } from '@/text/registers';
import { Button } from '@/ui/control/Button';
import { PlaceHeader } from '@/ui/frame/PlaceHeader';
import { RegisterTile } from '@/ui/keyed/RegisterTile';
import { Heading } from '@/ui/theme/text';
import { HelpButton } from '@/places/frame/HelpButton';
import { SavedState } from '@/places/frame/SavedState';
import { useOver } from '@/places/frame/over';
import { PrintedShelf } from '@/places/print/printed';
import { RegisterRow } from './RegisterRow';
import { RegisterSheet } from './RegisterSheet';
import { SetAside } from './SetAside';

/**
 * Everything kept: the running total, the slots, the letters, each with its value, where it came from, and when. What was
 * set aside stands above them, since it asks for a look.
 */
export function Shelf() {
  const shelf = useStore((s) => s.document.shelf);
  const formsCache = useStore((s) => s.formsCache);
  const settings = useStore((s) => s.settings);
  const canUndo = useStore((s) => s.history.past.length > 0);
  const { press } = useStore.getState();
  const [open, setOpen] = useState<string | null>(null);
  const over = useOver();
  const print = (): void =>
    over({
      panel: 'print',
      printed: {
        title: words.shelf,
        content: (
          <PrintedShelf shelf={shelf} formsOf={(kept) => formsOfHolder({ formsCache }, kept)} settings={settings} />
        ),
      },
    });
  const row = (name: string) => (
    <RegisterRow
      key={name}
      name={kindOf(name) === 'total' ? words.total : name}
      spoken={capital(registerName(name))}
      kept={shelf[name] ?? null}
      forms={formsOfHolder({ formsCache }, shelf[name] ?? null)}
      settings={settings}
      onOpen={() => setOpen(name)}
    />
  );
  const section = (title: string, key: KeyId, label: string, names: readonly string[], isEmpty: boolean) => (
    <View role="group" aria-label={title}>
      <View flexDirection="row" alignItems="center" paddingHorizontal="$3" paddingTop="$2" backgroundColor="$paper">
        <Heading role="heading" aria-level={2} flex={1}>
          {title}
        </Heading>
        <Button isPlain isDisabled={isEmpty} onPress={() => press(keys[key].does)}>
          {label}
        </Button>
      </View>
      <View role="list" aria-label={title}>
        {names.map(row)}
      </View>
    </View>
  );
  const held = letterNames.filter((name) => shelf[name] !== undefined);
  const free = letterNames.filter((name) => shelf[name] === undefined);
  const noSlots = slotNames.every((name) => shelf[name] === undefined);
  return (
    <View flex={1} minHeight={0} backgroundColor="$paper">
      <PlaceHeader title={words.shelf}>
        <SavedState />
        <Button isQuiet onPress={print}>
          {words.printShort}
        </Button>
        <Button isQuiet isDisabled={!canUndo} onPress={() => press({ type: 'undo' })}>
          {words.undo}
        </Button>
        <HelpButton />
      </PlaceHeader>
      <View flex={1} minHeight={0} className="paper-grid scroll-y" tabIndex={0} role="region" aria-label={words.shelf}>
        <SetAside />
        {section(capital(words.runningTotal), 'clearTotal', words.clearTotal, [TOTAL], shelf[TOTAL] === undefined)}
        {section(words.slots, 'clearSlots', words.clearSlots, slotNames, noSlots)}
        {section(words.letters, 'clearLetters', words.clearLetters, held, held.length === 0)}
        <View
          role="group"
          aria-label={words.emptyLetters}
          className="tiles tiles-7"
          padding="$3"
          backgroundColor="$paper"
        >
          {free.map((name) => (
            <RegisterTile
              key={name}
              name={name}
              held={null}
              spoken={registerTile('keep', name, null)}
              onPress={() => setOpen(name)}
            />
          ))}
        </View>
      </View>
      {open === null ? null : <RegisterSheet name={open} onClose={() => setOpen(null)} />}
    </View>
  );
}
