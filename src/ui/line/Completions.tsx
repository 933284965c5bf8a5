import { View } from '@tamagui/core';
import type { Completion } from '@/core/line/completions';
import { completionsName } from '@/text/labels';
import { Button } from '../control/Button';

/** Names that go on from what is being typed. */
export function Completions({
  found,
  onTake,
}: Readonly<{ found: readonly Completion[]; onTake: (completion: Completion) => void }>) {
  if (found.length === 0) return null;
  return (
    <View role="group" aria-label={completionsName} flexDirection="row" gap="$1" className="scroll-x">
      {found.map((completion) => (
        <Button key={completion.fn} keepsFocus onPress={() => onTake(completion)}>
          {completion.fn}
        </Button>
      ))}
    </View>
  );
}
