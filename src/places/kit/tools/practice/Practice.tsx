import { useState } from 'react';
import { nextOf, runIn } from '@/core/practice/run';
import { sheetIn } from '@/core/practice/sheet-schema';
import { useEntries } from '@/places/kit/parts/use-entries';
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
  const run = runIn(entries.run);
  const sheet = entries.sheet === '' ? null : sheetIn(entries.sheet);
  const props = { entries, enter, run };
  if (run.length === 0 && sheet !== null) return <SheetStart {...props} sheet={sheet} />;
  const goOn = (): void => setPaused(false);
  if (run.length === 0 || isPaused) return <Start {...props} onBegun={goOn} onGoOn={goOn} />;
  const isQuiet = sheet !== null && !sheet.tells;
  const next = isQuiet ? run.findIndex(({ last }) => last === null) : nextOf(run);
  if ((next === null || next < 0) && hasSeen)
    return sheet === null ? <Summary {...props} /> : <SheetEnd {...props} sheet={sheet} />;
  return (
    <Running
      {...props}
      next={next === null || next < 0 ? null : next}
      isQuiet={isQuiet}
      angle={sheet?.angle ?? null}
      onAnswered={() => setSeen(false)}
      onEnd={() => setSeen(true)}
      onPause={() => setPaused(true)}
    />
  );
}
