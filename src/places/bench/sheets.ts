import type { TapeLine } from '@/core/notebook/schema';

/** A finished line, or the line being written. */
export type LineRef = TapeLine | 'now';

/** Which panel is open over the Bench. */
export type OpenSheet =
  | Readonly<{ sheet: 'settings' | 'style' | 'tape' | 'find' | 'menu' | 'digits' }>
  | Readonly<{ sheet: 'line'; id: string }>
  | Readonly<{ sheet: 'level'; level: number }>
  | Readonly<{ sheet: 'again'; line: TapeLine }>
  | Readonly<{ sheet: 'steps' | 'angle' | 'keys' | 'class'; of: LineRef }>;
