import type { KeyAction } from '@/keys/catalogue';
import type { GridPlace } from '@/ui/grid/Grid';

/** The cell at hand, and how it is being written: not at all, or begun by a stroke. */
export type At = GridPlace & Readonly<{ isWritten: boolean; first: KeyAction | null }>;
