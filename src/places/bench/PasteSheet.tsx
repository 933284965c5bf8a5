import { View } from '@tamagui/core';
import { useStore } from '@/state/app-store';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';

/** Asks which number a pasted one with separators is. */
export function PasteSheet() {
  const question = useStore((s) => s.pasteQuestion);
  const { choosePaste } = useStore.getState();
  if (question === null) return null;
  return (
    <Panel title={words.pasteTitle} onClose={() => choosePaste(null)}>
      <Words>{question.pasted}</Words>
      <View gap="$2">
        {question.choices.map((choice) => (
          <Button key={choice.typed} isWide onPress={() => choosePaste(choice)}>
            {choice.typed}
          </Button>
        ))}
        <Button isWide onPress={() => choosePaste(null)}>
          {words.pasteAsIs}
        </Button>
      </View>
    </Panel>
  );
}
