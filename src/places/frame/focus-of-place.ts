import { useEffect, useRef } from 'react';
import { afterPaint } from '@/platform/paint';
import { MAIN_ID } from '@/ui/frame/Places';
import { LINE_INPUT_ID } from '@/ui/line/stroke';
import { KEYED_AREA_ID } from '@/ui/keyed/area';

/** A place that is fetched first may take so long to stand there. */
const MOST_FRAMES = 200;

/** Where work in a place begins: what is written into on the Bench, else its heading. */
const beginning = (): HTMLElement | null =>
  document.getElementById(LINE_INPUT_ID) ??
  document.getElementById(KEYED_AREA_ID) ??
  document.querySelector<HTMLElement>(`#${MAIN_ID} h1, #${MAIN_ID} [role="heading"][aria-level="1"]`);

/** Lets the focus follow to a place that was gone to, so that a screen reader says where it is now. */
export function useFocusOfPlace(path: string, isReady: boolean): void {
  const last = useRef<string | null>(null);
  useEffect(() => {
    if (!isReady) return undefined;
    const isFirst = last.current === null;
    if (last.current === path) return undefined;
    last.current = path;
    if (isFirst) return undefined;
    let callOff = (): void => undefined;
    const go = (triesLeft: number): void => {
      callOff = afterPaint(() => {
        const isHeld = document.activeElement?.closest(`#${MAIN_ID}, [role="dialog"]`) != null;
        if (isHeld) return;
        const place = beginning();
        if (place !== null) place.focus({ preventScroll: true });
        else if (triesLeft > 0) go(triesLeft - 1);
      });
    };
    go(MOST_FRAMES);
    return () => callOff();
  }, [path, isReady]);
}
