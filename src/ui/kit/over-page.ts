import { useEffect, useRef, useState } from 'react';
import { closedByBack } from '@/platform/back';

/** What had the focus has it again; where nothing had it, or it is gone, the heading of the place, so that Tab goes on there. */
function focusAgain(before: Element | null): void {
  if (before instanceof HTMLElement && before.isConnected && before !== document.body) before.focus();
  else document.querySelector<HTMLElement>('[role="main"] [role="heading"][aria-level="1"]')?.focus();
}

/**
 * What lies over the page is closed by the browser's Back too; and what had the focus when it was opened has it again when
 * it is gone, which is taken away while it is open.
 */
export function useOverPage(onClose: () => void): void {
  const [before] = useState(() => document.activeElement);
  const latest = useRef(onClose);
  useEffect(() => {
    latest.current = onClose;
  });
  useEffect(() => {
    const closed = closedByBack(() => latest.current());
    return () => {
      closed();
      focusAgain(before);
    };
  }, [before]);
}
