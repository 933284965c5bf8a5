import { useState } from 'react';
import { nextOf, runIn } from '@/core/practice/run';
import { useEntries } from '@/places/kit/parts/use-entries';
import { practiceEntries } from './inputs';
import { Running } from './Running';
import { Start } from './Start';
import { Summary } from './Summary';

/** Practice: a series is chosen, worked through, and summed up. */
export function Practice() {
  const [entries, enter] = useEntries(practiceEntries);
  const [isPaused, setPaused] = useState(false);
  const run = runIn(entries.run);
  const props = { entries, enter };
  if (run.length === 0 || isPaused)
    return <Start {...props} run={run} onBegun={() => setPaused(false)} onGoOn={() => setPaused(false)} />;
  const at = nextOf(run);
  return at === null ? (
    <Summary {...props} run={run} />
  ) : (
    <Running {...props} run={run} onPause={() => setPaused(true)} />
  );
}
