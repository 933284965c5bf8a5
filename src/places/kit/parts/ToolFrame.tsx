import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import { useEffect, useRef } from 'react';
import type { ReactNode } from 'react';
import { useStore } from '@/state/app-store';
import { kitWords } from '@/text/kit/kit';
import { unitButton, unitNames, words } from '@/text/labels';
import { HelpButton } from '@/places/frame/HelpButton';
import { useUndoStrokes } from '@/places/frame/use-undo-strokes';
import { Button } from '@/ui/control/Button';
import { PlaceHeader } from '@/ui/frame/PlaceHeader';
import { isSpread, useLayout } from '@/ui/theme/layout';
import { Dock } from './Dock';
import type { Slot, Writing } from './slots';

type Props = Readonly<{
  id: string;
  name: string;
  slots: readonly Slot[];
  writing: Writing;
  /** What stands above both, such as which part of the tool is in sight. */
  above?: ReactNode;
  /** What comes of it in one line, in sight while something is being written. */
  preview?: string | null;
  entries: ReactNode;
  results: ReactNode;
}>;

/** A tool: what is entered, what comes of it, and what is being written below. Beside each other where there is room. */
export function ToolFrame({ id, name, slots, writing, above, preview = null, entries, results }: Props) {
  const layout = useLayout();
  const isWide = layout === 'wide';
  const router = useRouter();
  const angle = useStore((s) => s.settings.angle);
  const canUndo = useStore((s) => s.history.past.length > 0);
  const hasEntries = useStore((s) => s.document.kit[id] !== undefined);
  const { press, nextAngleUnit, clearTool } = useStore.getState();
  const slot = slots.find((one) => one.id === writing.open) ?? null;
  useUndoStrokes(slot !== null);
  const body = useRef<HTMLElement | null>(null);
  // What is being written about stays in sight above the keys.
  useEffect(() => {
    if (slot === null) return;
    body.current?.querySelector('[data-writing="true"], .grid-edited')?.scrollIntoView({ block: 'nearest' });
  }, [slot]);
  const region = (title: string, part: ReactNode) => (
    <View role="region" aria-label={title} padding="$3" gap="$3">
      {part}
    </View>
  );
  const dock =
    slot === null ? null : <Dock slot={slot} writing={writing} preview={isWide ? null : preview} hasDeck={!isWide} />;
  return (
    <View flex={1} minHeight={0} minWidth={0} backgroundColor="$paper">
      <PlaceHeader title={name}>
        {isSpread(layout) ? null : (
          <Button isQuiet onPress={() => router.navigate('/kit')}>
            {kitWords.back}
          </Button>
        )}
        <Button isQuiet name={unitButton(angle)} onPress={nextAngleUnit}>
          {unitNames[angle]}
        </Button>
        <Button isQuiet isDisabled={!canUndo} onPress={() => press({ type: 'undo' })}>
          {words.undo}
        </Button>
        <HelpButton />
      </PlaceHeader>
      {above}
      {isWide ? (
        <View flex={1} minHeight={0} flexDirection="row">
          <View flex={1} minWidth={0} minHeight={0} borderRightWidth={1} borderColor="$rule">
            <View ref={body as never} flex={1} minHeight={0} className="scroll-y">
              {region(kitWords.entered, entries)}
              <Clear isShown={hasEntries} onPress={() => clearTool(id)} />
            </View>
            {dock}
          </View>
          <View flex={1} minWidth={0} className="scroll-y" tabIndex={0}>
            {region(kitWords.results, results)}
          </View>
        </View>
      ) : (
        <>
          <View ref={body as never} flex={1} minHeight={0} className="scroll-y" tabIndex={0}>
            {region(kitWords.entered, entries)}
            {region(kitWords.results, results)}
            <Clear isShown={hasEntries && slot === null} onPress={() => clearTool(id)} />
          </View>
          {dock}
        </>
      )}
    </View>
  );
}

function Clear({ isShown, onPress }: Readonly<{ isShown: boolean; onPress: () => void }>) {
  if (!isShown) return null;
  return (
    <View flexDirection="row" padding="$3">
      <Button onPress={onPress}>{kitWords.clearTool}</Button>
    </View>
  );
}
