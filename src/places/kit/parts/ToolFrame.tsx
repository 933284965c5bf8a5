import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import type { ReactNode } from 'react';
import { useStore } from '@/state/app-store';
import { kitWords } from '@/text/kit/kit';
import { unitButton, unitNames, words } from '@/text/labels';
import { HelpButton } from '@/places/frame/HelpButton';
import { useUndoStrokes } from '@/places/frame/use-undo-strokes';
import { Button } from '@/ui/control/Button';
import { PlaceHeader } from '@/ui/frame/PlaceHeader';
import { useLayout } from '@/ui/theme/layout';
import { Dock } from './Dock';
import type { Slot, Writing } from './slots';

type Props = Readonly<{
  id: string;
  name: string;
  slots: readonly Slot[];
  writing: Writing;
  /** What stands above both, such as which part of the tool is in sight. */
  above?: ReactNode;
  /** What it comes to depends on the angle unit, which then stands in its head. */
  hasAngles?: boolean;
  /** All that was entered can be taken out at once. */
  hasClear?: boolean;
  /** Keys of the tool's own for what is being written, in the place of the line editor. */
  pad?: ReactNode;
  /** What comes of it in one line, in sight while something is being written. */
  preview?: string | null;
  entries: ReactNode;
  results: ReactNode;
}>;

/** A tool: what is entered, what comes of it, and what is being written below. Beside each other where there is room. */
export function ToolFrame({
  id,
  name,
  slots,
  writing,
  above,
  pad,
  hasAngles = true,
  hasClear = true,
  preview = null,
  entries,
  results,
}: Props) {
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
  const region = (title: string, part: ReactNode) => (
    <View role="region" aria-label={title} padding="$3" gap="$3">
      {part}
    </View>
  );
  // On a turned phone the keys stand at the side, as high as the page.
  const isFlat = layout === 'flat';
  const [side, setSide] = useState<HTMLElement | null>(null);
  const dock =
    slot === null ? (
      pad
    ) : (
      <Dock
        slot={slot}
        writing={writing}
        preview={isWide ? null : preview}
        hasDeck={!isWide}
        {...(isFlat ? { deckInto: side } : {})}
      />
    );
  // What is being written about stays in sight above the keys; where there is no height for both, the whole is scrolled.
  const isTiny = layout === 'tiny';
  const frame = useRef<HTMLElement | null>(null);
  const isWriting = slot !== null;
  const written = slot?.id ?? null;
  useEffect(() => {
    if (written === null) return;
    if (isTiny) frame.current?.scrollTo({ top: frame.current.scrollHeight });
    else body.current?.querySelector('[data-writing="true"], .grid-edited')?.scrollIntoView({ block: 'nearest' });
  }, [isTiny, written]);
  return (
    <View
      ref={frame as never}
      flex={1}
      minHeight={0}
      minWidth={0}
      backgroundColor="$paper"
      {...(isTiny ? { className: 'scroll-y' } : {})}
    >
      <PlaceHeader title={name}>
        {isWide ? null : (
          <Button isQuiet onPress={() => router.navigate('/kit')}>
            {kitWords.back}
          </Button>
        )}
        {hasAngles ? (
          <Button isQuiet name={unitButton(angle)} onPress={nextAngleUnit}>
            {unitNames[angle]}
          </Button>
        ) : null}
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
              <Clear isShown={hasEntries && hasClear} onPress={() => clearTool(id)} />
            </View>
            {dock}
          </View>
          <View flex={1} minWidth={0} className="scroll-y" tabIndex={0}>
            {region(kitWords.results, results)}
          </View>
        </View>
      ) : (
        <View {...(isTiny ? {} : { flex: 1, minHeight: 0 })} {...(isFlat ? { flexDirection: 'row' } : {})}>
          <View {...(isTiny ? {} : { flex: 1, minHeight: 0, minWidth: 0 })}>
            <View
              ref={body as never}
              tabIndex={0}
              {...(isTiny ? {} : { flex: 1, minHeight: 0, className: 'scroll-y' })}
            >
              {region(kitWords.entered, entries)}
              {region(kitWords.results, results)}
              <Clear isShown={hasEntries && hasClear && slot === null} onPress={() => clearTool(id)} />
            </View>
            {dock}
          </View>
          {isFlat && isWriting ? (
            <View ref={setSide as never} width="46%" className="scroll-y" borderLeftWidth={1} borderColor="$rule" />
          ) : null}
        </View>
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
