import { View } from '@tamagui/core';
import { useEffect, useState } from 'react';
import { stopWork, useStore } from '@/state/app-store';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';

/** Work that lasts longer than this is shown, and can be stopped. */
const SLOW_MS = 1000;

/** True once something has been under way for a second. */
function useSlowWork(isWorking: boolean): boolean {
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

/** Says that an answer takes its time, and stops it. */
export function SlowWork() {
  const isSlow = useSlowWork(useStore((s) => s.live.kind === 'working' || s.work !== null));
  if (!isSlow) return null;
  return (
    <View flexDirection="row" alignItems="center" paddingHorizontal="$3" backgroundColor="$card">
      <Button keepsFocus onPress={stopWork}>{`${words.working} ${words.stop}`}</Button>
    </View>
  );
}
