import type { KeyAction } from '@/keys/catalogue';
import type { CellPlace } from '@/ui/grid/cell';

/** The cell at hand, and how it is being written: not at all, or begun by a stroke. */
export type At = CellPlace & Readonly<{ isWritten: boolean; first: KeyAction | null }>;
