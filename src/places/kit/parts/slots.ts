import type { AngleUnit } from '@/core/base/angle';
import { useCallback, useMemo, useState } from 'react';
import type { KeyAction } from '@/keys/catalogue';

/**
 * A text that can be written in a tool. `after`: where Next and Tab lead, `below`: where the key that answers leads; null
 * where the writing ends. `keep` takes typed text with a point.
 */
export type Slot = Readonly<{
  id: string;
  name: string;
  text: string;
  keep: (text: string) => void;
  after: string | null;
  below: string | null;
  /** A cell of a table that is written across or down, as the settings have it. */
  isInTable?: boolean;
  isEquation?: boolean;
  /** The unit of its angles, where that is not the one that is set. */
  angle?: AngleUnit;
  /** A digit is all that is wanted of it, where that is chosen. */
  isQuick?: boolean;
}>;

/** Which slot is being written, and by which stroke the writing began. */
export type Writing = Readonly<{
  open: string | null;
  first: KeyAction | null;
  write: (id: string | null, first?: KeyAction | null) => void;
}>;

export function useWriting(): Writing {
  const [at, setAt] = useState<Readonly<{ open: string | null; first: KeyAction | null }>>({ open: null, first: null });
  const write = useCallback((open: string | null, first: KeyAction | null = null) => setAt({ open, first }), []);
  return useMemo(() => ({ ...at, write }), [at, write]);
}

/** Slots that follow each other: Next and the key that answers both lead on. */
export const inTurn = (slots: readonly Omit<Slot, 'after' | 'below'>[]): readonly Slot[] =>
  slots.map((slot, i) => ({ ...slot, after: slots[i + 1]?.id ?? null, below: slots[i + 1]?.id ?? null }));
