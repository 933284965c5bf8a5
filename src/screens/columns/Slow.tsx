import { View } from '@tamagui/core';
import { columnWork } from '@/state/column-work';
import { columnWords } from '@/text/column-labels';
import { Button } from '@/ui/control/Button';

/** Work that takes a while says so, and can be stopped. */
export function Slow({ isSlow }: Readonly<{ isSlow: boolean }>) {
  return isSlow ? (
    <View flexDirection="row" role="status">
      <Button isTight onPress={columnWork.stopPanel}>{`${columnWords.working} ${columnWords.stop}`}</Button>
    </View>
  ) : null;
}
