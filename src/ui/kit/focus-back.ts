import { useEffect, useState } from 'react';

/** What had the focus when a panel was opened has it again when the panel is gone: it is taken away while it is open. */
export function useFocusBack(): void {
  const [before] = useState(() => document.activeElement);
  useEffect(
    () => () => {
      if (before instanceof HTMLElement && before.isConnected) before.focus();
    },
    [before],
  );
}
