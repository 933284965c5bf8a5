import type { AngleUnit } from '@/core/base/angle';
import type { SavedForm } from '@/core/notebook/schema';

/** What the line card needs of an answer. */
export type LineAnswerView = Readonly<{
  readAs: Readonly<{ text: string; typed: string; isAmbiguous: boolean }>;
  forms: readonly SavedForm[];
  otherUnit: Readonly<{ unit: AngleUnit; text: string; exact: boolean }> | null;
  /** The line with `rad` after the angles that hold π, while another unit is set. */
  inRadians: string | null;
  isTooCold: boolean;
}>;
