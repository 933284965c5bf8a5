import type { z } from 'zod/mini';

/** The groups in which settings stand on their sheet. */
export const settingGroups = ['numbers', 'entry', 'look'] as const;
export type SettingGroup = (typeof settingGroups)[number];

/** How it is set: on or off, one of a few, or by parts of a screen that are its own. */
type Control =
  | Readonly<{ kind: 'switch' }>
  | Readonly<{ kind: 'choice'; of: readonly (string | number | null)[] }>
  | Readonly<{ kind: 'display' }>;

/**
 * A setting, whole: the notebook, links, the sheet of settings and the tests read this. What it is called stands in
 * `text/settings.ts`, under its name, where a missing word does not compile.
 */
export type SettingRecord = Readonly<{
  schema: z.ZodMiniType;
  /** What it is in a fresh app, and in a notebook that knows nothing of it or where it cannot be read. */
  first: unknown;
  group: SettingGroup;
  control: Control;
  /** The version of the notebook that brought it; absent where the first had it. */
  since?: number;
  /** Values may look otherwise when it changes, so that known forms are worked anew. */
  changesForms?: boolean;
  /** Whether settings that are handed on carry it: always, or not in those that were made before it was there. */
  handedOn?: 'always' | 'maybe';
  /** The switch that has to be on for it to mean anything. */
  onlyWith?: string;
  /** What the device has to be able to do. */
  device?: 'sound' | 'haptics';
}>;

export const defineSetting = <const R extends SettingRecord>(
  record: R & Readonly<{ first: z.infer<R['schema']> }>,
): R => record;
