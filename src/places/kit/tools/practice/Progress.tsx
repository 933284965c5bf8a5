import { View } from '@tamagui/core';
import { standing } from '@/core/practice/run';
import type { Run } from '@/core/practice/run';
import { practiceWords, progressText } from '@/text/kit/practice';
import { Words } from '@/ui/theme/text';

/** How much of a run is right by now, as a bar and in words. */
export function Progress({ run }: Readonly<{ run: Run }>) {
  const { right, total } = standing(run);
  return (
    <View gap={4}>
      <View
        role="progressbar"
        aria-label={practiceWords.progress}
        aria-valuemin={0}
        aria-valuemax={total}
        aria-valuenow={right}
        aria-valuetext={progressText(right, total)}
        height={10}
        borderWidth={1}
        borderColor="$keyEdge"
        borderRadius={5}
        overflow="hidden"
        backgroundColor="$card"
      >
        <View height={10} width={`${(100 * right) / Math.max(1, total)}%`} backgroundColor="$answer" />
      </View>
      <Words aria-hidden size="medium" tone="muted">
        {progressText(right, total)}
      </Words>
    </View>
  );
}
