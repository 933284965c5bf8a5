import { View } from '@tamagui/core';
import { columnWords } from '@/text/column-labels';
import { Button } from '@/ui/control/Button';

/** Work that takes a while says so, and can be stopped. */
export function Slow({ isSlow, onStop }: Readonly<{ isSlow: boolean; onStop: () => void }>) {
  return isSlow ? (
    <View flexDirection="row" role="status">
      <Button isTight onPress={onStop}>{`${columnWords.working} ${columnWords.stop}`}</Button>
    </View>
  ) : null;
}
