import type { ReactNode } from 'react';
import { useWriting } from './slots';
import type { Slot } from './slots';
import { ToolFrame } from './ToolFrame';

type Props = Readonly<{
  tool: Readonly<{ id: string }>;
  name: string;
  above?: ReactNode;
  entries: ReactNode;
  results?: ReactNode;
}>;

const NO_SLOTS: readonly Slot[] = [];

/** The frame of a tool's screen on which nothing is keyed: a start, an end, what came back. */
export function ReadFrame({ tool, results = null, ...shown }: Props) {
  const writing = useWriting();
  return (
    <ToolFrame
      {...shown}
      id={tool.id}
      slots={NO_SLOTS}
      writing={writing}
      hasAngles={false}
      hasClear={false}
      results={results}
    />
  );
}
