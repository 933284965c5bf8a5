import { useEffect, useState } from 'react';

/** Whether something has been so for a while, and still is; what comes and goes within that time draws nothing anew. */
export function useLasting(is: boolean, milliseconds: number): boolean {
  const [lasts, setLasts] = useState(false);
  useEffect(() => {
    if (!is) return undefined;
    let isTold = false;
    const timer = setTimeout(() => {
      isTold = true;
      setLasts(true);
    }, milliseconds);
    return () => {
      clearTimeout(timer);
      if (isTold) setLasts(false);
    };
  }, [is, milliseconds]);
  return is && lasts;
}
