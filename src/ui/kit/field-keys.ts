import { createContext, useCallback, useMemo, useRef, useState } from 'react';
import { changed } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import type { TypedLine } from '@/core/line/typed-line';
import type { ReadingOptions } from '@/core/language/tokens';
import type { KeyAction } from '@/keys/catalogue';
import { isLineAction } from '@/keys/press';

/** A field while it has the focus: what stands in it, with caret and selection, and a way to put something else there. */
export type FocusedField = Readonly<{ read: () => TypedLine; write: (line: TypedLine) => void }>;

/** Told which field has the focus, or that none has; null where there are no keys beside the fields. */
export const FieldKeys = createContext<((field: FocusedField | null) => void) | null>(null);

const isTyped = (line: Line | null): line is TypedLine => line?.kind === 'typed';

/** The keys of a deck, for the field beside it that has the focus. */
export function useFieldKeys(options: ReadingOptions) {
  const field = useRef<FocusedField | null>(null);
  const [hasField, setHasField] = useState(false);
  const onFocus = useCallback((next: FocusedField | null) => {
    field.current = next;
    setHasField(next !== null);
  }, []);
  /** Whether a field took the key. What ends a line or takes a step back is not for it. */
  const take = useCallback(
    (action: KeyAction): boolean => {
      const { current } = field;
      if (current === null || !isLineAction(action)) return false;
      const next = changed(current.read(), action, options);
      if (isTyped(next)) current.write(next);
      return true;
    },
    [options],
  );
  return useMemo(() => ({ hasField, onFocus, take }), [hasField, onFocus, take]);
}
