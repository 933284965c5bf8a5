import { useEffect, useState } from 'react';
import { keepOffline } from '@/platform/new-version';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { NoticeBar } from '@/ui/frame/NoticeBar';

/** The page itself comes first. */
const AFTER_MS = 1500;

/** Offers a newer version when there is one; it waits as long as one likes. */
export function NewVersion() {
  const [ready, setReady] = useState<{ takeOver: () => void } | null>(null);
  useEffect(() => {
    let stop = (): void => undefined;
    let isGone = false;
    const begin = setTimeout(() => {
      keepOffline((takeOver) => setReady({ takeOver })).then(
        (end) => {
          if (isGone) end();
          else stop = end;
        },
        () => undefined,
      );
    }, AFTER_MS);
    return () => {
      isGone = true;
      clearTimeout(begin);
      stop();
    };
  }, []);
  if (ready === null) return null;
  return (
    <NoticeBar
      actions={
        <>
          <Button onPress={ready.takeOver}>{words.reload}</Button>
          <Button isPlain onPress={() => setReady(null)}>
            {words.later}
          </Button>
        </>
      }
    >
      {words.newVersion}
    </NoticeBar>
  );
}
