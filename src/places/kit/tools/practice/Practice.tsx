import { useState } from 'react';
import { answeredOf, nextOf, runIn, runRows } from '@/core/practice/run';
import { sheetIn } from '@/core/practice/sheet-schema';
import { useEntries } from '@/places/kit/parts/use-entries';
import { practiceWords } from '@/text/kit/practice';
import { sheetWords } from '@/text/kit/sheets';
import { practiceEntries } from './inputs';
import { Running } from './Running';
import { SheetEnd } from './SheetEnd';
import { SheetStart } from './SheetStart';
import { Start } from './Start';
import { Summary } from './Summary';

/** Practice: a series is chosen, or a sheet opened; it is worked through, and summed up. */
export function Practice() {
  const [entries, enter] = useEntries(practiceEntries);
  const [isPaused, setPaused] = useState(false);
  // The last answer is told before the end is.
  const [hasSeen, setSeen] = useState(true);
  // A series may be ended, a sheet handed in and gone on with, at any time.
  const [isStopped, setStopped] = useState(false);
  const run = runIn(entries.run);
  const sheet = entries.sheet === '' ? null : sheetIn(entries.sheet);
  const props = { entries, enter, run };
  if (run.length === 0 && sheet !== null) return <SheetStart {...props} sheet={sheet} />;
  const goOn = (): void => setPaused(false);
  if (run.length === 0 || isPaused) return <Start {...props} onBegun={goOn} onGoOn={goOn} />;
  const isQuiet = sheet !== null && !sheet.tells;
  const next = isQuiet ? run.findIndex(({ last }) => last === null) : nextOf(run);
  const isDone = (next === null || next < 0) && hasSeen;
  const goOnAgain = (): void => setStopped(false);
  if (sheet !== null && (isDone || isStopped))
    return <SheetEnd {...props} sheet={sheet} onGoOn={isDone ? null : goOnAgain} />;
  if (isDone || isStopped) return <Summary {...props} onClose={goOnAgain} />;
  /** What was answered is summed up or handed in; a series of which nothing was answered is put away. */
  const stop = (): void => {
    const done = answeredOf(run);
    setSeen(true);
    setStopped(sheet !== null || done.length > 0);
    if (sheet === null) enter({ run: runRows(done) });
  };
  return (
    <Running
      {...props}
      next={next === null || next < 0 ? null : next}
      isQuiet={isQuiet}
      angle={sheet?.angle ?? null}
      onAnswered={() => setSeen(false)}
      onEnd={() => setSeen(true)}
      stopName={sheet === null ? practiceWords.stop : sheetWords.handIn}
      onStop={stop}
      onPause={() => setPaused(true)}
    />
  );
}
