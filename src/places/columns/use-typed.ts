import { useState } from 'react';
import { useStore } from '@/state/app-store';
import { toCanonicalText } from '@/state/slices/curves/actions';
import { convertNotation } from '@/state/slices/bench/notation';

/** A field for a number that is kept as typed text with a point; what cannot be read yet stays in the field alone. */
export function useTyped(kept: string, onKeep: (plain: string) => void) {
  const { decimalSign } = useStore((s) => s.settings.display);
  const spelled = convertNotation(
    kept,
    { decimalSign: '.', impliedFirst: false },
    { decimalSign, impliedFirst: false },
  );
  const [draft, setDraft] = useState<Readonly<{ text: string; of: string; isRead: boolean }> | null>(null);
  const own = draft !== null && draft.of === kept ? draft : { text: spelled, isRead: true };
  return {
    text: own.text,
    /** Whether what is kept is what stands in the field. */
    isRead: own.isRead,
    onChange: (next: string): void => {
      const plain = next.trim() === '' ? '' : toCanonicalText(next, useStore.getState().settings);
      setDraft({ text: next, of: plain ?? kept, isRead: plain !== null });
      if (plain !== null) onKeep(plain);
    },
  };
}
