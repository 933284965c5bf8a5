import { useEffect, useRef, useState } from 'react';

/**
 * Whether something has been so for a while, and still is. What comes and goes within that time draws nothing anew and
 * sets one timer at most.
 */
export function useLasting(is: boolean, milliseconds: number): boolean {
  const [lasts, setLasts] = useState(false);
  const since = useRef<number | null>(null);
  const isTimed = useRef(false);
  useEffect(() => {
    since.current = is ? performance.now() : null;
    if (!is) return setLasts(false);
    if (isTimed.current) return undefined;
    const look = (): void => {
      isTimed.current = false;
      if (since.current === null) return;
      const left = since.current + milliseconds - performance.now();
      if (left <= 0) return setLasts(true);
      isTimed.current = true;
      setTimeout(look, left);
    };
    isTimed.current = true;
    setTimeout(look, milliseconds);
    return undefined;
  }, [is, milliseconds]);
  return is && lasts;
}
