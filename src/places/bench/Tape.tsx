import { memo, useCallback, useMemo } from 'react';
import type { FormId } from '@/core/format/form';
import { useStore } from '@/state/app-store';
import { outdated } from '@/state/slices/tape/line';
import { FirstSteps } from './FirstSteps';
import { useFirstVisit } from './first-visit';
import { later } from '@/places/frame/Boundary';
import { NewestLines } from '@/ui/tape/TapeLines';
import type { LinesProps } from '@/ui/tape/TapeLines';
import { SHORT_TAPE, TapeList } from '@/ui/tape/TapeList';

const newestLines = (props: LinesProps) => <NewestLines count={SHORT_TAPE} {...props} />;

const LongTape = later(async () => (await import('@/places/beside-the-bench')).LongTape, newestLines);

type Props = Readonly<{ onOpen: (id: string) => void; onAgain: (id: string) => void }>;

/** The tape, joined to the state. */
export const Tape = memo(function Tape({ onOpen, onAgain }: Props) {
  const tape = useStore((s) => s.document.tape);
  const old = useMemo(() => outdated(tape), [tape]);
  const grouping = useStore((s) => s.settings.display.grouping);
  // The number shown has its forms below the tape.
  const isRunning = useStore((s) => s.settings.style === 'running');
  const { isNew, done } = useFirstVisit(tape.length > 0);
  const onUseLine = useCallback((id: string) => useStore.getState().useLine(id), []);
  const onUseAnswer = useCallback((id: string) => useStore.getState().useAnswer(id), []);
  const onChoose = useCallback((id: string, form: FormId) => useStore.getState().chooseTapeForm(id, form), []);
  return (
    <TapeList
      Long={LongTape}
      tape={tape}
      grouping={grouping}
      onOpen={onOpen}
      onUseLine={onUseLine}
      onUseAnswer={onUseAnswer}
      outdated={old}
      onAgain={onAgain}
      {...(isRunning ? {} : { onChoose })}
      {...(isNew ? { empty: <FirstSteps onDone={done} /> } : {})}
    />
  );
});
