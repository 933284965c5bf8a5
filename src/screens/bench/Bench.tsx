import { View, useMedia } from '@tamagui/core';
import { useCallback, useMemo, useRef, useState } from 'react';
import { completionsFor } from '@/core/line/completions';
import type { Completion } from '@/core/line/completions';
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
import { KeyStrip } from '@/ui/key/KeyStrip';
import { Completions } from '@/ui/line/Completions';
import { Words } from '@/ui/theme/text';
import { BenchSheets } from './BenchSheets';
import { ClassView } from './ClassView';
import { HelpStrip, KeyCard } from './KeyCard';
import { LineArea } from './LineArea';
import { LineTools } from './LineTools';
import { SolvePanel } from './SolvePanel';
import { StatusStrip } from './StatusStrip';
import { Tape } from './Tape';
import { TryPanel } from './TryPanel';
import { useOpenLine } from './open-line';
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

/** Keys beside the line: moving, undo, clear. */
function LineKeys({
  onPress,
  onExplain,
}: Readonly<{ onPress: (a: KeyAction) => void; onExplain: (id: KeyId, by: 'point' | 'hold') => void }>) {
  const document = useStore((s) => s.document);
  const settings = useStore((s) => s.settings);
  const history = useStore((s) => s.history);
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
}

/** What stands above the line: that a line of the tape is being edited, the keys as they are pressed. */
function AboveLine({
  replay,
  onStop,
}: Readonly<{ replay: ReturnType<typeof useReplay>['replay']; onStop: () => void }>) {
  const editing = useStore((s) => s.document.editing);
  const keyed = useStore((s) => s.document.keyed);
  const isShown = useStore((s) => s.settings.keyStrip);
  const { stopEditing } = useStore.getState();
  return (
    <>
      {editing === null ? null : (
        <View flexDirection="row" alignItems="center" justifyContent="space-between">
          <Words size="medium" tone="accent">
            {words.editing}
          </Words>
          <Button isPlain keepsFocus onPress={stopEditing}>
            {words.stopEditing}
          </Button>
        </View>
      )}
      {replay !== null ? (
        <View flexDirection="row" alignItems="center" gap="$2">
          <View flex={1} minWidth={0}>
            <KeyStrip keyed={replay.keyed} at={replay.at} name={words.keyLog} />
          </View>
          <Button keepsFocus onPress={onStop}>
            {words.stop}
          </Button>
        </View>
      ) : isShown && keyed !== null && keyed.length > 0 ? (
        <KeyStrip keyed={keyed} name={words.keyLog} at={keyed.length - 1} />
      ) : null}
    </>
  );
}

/** The calculating place: the tape, the line being written, the keys. */
export function Bench() {
  const { wide: isWide } = useMedia();
  const line = useStore((s) => s.document.line);
  const settings = useStore((s) => s.settings);
  const drawer = useStore((s) => s.drawer);
  const isWorking = useStore((s) => s.live.kind === 'working');
  const isPasting = useStore((s) => s.pasteQuestion !== null);
  const isReported = useStore((s) => s.reported !== null);
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

  const openLetters = useOpenLine();
  const found = useMemo(() => completionsFor(line, optionsOf(settings)), [line, settings]);
  const complete = useCallback(({ fn, typed }: Completion) => {
    const { press: send } = useStore.getState();
    for (let i = 0; i < typed; i += 1) send({ type: 'edit', command: 'deleteLeft' });
    send({ type: 'call', fn });
  }, []);

  if (isClass) return <ClassView of={open.of} onPress={press} onClose={close} />;

  const { decimalSign } = settings.display;
  const { letters, isRelation } = openLetters;
  const below = (
    <>
      <Completions found={found} onTake={complete} />
      {letters.length === 0 || (isRelation && letters.length === 1) ? null : <TryPanel letters={letters} />}
      {isRelation ? (
        <SolvePanel letters={letters} isAsked={isReported || letters.length === 1} onAnswer={onSolution} />
      ) : null}
      <LineTools onOpen={setOpen} />
    </>
  );
  const beside = <LineKeys onPress={press} onExplain={explain} />;

  const page = (
    <View flex={1} minHeight={0} minWidth={0} backgroundColor="$paper">
      <StatusStrip onSettings={openSettings} onTape={openTape} onFind={openFind} />
      <Tape onOpen={openLine} />
      <LineArea
        onPress={press}
        isOpen={letters.length > 0}
        completion={found[0] ?? null}
        onComplete={complete}
        above={<AboveLine replay={replay} onStop={stop} />}
        below={below}
      />
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
      isComplex={settings.complex}
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
