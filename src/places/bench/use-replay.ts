import { useCallback, useEffect, useState } from 'react';
import { keys } from '@/keys/catalogue';
import { keyedOf } from '@/keys/log';
import { useStore } from '@/state/app-store';

export type Speed = 'slow' | 'medium' | 'fast';
const pauses: Readonly<Record<Speed, number>> = { slow: 1200, medium: 600, fast: 200 };

export type Replay = Readonly<{ keyed: readonly string[]; at: number; speed: Speed }>;

/** Does what an entry of a key log says, in the line being written. */
function redo(entry: string): void {
  const known = keyedOf(entry);
  const { press, paste, caretTo } = useStore.getState();
  if (known === null) return;
  if (known.kind === 'key') press(keys[known.id].does);
  else if (known.kind === 'typed') press({ type: 'type', text: known.char });
  else if (known.kind === 'put') paste(known.text, true);
  else caretTo(known.offset);
}

/** Presses the keys of a log one after another, for others to follow. */
export function useReplay(): {
  replay: Replay | null;
  begin: (keyed: readonly string[], speed: Speed) => void;
  stop: () => void;
} {
  const [replay, setReplay] = useState<Replay | null>(null);
  const stop = useCallback(() => setReplay(null), []);
  const begin = useCallback((keyed: readonly string[], speed: Speed) => {
    const { set, press } = useStore.getState();
    set({ style: 'written' });
    press({ type: 'edit', command: 'clear' });
    setReplay({ keyed, at: -1, speed });
  }, []);
  useEffect(() => {
    if (replay === null) return undefined;
    const { keyed, at, speed } = replay;
    const timer = setTimeout(() => {
      const next = at + 1;
      const entry = keyed[next];
      if (entry === undefined) return setReplay(null);
      redo(entry);
      return setReplay({ ...replay, at: next });
    }, pauses[speed]);
    return () => clearTimeout(timer);
  }, [replay]);
  return { replay, begin, stop };
}
