import { DEFAULT_SETTINGS } from '@/core/notebook/defaults';
import { settingsSchema } from '@/core/notebook/schema';
import type { Settings } from '@/core/notebook/schema';
import { withMore } from '@/state/kernel/found';
import type { SavedPart } from '@/state/kernel/slice';

/** The settings: kept like the document, but changed by themselves and not undone. */
export const settingsPart: SavedPart<Settings> = {
  schema: settingsSchema,
  salvaged: (found, aside) => {
    const settings = aside.object('setting', '', found);
    const made: Record<string, unknown> = { ...DEFAULT_SETTINGS };
    for (const [key, schema] of Object.entries(settingsSchema.shape)) {
      const value = schema.safeParse(settings[key]);
      if (value.success) made[key] = value.data;
      else aside.put('setting', key, '', settings[key]);
    }
    return made as Settings;
  },
  migrations: {
    2: (found) => withMore(found, { complex: false }),
    3: (found) => withMore(found, { view: 'boxed', slash: 'fraction', form: null, keyStrip: false }),
    4: (found) =>
      withMore(found, {
        style: 'written',
        order: 'precedence',
        depth: 'unlimited',
        fractions: 'improper',
        complexForm: 'rectangular',
        textSize: 100,
        sound: false,
        haptics: false,
      }),
  },
};
