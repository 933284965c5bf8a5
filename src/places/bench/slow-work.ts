import { useEffect, useState } from 'react';

/** Work that lasts longer than this is shown, and can be stopped. */
const SLOW_MS = 1000;

/** True once something has been under way for a second. */
export function useSlowWork(isWorking: boolean): boolean {
  const [isSlow, setSlow] = useState(false);
  useEffect(() => {
    if (!isWorking) return undefined;
    const timer = setTimeout(() => setSlow(true), SLOW_MS);
    return () => {
      clearTimeout(timer);
      setSlow(false);
    };
  }, [isWorking]);
  return isSlow && isWorking;
}
