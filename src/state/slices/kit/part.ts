import { entriesSchema, entrySchema, kitSchema, toolName } from '@/core/notebook/kit';
import type { Entries, SavedKit } from '@/core/notebook/kit';
import { isObject, readAs } from '@/state/kernel/found';
import type { Aside } from '@/state/kernel/aside';
import { defineSlice } from '@/state/kernel/slice';
import type { SavedPart } from '@/state/kernel/slice';

type KitDocument = Readonly<{ kit: SavedKit }>;

/** A text that can be worked again: the first of what was entered. */
const textIn = (found: unknown): string => {
  if (typeof found === 'string') return found;
  return Array.isArray(found) ? found.map(textIn).join('\n') : '';
};

/** The entries of a tool that are sound, each by itself. */
function entriesIn(tool: string, found: unknown, aside: Aside): Entries {
  const whole = readAs(entriesSchema, found);
  if (whole !== null || !isObject(found)) {
    if (whole === null) aside.put('tool', tool, textIn(found), found);
    return whole ?? {};
  }
  const result: Entries = {};
  for (const [name, part] of Object.entries(found)) {
    const entry = readAs(entrySchema, part);
    const isRoom = readAs(entriesSchema, { ...result, [name]: entry ?? '' }) !== null;
    if (entry !== null && isRoom) result[name] = entry;
    else aside.put('tool', `${tool}: ${name}`, textIn(part), part);
  }
  return result;
}

const kitPart: SavedPart<SavedKit> = {
  schema: kitSchema,
  salvaged: (found, aside) => {
    const result: SavedKit = {};
    for (const [tool, part] of Object.entries(aside.object('tool', '', found)))
      if (readAs(toolName, tool) === null || readAs(kitSchema, { ...result, [tool]: {} }) === null)
        aside.put('tool', tool, '', part);
      else result[tool] = entriesIn(tool, part, aside);
    return result;
  },
  migrations: { 9: () => ({}) },
};

const document: KitDocument = { kit: {} };

/** What was entered in the tools of Kit. */
export const kit = defineSlice({
  document,
  sight: {},
  steps: ['kit-entry', 'clear-tool'],
  notices: ['tool-cleared', 'table-cut', 'sheet-unreadable', 'sheet-too-long'],
  saved: { kit: kitPart },
  toSaved: (d: KitDocument) => ({ kit: d.kit }),
  fromSaved: (saved) => ({ document: { kit: saved.kit }, sight: {} }),
});
