import { View } from '@tamagui/core';
import { useState } from 'react';
import type { TapeLine } from '@/core/notebook/schema';
import { useStore } from '@/state/app-store';
import { foundLines, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Toggle } from '@/ui/kit/Switch';
import { Panel } from '@/ui/kit/Panel';
import { TapeRow } from '@/ui/tape/TapeRow';
import { Words } from '@/ui/theme/text';
import { saveNotebook } from '@/places/files/notebook-file';
import { useOver } from '@/places/frame/over';
import { PrintedTape } from '@/places/print/printed';
import { copy, tapeText } from './copying';

/** Lines that hold a text in the line itself, its answers or its note. */
function matches({ text, forms, note, kept }: TapeLine, sought: string): boolean {
  const words_ = sought.toLowerCase().split(/\s+/);
  const all = [text, note, kept ?? '', ...forms.map((f) => f.text)].join(' ').toLowerCase();
  return words_.every((word) => all.includes(word));
}

const MOST_SHOWN = 60;

type Props = Readonly<{
  onOpen: (id: string) => void;
  /** Shows what is being written or keyed, large. */
  onClass: () => void;
  onClose: () => void;
}>;

/** The whole tape: search in it, take it along, clear it. */
export function TapeSheet({ onOpen, onClass, onClose }: Props) {
  const tape = useStore((s) => s.document.tape);
  const grouping = useStore((s) => s.settings.display.grouping);
  const { useLine: takeLine, useAnswer: takeAnswer, clearTape } = useStore.getState();
  const over = useOver();
  const [sought, setSought] = useState('');
  const [onlyPinned, setOnlyPinned] = useState(false);
  const then =
    <A,>(act: (a: A) => void) =>
    (a: A) => {
      act(a);
      onClose();
    };
  const isSearching = sought.trim() !== '' || onlyPinned;
  const found = isSearching
    ? tape.filter((line) => (!onlyPinned || line.pinned) && matches(line, sought.trim())).reverse()
    : [];
  return (
    <Panel title={words.tape} onClose={onClose}>
      <Field name={words.searchTape} value={sought} onChange={setSought} placeholder={words.searchTapeHint} />
      <Toggle title={words.onlyPinned} isOn={onlyPinned} onChange={setOnlyPinned} />
      {isSearching ? (
        <View>
          <Words tone="muted" aria-live="polite">
            {foundLines(found.length)}
          </Words>
          {found.slice(0, MOST_SHOWN).map((line) => (
            <TapeRow
              key={line.id}
              line={line}
              grouping={grouping}
              onOpen={onOpen}
              onUseLine={then(takeLine)}
              onUseAnswer={then(takeAnswer)}
            />
          ))}
        </View>
      ) : null}
      <View role="group" aria-label={words.takeTape} gap="$1">
        <Words strong>{words.takeTape}</Words>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          <Button isDisabled={tape.length === 0} onPress={() => then(() => void copy(tapeText(tape, 'text')))(null)}>
            {words.copyAsText}
          </Button>
          <Button isDisabled={tape.length === 0} onPress={() => then(() => void copy(tapeText(tape, 'latex')))(null)}>
            {words.copyLatex}
          </Button>
          <Button
            isDisabled={tape.length === 0}
            onPress={() => {
              onClose();
              over({
                panel: 'print',
                printed: { title: words.tape, content: <PrintedTape tape={tape} grouping={grouping} /> },
              });
            }}
          >
            {words.print}
          </Button>
          <Button onPress={() => then(saveNotebook)(undefined)}>{words.saveNotebook}</Button>
          <Button onPress={onClass}>{words.forClass}</Button>
        </View>
      </View>
      <Button isDisabled={tape.length === 0} onPress={() => then(clearTape)(undefined)}>
        {words.clearTape}
      </Button>
    </Panel>
  );
}
