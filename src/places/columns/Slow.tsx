import { View } from '@tamagui/core';
import { columnWords } from '@/text/column-labels';
import { Button } from '@/ui/control/Button';

type Props = Readonly<{ isSlow: boolean; share?: number | null; onStop: () => void }>;

/** Work that takes a while says so, and how much of it is done where that is known; it can be stopped. */
export function Slow({ isSlow, share = null, onStop }: Props) {
  return isSlow ? (
    <View flexDirection="row" role="status">
      <Button isTight onPress={onStop}>
        {`${columnWords.working} ${share === null ? '' : `${Math.round(100 * share)} % `}${columnWords.stop}`}
      </Button>
    </View>
  ) : null;
}
