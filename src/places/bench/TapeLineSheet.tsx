import { View } from '@tamagui/core';
import { useState } from 'react';
import { LONGEST_NOTE } from '@/core/notebook/schema';
import { WithHelp } from '@/places/exam/use-help';
import { useStore } from '@/state/app-store';
import { words } from '@/text/labels';
import { Apart, Group } from '@/ui/control/Group';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { ResultForms } from '@/ui/line/ResultForms';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';
import { OpenInKit } from '@/places/kit/tools/matrices/OpenInKit';
import { BookSays } from '@/places/kit/tools/compare/BookSays';
import { CopyButtons } from './CopyButtons';
import type { OpenSheet } from './sheets';

type Props = Readonly<{ id: string; onOpen: (sheet: OpenSheet) => void; onClose: () => void }>;

/** What can be done with a finished line. */
export function TapeLineSheet({ id, onOpen, onClose }: Props) {
  const line = useStore((s) => s.document.tape.find((l) => l.id === id));
  const grouping = useStore((s) => s.settings.display.grouping);
  const store = useStore.getState();
  const [note, setNote] = useState(line?.note ?? '');
  if (line === undefined) return null;
  const then = (act: () => void) => () => {
    act();
    onClose();
  };
  const close = () => {
    store.noteLine(id, note.trim().slice(0, LONGEST_NOTE));
    onClose();
  };
  return (
    <Panel title={words.lineActions} onClose={close}>
      <View gap="$1">
        <Words>{line.text}</Words>
        {line.readAs === null ? null : (
          <Words size="medium" tone="muted">
            {words.readAs} {line.readAs}
          </Words>
        )}
      </View>
      <Group name={words.goOn}>
        <Button onPress={then(() => store.useLine(id))}>{words.useLine}</Button>
        <Button onPress={then(() => store.useAnswer(id))}>{words.useAnswer}</Button>
        <Button onPress={then(() => store.editLine(id))}>{words.editInPlace}</Button>
        <Button onPress={() => onOpen({ sheet: 'again', line })}>{words.workAgain}</Button>
        {line.value === null ? null : (
          <Button onPress={then(() => store.ask({ for: 'keep', source: { line: id } }))}>{words.keepAnswer}</Button>
        )}
      </Group>
      <Group name={words.lookAt}>
        <WithHelp help="steps">
          <Button onPress={() => onOpen({ sheet: 'steps', of: line })}>{words.steps}</Button>
          <Button onPress={() => onOpen({ sheet: 'angle', of: line })}>{words.angleView}</Button>
        </WithHelp>
        <BookSays of={line} onDone={onClose} />
        <Button onPress={() => onOpen({ sheet: 'keys', of: line })}>{words.keyLog}</Button>
        <Button onPress={() => onOpen({ sheet: 'class', of: line })}>{words.forClass}</Button>
        <OpenInKit forms={line.forms} onDone={onClose} />
        <Button isPressed={line.pinned} onPress={() => store.pinLine(id, !line.pinned)}>
          {words.pin}
        </Button>
      </Group>
      <Field name={words.note} value={note} onChange={setNote} onEnter={close} placeholder={words.noteHint} />
      <ResultForms
        forms={line.forms}
        chosen={line.chosen}
        onChoose={(form) => store.chooseTapeForm(id, form)}
        shown={{ decimalSign: line.decimalSign, grouping }}
      />
      <CopyButtons line={line} answer={line} onDone={onClose} />
      <Apart>
        <Button isDanger onPress={then(() => store.removeLine(id))}>
          {words.remove}
        </Button>
      </Apart>
    </Panel>
  );
}
