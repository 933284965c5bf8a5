import { View } from '@tamagui/core';
import { useStore } from '@/state/app-store';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { ResultForms } from '@/ui/line/ResultForms';
import { Sheet } from '@/ui/sheet/Sheet';
import { Words } from '@/ui/theme/text';
import { copy, copyOf } from './copying';
import type { CopyKind } from './copying';

const copies: readonly (readonly [CopyKind, string])[] = [
  ['shown', words.copyShown],
  ['digits', words.copyDigits],
  ['typed', words.copyTyped],
  ['latex', words.copyLatex],
  ['mathml', words.copyMathml],
];

/** What can be done with a finished line. */
export function TapeLineSheet({ id, onClose }: Readonly<{ id: string; onClose: () => void }>) {
  const line = useStore((s) => s.document.tape.find((l) => l.id === id));
  const grouping = useStore((s) => s.settings.display.grouping);
  const { useLine: takeLine, useAnswer: takeAnswer, removeLine, chooseTapeForm } = useStore.getState();
  if (line === undefined) return null;
  const then = (act: () => void) => () => {
    act();
    onClose();
  };
  return (
    <Sheet title={words.lineActions} onClose={onClose}>
      <View gap="$1">
        <Words>{line.text}</Words>
        {line.readAs === null ? null : (
          <Words size="medium" tone="muted">
            {words.readAs} {line.readAs}
          </Words>
        )}
      </View>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button onPress={then(() => takeLine(id))}>{words.useLine}</Button>
        <Button onPress={then(() => takeAnswer(id))}>{words.useAnswer}</Button>
        <Button onPress={then(() => removeLine(id))}>{words.remove}</Button>
      </View>
      <ResultForms
        forms={line.forms}
        chosen={line.chosen}
        onChoose={(form) => chooseTapeForm(id, form)}
        shown={{ decimalSign: line.decimalSign, grouping }}
      />
      <View role="group" aria-label={words.copy} gap="$1">
        <Words strong>{words.copy}</Words>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          {copies.map(([kind, name]) => (
            <Button
              key={kind}
              onPress={then(() => {
                const text = copyOf(line, kind);
                if (text !== null) void copy(text);
              })}
            >
              {name}
            </Button>
          ))}
        </View>
      </View>
    </Sheet>
  );
}
