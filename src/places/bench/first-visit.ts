import { useCallback, useEffect, useState } from 'react';
import { noteSeen, wasSeen } from '@/platform/seen';

const MARK = 'first-steps';

/** Whether this is the first visit to this device, until something is answered or that is said to be known. */
export function useFirstVisit(hasAnswered: boolean): Readonly<{ isNew: boolean; done: () => void }> {
  const [isNew, setNew] = useState(() => !wasSeen(MARK));
  const done = useCallback(() => {
    noteSeen(MARK);
    setNew(false);
  }, []);
  if (isNew && hasAnswered) setNew(false);
  useEffect(() => {
    if (hasAnswered) noteSeen(MARK);
  }, [hasAnswered]);
  return { isNew, done };
}
