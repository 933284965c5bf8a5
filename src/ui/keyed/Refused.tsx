import { View } from '@tamagui/core';
import type { Problem } from '@/core/base/problem';
import { problemText } from '@/text/problems';
import { Words } from '../theme/text';

/** What the last key could not do, and the expression that it would have made. */
export function Refused({ problem, text }: Readonly<{ problem: Problem; text: string }>) {
  return (
    <View role="alert" gap={2}>
      <Words size="medium" tone="accent">
        {problemText(problem)}
      </Words>
      {text === '' ? null : (
        <Words size="medium" tone="muted" className="scroll-x" whiteSpace="nowrap">
          {text}
        </Words>
      )}
    </View>
  );
}
