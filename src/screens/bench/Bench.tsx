import { View, useMedia } from '@tamagui/core';
import { useCallback, useState } from 'react';
import { isLineAction, pressed } from '@/keys/press';
import { lineKeys } from '@/keys/decks';
import { keys } from '@/keys/catalogue';
import type { KeyAction, KeyId } from '@/keys/catalogue';
import { stopWork, useStore } from '@/state/app-store';
import { optionsOf } from '@/state/document';
import type { Store } from '@/state/store';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Deck } from '@/ui/deck/Deck';
import { Key } from '@/ui/key/Key';
import { SettingsSheet } from '../settings/SettingsSheet';
import { HelpStrip, KeyCard } from './KeyCard';
import { KeepSheet } from './KeepSheet';
import { LineArea } from './LineArea';
import { PasteSheet } from './PasteSheet';
import { StatusStrip } from './StatusStrip';
import { Tape } from './Tape';
import { TapeLineSheet } from './TapeLineSheet';
import { useSlowWork } from './slow-work';
import { useTypingAnywhere } from './use-typing-anywhere';

/** Whether a key would do something now. */
function isHere({ document, settings, history }: Store, action: KeyAction): boolean {
  if (isLineAction(action)) return pressed(document.line, action, optionsOf(settings)) !== null;
  if (action.type === 'undo') return history.past.length > 0;
  return action.type !== 'redo' || history.future.length > 0;
}

type Open = { sheet: 'settings' | 'keep' } | { sheet: 'line'; id: string } | null;

/** The calculating place: the tape, the line being written, the keys. */
export function Bench() {
  const { wide: isWide } = useMedia();
  const state = useStore();
  const { settings, live } = state;
  const [open, setOpen] = useState<Open>(null);
  const [explained, setExplained] = useState<{ id: KeyId; by: 'point' | 'hold' } | null>(null);
  const close = useCallback(() => setOpen(null), []);
  const explain = useCallback((id: KeyId, by: 'point' | 'hold') => setExplained({ id, by }), []);
  const press = useCallback((action: KeyAction) => {
    setExplained((was) => (was?.by === 'hold' ? null : was));
    useStore.getState().press(action);
  }, []);
  const openLine = useCallback((id: string) => setOpen({ sheet: 'line', id }), []);
  const openSettings = useCallback(() => setOpen({ sheet: 'settings' }), []);
  const isSlow = useSlowWork(live.kind === 'working');
  useTypingAnywhere(open === null && state.pasteQuestion === null);

  const { decimalSign } = settings.display;
  const beside = (
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
          onPress={press}
          onExplain={explain}
          decimalSign={decimalSign}
          isDimmed={!isHere(state, keys[id].does)}
          isQuiet
        />
      ))}
      <Button isPlain keepsFocus onPress={() => setOpen({ sheet: 'keep' })}>
        {words.keep}
      </Button>
    </View>
  );

  const page = (
    <View flex={1} minHeight={0} minWidth={0} backgroundColor="$paper">
      <StatusStrip onSettings={openSettings} />
      <Tape onOpen={openLine} />
      <LineArea onPress={press} above={null} below={null} />
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
      drawer={state.drawer}
      onDrawer={state.openDrawer}
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
      {open?.sheet === 'settings' ? <SettingsSheet onClose={close} /> : null}
      {open?.sheet === 'keep' ? <KeepSheet onClose={close} /> : null}
      {open?.sheet === 'line' ? <TapeLineSheet id={open.id} onClose={close} /> : null}
      {state.pasteQuestion === null ? null : <PasteSheet />}
    </View>
  );
}
