import { DEFAULT_SETTINGS, settingIds, settingRecord, settingsSchema } from '@/core/notebook/settings';
import type { Settings } from '@/core/notebook/settings';
import { withMore } from '@/state/kernel/found';
import type { SavedPart } from '@/state/kernel/slice';

const broughtBy = (version: number): Partial<Settings> =>
  Object.fromEntries(
    settingIds.filter((id) => settingRecord(id).since === version).map((id) => [id, DEFAULT_SETTINGS[id]]),
  );
const versions = new Set(settingIds.flatMap((id) => settingRecord(id).since ?? []));

/** The settings: kept like the document, but changed by themselves and not undone. */
export const settingsPart: SavedPart<Settings> = {
  schema: settingsSchema,
  salvaged: (found, aside) => {
    const settings = aside.object('setting', '', found);
    const result: Record<string, unknown> = { ...DEFAULT_SETTINGS };
    for (const [key, schema] of Object.entries(settingsSchema.shape)) {
      const value = schema.safeParse(settings[key]);
      if (value.success) result[key] = value.data;
      else aside.put('setting', key, '', settings[key]);
    }
    return result as Settings;
  },
  // A notebook of before a setting was there has it as a fresh app does.
  migrations: Object.fromEntries(
    [...versions].map((version) => [version, (found) => withMore(found, broughtBy(version))]),
  ),
};
