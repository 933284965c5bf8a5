import { z } from 'zod/mini';
import { settings } from './setting-records';
import type { SettingRecord } from './setting';

/* What follows from the records of the settings: their schema, their first values, and what is handed on to others. */

type Records = typeof settings;
export type SettingId = keyof Records;
export type Settings = { -readonly [K in SettingId]: z.infer<Records[K]['schema']> };

/** The settings of which a part of their record says something. */
type Marked<P extends keyof SettingRecord, V> = {
  [K in SettingId]: Records[K] extends Readonly<Record<P, V>> ? K : never;
}[SettingId];

export const settingIds = Object.keys(settings) as readonly SettingId[];

/** The record of a setting with all that it may say. */
export const settingRecord = (id: SettingId): SettingRecord => settings[id];

/** What a part of each record is, by the names of the settings. */
const byId = <T>(of: (record: SettingRecord) => T): Record<SettingId, T> =>
  Object.fromEntries(settingIds.map((id) => [id, of(settingRecord(id))])) as Record<SettingId, T>;

type Shape = { -readonly [K in SettingId]: Records[K]['schema'] };

export const settingsSchema = z.object(byId(({ schema }) => schema) as Shape);

/** The settings of a fresh app, and what stands in for a setting that cannot be read. */
export const DEFAULT_SETTINGS = byId(({ first }) => first) as Settings;

/** Whether values look the same under both. */
export const isShownSame = (a: Settings, b: Settings): boolean =>
  settingIds.every((id) => settingRecord(id).changesForms !== true || a[id] === b[id]);

const marked = <V extends 'always' | 'maybe'>(how: V) =>
  Object.fromEntries(settingIds.filter((id) => settingRecord(id).handedOn === how).map((id) => [id, true])) as Record<
    Marked<'handedOn', V>,
    true
  >;

/** The settings that are handed on to others, such as a class. */
export const handedOnSchema = z.extend(
  z.pick(settingsSchema, marked('always')),
  z.partial(z.pick(settingsSchema, marked('maybe'))).shape,
);

/** The part of the settings that is handed on: all that their records mark for it. */
export const handedOn = (settings: Settings): z.infer<typeof handedOnSchema> =>
  Object.fromEntries(
    settingIds.filter((id) => settingRecord(id).handedOn !== undefined).map((id) => [id, settings[id]]),
  ) as z.infer<typeof handedOnSchema>;

/** What is handed on, without what it leaves open. */
export const givenSettings = (handed: Partial<z.infer<typeof handedOnSchema>>): Partial<Settings> =>
  Object.fromEntries(Object.entries(handed).filter(([, value]) => value !== undefined));
