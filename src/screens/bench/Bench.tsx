import { View, useMedia } from '@tamagui/core';
import { memo, useCallback, useDeferredValue, useRef, useState } from 'react';
import { isLineAction, pressed } from '@/keys/press';
import { lineKeys } from '@/keys/decks';
import { keys } from '@/keys/catalogue';
import type { KeyAction, KeyId } from '@/keys/catalogue';
import { stopWork, useStore } from '@/state/app-store';
import { optionsOf } from '@/state/document';
import type { State } from '@/state/store';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Deck } from '@/ui/deck/Deck';
import { Key } from '@/ui/key/Key';
import { BenchSheets } from './BenchSheets';
import { ClassView } from './ClassView';
import { HelpStrip, KeyCard } from './KeyCard';
import { LineArea } from './LineArea';
import { StatusStrip } from './StatusStrip';
import { Tape } from './Tape';
import type { OpenSheet } from './sheets';
import { useReplay } from './use-replay';
import { useSlowWork } from './slow-work';
import { useTypingAnywhere } from './use-typing-anywhere';

/** Whether a key would do something now. */
function isHere({ document, settings, history }: Pick<State, 'document' | 'settings' | 'history'>, action: KeyAction) {
  if (isLineAction(action)) return pressed(document.line, action, optionsOf(settings)) !== null;
  if (action.type === 'undo') return history.past.length > 0;
  return action.type !== 'redo' || history.future.length > 0;
}

type Explained = Readonly<{ id: KeyId; by: 'point' | 'hold' }> | null;

/** Keys beside the line: moving, undo, clear. Which of them would do something can be seen a moment after the stroke. */
const LineKeys = memo(function LineKeys({
  onPress,
  onExplain,
}: Readonly<{ onPress: (a: KeyAction) => void; onExplain: (id: KeyId, by: 'point' | 'hold') => void }>) {
  const document = useDeferredValue(useStore((s) => s.document));
  const settings = useStore((s) => s.settings);
  const history = useDeferredValue(useStore((s) => s.history));
  return (
    <View
      role="group"
      aria-label={words.lineKeys}
      flexDirection="row"
      backgroundColor="$paper"
      borderTopWidth={1}
      borderBottomWidth={1}
      borderColor="$rule"
      paddingHorizontal={4}
    >
      {lineKeys.map((id) => (
        <Key
          key={id}
          id={id}
          onPress={onPress}
          onExplain={onExplain}
          decimalSign={settings.display.decimalSign}
          isDimmed={!isHere({ document, settings, history }, keys[id].does)}
          isQuiet
        />
      ))}
    </View>
  );
});

/** The calculating place: the tape, the line being written, the keys. */
export function Bench() {
  const { wide: isWide } = useMedia();
  const decimalSign = useStore((s) => s.settings.display.decimalSign);
  const isComplex = useStore((s) => s.settings.complex);
  const drawer = useStore((s) => s.drawer);
  const isWorking = useStore((s) => s.live.kind === 'working');
  const isPasting = useStore((s) => s.pasteQuestion !== null);
  const { openDrawer } = useStore.getState();
  const [open, setOpen] = useState<OpenSheet | null>(null);
  const [explained, setExplained] = useState<Explained>(null);
  const { replay, begin, stop } = useReplay();
  const close = useCallback(() => setOpen(null), []);
  const explain = useCallback((id: KeyId, by: 'point' | 'hold') => setExplained({ id, by }), []);
  const putSolution = useRef<(() => void) | null>(null);
  const onSolution = useCallback((put: (() => void) | null) => {
    putSolution.current = put;
  }, []);
  const press = useCallback((action: KeyAction) => {
    setExplained((was) => (was?.by === 'hold' ? null : was));
    // The answer of an equation is its solutions.
    if (action.type === 'answer' && putSolution.current !== null) putSolution.current();
    else useStore.getState().press(action);
  }, []);
  const openLine = useCallback((id: string) => setOpen({ sheet: 'line', id }), []);
  const openSettings = useCallback(() => setOpen({ sheet: 'settings' }), []);
  const openTape = useCallback(() => setOpen({ sheet: 'tape' }), []);
  const openFind = useCallback(() => setOpen({ sheet: 'find' }), []);
  const isSlow = useSlowWork(isWorking);
  const isClass = open?.sheet === 'class';
  useTypingAnywhere((open === null || (isClass && open.of === 'now')) && !isPasting);

  if (isClass) return <ClassView of={open.of} onPress={press} onClose={close} />;

  const beside = <LineKeys onPress={press} onExplain={explain} />;

  const page = (
    <View flex={1} minHeight={0} minWidth={0} backgroundColor="$paper">
      <StatusStrip onSettings={openSettings} onTape={openTape} onFind={openFind} />
      <Tape onOpen={openLine} />
      <LineArea onPress={press} onOpen={setOpen} onSolution={onSolution} replay={replay} onStopReplay={stop} />
      {isSlow ? (
        <View flexDirection="row" alignItems="center" paddingHorizontal="$3" backgroundColor="$card">
          <Button keepsFocus onPress={stopWork}>{`${words.working} ${words.stop}`}</Button>
        </View>
      ) : null}
      {isWide ? beside : null}
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
    />
  );

  return (
    <View flex={1} minHeight={0} position="relative">
      {isWide ? (
        <View flex={1} flexDirection="row" minHeight={0}>
          {page}
          <View
            width="$deck"
            borderLeftWidth={1}
            borderColor="$rule"
            backgroundColor="$desk"
            justifyContent="space-between"
          >
            <KeyCard explained={explained?.id ?? null} />
            {deck}
          </View>
        </View>
      ) : (
        <>
          {page}
          {explained?.by === 'hold' ? <HelpStrip id={explained.id} /> : beside}
          {deck}
        </>
      )}
      <BenchSheets open={open} onOpen={setOpen} onClose={close} onPress={press} onReplay={begin} />
    </View>
  );
}
