import { View, useMedia } from '@tamagui/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { besideKeys } from '@/keys/decks';
import type { KeyAction, KeyId } from '@/keys/catalogue';
import { shake, tick } from '@/platform/feedback';
import { useStore } from '@/state/app-store';
import { optionsOf } from '@/state/slices/bench/reading';
import { isOff } from '@/state/slices/exam/off';
import { words } from '@/text/labels';
import { Deck } from '@/ui/deck/Deck';
import { Fold } from '@/ui/deck/Fold';
import { FieldKeys, useFieldKeys } from '@/ui/kit/field-keys';
import { Boundary, later } from '@/places/frame/Boundary';
import { useIsOver } from '@/places/frame/over';
import { isSpread, sideWidth, useLayout } from '@/ui/theme/layout';
import { HelpStrip, KeyCard } from './KeyCard';
import { KeyRow } from './KeyRow';
import { LineArea } from './LineArea';
import { RunningArea } from './RunningArea';
import { StackArea } from './StackArea';
import { StatusStrip } from './StatusStrip';
import { SlowWork } from './SlowWork';
import { Tape } from './Tape';
import type { OpenSheet } from './sheets';
import { useReplay } from './use-replay';
import { useBenchKeys, useTypingAnywhere } from './use-typing-anywhere';

type Explained = Readonly<{ id: KeyId; by: 'point' | 'hold' }> | null;

/** Panels come when the first of them is opened. */
const BenchSheets = later(async () => (await import('@/places/beside-the-bench')).BenchSheets);

const ClassView = later(async () => (await import('@/places/beside-the-bench')).ClassView);

/** The calculating place: the tape, the line being written, the keys. */
export function Bench() {
  const layout = useLayout();
  const isBeside = isSpread(layout);
  const { narrow } = useMedia();
  const [folds, setFolds] = useState(false);
  const display = useStore((s) => s.settings.display);
  const impliedFirst = useStore((s) => s.settings.impliedFirst);
  const { decimalSign } = display;
  const isComplex = useStore((s) => s.settings.complex);
  const drawer = useStore((s) => s.drawer);
  const style = useStore((s) => s.settings.style);
  const isAsked = useStore((s) => s.pasteQuestion !== null || s.asking !== null);
  const isAsking = useStore((s) => s.asking !== null);
  const isPasting = useStore((s) => s.pasteQuestion !== null);
  const { openDrawer } = useStore.getState();
  const isOver = useIsOver();
  const [open, setOpen] = useState<OpenSheet | null>(null);
  const [explained, setExplained] = useState<Explained>(null);
  const { replay, begin, stop } = useReplay();
  const close = useCallback(() => setOpen(null), []);
  const explain = useCallback((id: KeyId, by: 'point' | 'hold') => setExplained({ id, by }), []);
  useEffect(() => {
    useStore.getState().canSolve(true);
    return () => useStore.getState().canSolve(false);
  }, []);
  const fieldKeys = useFieldKeys(useMemo(() => optionsOf({ display, impliedFirst }), [display, impliedFirst]));
  const { hasField, take } = fieldKeys;
  const press = useCallback(
    (action: KeyAction) => {
      setExplained((was) => (was?.by === 'hold' ? null : was));
      const { settings, press: send } = useStore.getState();
      if (settings.sound) tick();
      if (settings.haptics) shake();
      if (take(action)) return;
      send(action);
    },
    [take],
  );
  const openLine = useCallback((id: string) => setOpen({ sheet: 'line', id }), []);
  const workAgain = useCallback((id: string) => {
    const line = useStore.getState().document.tape.find((one) => one.id === id);
    if (line !== undefined) setOpen({ sheet: 'again', line });
  }, []);
  const openLevel = useCallback((level: number) => setOpen({ sheet: 'level', level }), []);
  const openStyle = useCallback(() => setOpen({ sheet: 'style' }), []);
  const openSettings = useCallback(() => setOpen({ sheet: 'settings' }), []);
  const openTape = useCallback(() => setOpen({ sheet: 'tape' }), []);
  const openFind = useCallback(() => {
    if (!isOff(useStore.getState(), 'search')) setOpen({ sheet: 'find' });
  }, []);
  const isClass = open?.sheet === 'class';
  const isAlone = (open === null || (isClass && open.of === 'now')) && !isPasting && !isOver;
  useTypingAnywhere(isAlone);
  useBenchKeys(
    isAlone && !isAsking,
    useMemo(
      () => ({
        form: (isBack: boolean) => {
          if (useStore.getState().settings.style === 'stack') openLevel(1);
          else useStore.getState().nextForm(isBack);
        },
        find: openFind,
        angle: () => useStore.getState().nextAngleUnit(),
      }),
      [openLevel, openFind],
    ),
  );
  // An empty tape says how it fills, which is not the first thing to know of a stack.
  const hasTape = useStore((s) => style !== 'stack' || s.document.tape.length > 0);

  if (isClass) return <ClassView of={open.of} onPress={press} onClose={close} />;

  const beside = (
    <View
      flexDirection="row"
      flexShrink={0}
      backgroundColor="$paper"
      borderTopWidth={1}
      borderBottomWidth={1}
      borderColor="$rule"
    >
      <View flex={1} minWidth={0}>
        <KeyRow name={words.lineKeys} ids={besideKeys[style]} onPress={press} onExplain={explain} />
      </View>
      {isBeside || narrow ? null : <Fold isFolded={folds} onFold={setFolds} />}
    </View>
  );

  const page = (
    <View
      minWidth={0}
      backgroundColor="$paper"
      {...(layout === 'tiny' ? { display: 'contents' } : { flexGrow: 1, flexShrink: 1, minHeight: 0 })}
    >
      <StatusStrip onSettings={openSettings} onTape={openTape} onFind={openFind} onStyle={openStyle} />
      {hasTape ? (
        <Boundary>
          <Tape onOpen={openLine} onAgain={workAgain} />
        </Boundary>
      ) : (
        <View flex={1} className="paper-grid" />
      )}
      <Boundary at={style}>
        {style === 'written' ? (
          <FieldKeys.Provider value={fieldKeys.onFocus}>
            <LineArea onPress={press} onOpen={setOpen} replay={replay} onStopReplay={stop} />
          </FieldKeys.Provider>
        ) : style === 'running' ? (
          <RunningArea onPress={press} onExplain={explain} />
        ) : (
          <StackArea onPress={press} onExplain={explain} onLevel={openLevel} />
        )}
      </Boundary>
      <SlowWork />
      {isBeside ? beside : null}
    </View>
  );

  const deck = (
    <Deck
      drawer={drawer}
      onDrawer={openDrawer}
      onPress={press}
      onExplain={explain}
      decimalSign={decimalSign}
      isComplex={isComplex}
      style={style}
      hasField={hasField}
      isFolded={folds && !isBeside}
      {...(isBeside ? {} : { onFold: setFolds })}
    />
  );

  return (
    <View flex={1} minHeight={0} position="relative">
      {isBeside ? (
        <View flex={1} flexDirection="row" minHeight={0}>
          {page}
          <View
            {...(layout === 'flat' ? { width: '52%', minWidth: 312, maxWidth: '$deck' } : sideWidth)}
            flexShrink={0}
            minHeight={0}
            borderLeftWidth={1}
            borderColor="$rule"
            backgroundColor="$desk"
            justifyContent={layout === 'flat' ? 'flex-end' : 'space-between'}
            className="deck-side scroll-y"
          >
            {layout === 'flat' ? null : (
              <KeyCard explained={explained?.id ?? null} style={style} isComplex={isComplex} />
            )}
            {explained?.by === 'hold' && layout === 'flat' ? (
              <HelpStrip id={explained.id} style={style} isComplex={isComplex} />
            ) : null}
            {deck}
          </View>
        </View>
      ) : (
        <View flex={1} minHeight={0} className={layout === 'tiny' ? 'scroll-y bench-tiny' : 'bench-tall'}>
          {page}
          {explained?.by === 'hold' ? <HelpStrip id={explained.id} style={style} isComplex={isComplex} /> : beside}
          {deck}
        </View>
      )}
      {isAsked || open !== null ? (
        <BenchSheets open={open} onOpen={setOpen} onClose={close} onPress={press} onReplay={begin} />
      ) : null}
    </View>
  );
}
