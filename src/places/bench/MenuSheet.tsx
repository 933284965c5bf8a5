import { View } from '@tamagui/core';
import { selectedText } from '@/core/line/line';
import type { KeyAction, KeyId } from '@/keys/catalogue';
import { keys } from '@/keys/catalogue';
import { rareLineKeys } from '@/keys/decks';
import { readClipboard } from '@/platform/clipboard';
import { useStore } from '@/state/app-store';
import { optionsOf } from '@/state/slices/bench/reading';
import { notice } from '@/state/slices/notice';
import { keyTexts } from '@/text/keys';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Panel } from '@/ui/kit/Panel';
import { BookSays } from '@/places/kit/tools/compare/BookSays';
import { CopyButtons } from './CopyButtons';
import { copy } from './copying';
import { writtenNow } from './line-ref';
import { pasteInto } from './pasting';
import type { OpenSheet } from './sheets';

type Props = Readonly<{
  onPress: (action: KeyAction) => void;
  onOpen: (sheet: OpenSheet) => void;
  onClose: () => void;
}>;

/** What is done more rarely with the line being written. */
export function MenuSheet({ onPress, onOpen, onClose }: Props) {
  const line = useStore((s) => s.document.line);
  const settings = useStore((s) => s.settings);
  const { set } = useStore.getState();
  const selected = selectedText(line, optionsOf(settings));
  const key = (id: KeyId) => (
    <Button key={id} onPress={() => onPress(keys[id].does)}>
      {keyTexts[id].say}
    </Button>
  );
  const paste = async (): Promise<void> => {
    const text = await readClipboard();
    onClose();
    if (text === null) useStore.getState().say(notice('not-pasted'));
    else pasteInto(text, '');
  };
  return (
    <Panel title={words.menu} onClose={onClose}>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button onPress={() => onPress({ type: 'edit', command: 'selectAll' })}>{words.selectAll}</Button>
        <Button isDisabled={selected === null} onPress={() => void copy(selected ?? '')}>
          {words.copySelection}
        </Button>
        <Button
          isDisabled={selected === null}
          onPress={() => {
            void copy(selected ?? '');
            onPress({ type: 'edit', command: 'deleteLeft' });
          }}
        >
          {words.cut}
        </Button>
        <Button onPress={() => void paste()}>{words.paste}</Button>
        {rareLineKeys.map(key)}
        <Button
          onPress={() => {
            set({ view: settings.view === 'boxed' ? 'typed' : 'boxed' });
            onClose();
          }}
        >
          {settings.view === 'boxed' ? words.asTyped : words.asBoxes}
        </Button>
        <Button onPress={() => onOpen({ sheet: 'keys', of: 'now' })}>{words.keyLog}</Button>
        <Button onPress={() => onOpen({ sheet: 'class', of: 'now' })}>{words.forClass}</Button>
        <BookSays of="now" onDone={onClose} />
      </View>
      <CopyButtons line={writtenNow()} answer={null} onDone={onClose} />
    </Panel>
  );
}
