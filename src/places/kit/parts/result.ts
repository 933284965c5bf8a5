import type { Form } from '@/core/format/form';
import type { SavedValue } from '@/core/notebook/value-codec';

/**
 * Something that a tool found: what it is called, its forms, and how it came about as typed text with a point.
 * `saved`: null for what cannot be kept, such as a solution with parameters.
 */
export type Result = Readonly<{
  name: string;
  forms: readonly Form[];
  saved: SavedValue | null;
  full: string;
  from: string;
}>;
