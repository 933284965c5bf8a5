import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Slow } from '@/places/columns/Slow';
import type { TaskState } from '@/state/use-task';
import { problemText } from '@/text/problems';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{ task: TaskState<unknown>; children: ReactNode }>;

/** What a task found: pale while it is out of date, told when it takes long, with what went wrong with all of it. */
export function Worked({ task, children }: Props) {
  const { isStale, state, share, problem, stop } = task;
  return (
    <View gap="$2" aria-busy={isStale} opacity={isStale ? 0.6 : 1}>
      <Slow isSlow={state === 'slow'} share={share} onStop={stop} />
      {problem === null ? null : (
        <Words role="alert" tone="accent">
          {problemText(problem)}
        </Words>
      )}
      {children}
    </View>
  );
}
