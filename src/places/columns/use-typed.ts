import { useState } from 'react';
import { valuesOf } from '@/core/language/value-list';
import { useStore } from '@/state/app-store';
import { optionsOf } from '@/state/slices/bench/reading';
import { toCanonicalText } from '@/state/slices/curves/actions';
import { spelled } from './spelled';
import { convertNotation } from '@/state/slices/bench/notation';

/** How a field is read and shown: as one number, or as a list of them. */
type Spelling = Readonly<{ kept: (typed: string) => string | null; shown: (kept: string) => string }>;

function useDraft(kept: string, onKeep: (plain: string) => void, { kept: read, shown }: Spelling) {
  const [draft, setDraft] = useState<Readonly<{ text: string; of: string; isRead: boolean }> | null>(null);
  const own = draft !== null && draft.of === kept ? draft : { text: shown(kept), isRead: true };
  return {
    text: own.text,
    /** Whether what is kept is what stands in the field. */
    isRead: own.isRead,
    onChange: (next: string): void => {
      const plain = next.trim() === '' ? '' : read(next);
      setDraft({ text: next, of: plain ?? kept, isRead: plain !== null });
      if (plain !== null) onKeep(plain);
    },
  };
}

const POINT = { decimalSign: '.', impliedFirst: false } as const;

/** A field for a number that is kept as typed text with a point; what cannot be read yet stays in the field alone. */
export function useTyped(kept: string, onKeep: (plain: string) => void) {
  const { decimalSign } = useStore((s) => s.settings.display);
  return useDraft(kept, onKeep, {
    kept: (typed) => toCanonicalText(typed, useStore.getState().settings),
    shown: (plain) => convertNotation(plain, POINT, { decimalSign, impliedFirst: false }),
  });
}

/** The same for a list of numbers, which is kept with points and commas. */
export function useTypedList(kept: string, onKeep: (plain: string) => void) {
  const { decimalSign } = useStore((s) => s.settings.display);
  return useDraft(kept, onKeep, {
    kept: (typed) => {
      const { settings } = useStore.getState();
      const texts = valuesOf(typed, optionsOf(settings)).map((text) => toCanonicalText(text, settings));
      return texts.includes(null) ? null : texts.join(', ');
    },
    shown: (plain) => spelled(plain, decimalSign),
  });
}
