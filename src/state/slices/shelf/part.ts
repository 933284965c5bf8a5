import { z } from 'zod/mini';
import { keptSchema, registerName } from '@/core/notebook/schema';
import type { SavedShelf } from '@/core/notebook/schema';
import { decode } from '@/core/notebook/value-codec';
import { isObject, memberOf, readAs } from '@/state/kernel/found';
import type { Old } from '@/state/kernel/found';
import { defineSlice } from '@/state/kernel/slice';
import type { SavedPart } from '@/state/kernel/slice';

type ShelfDocument = Readonly<{ shelf: SavedShelf }>;

/** Before version 4 there were letters only: they did not know when they were kept, and were told with their own name. */
const dated = (letters: unknown): unknown =>
  isObject(letters)
    ? Object.fromEntries(Object.entries(letters).map(([name, kept]) => [name, isObject(kept) ? keptThen(kept) : kept]))
    : letters;
const keptThen = (kept: Old): Old => {
  const { from } = kept;
  return { ...kept, from: typeof from === 'string' ? from.replace(/^[A-Z]\s*:=\s*/, '') : from, line: null, at: null };
};

const shelfPart: SavedPart<SavedShelf> = {
  schema: z.record(registerName, keptSchema),
  salvaged: (found, aside) => {
    const result: SavedShelf = {};
    for (const [name, part] of Object.entries(aside.object('place', '', found))) {
      const kept = registerName.safeParse(name).success ? readAs(keptSchema, part) : null;
      if (kept !== null && decode(kept.value) !== null) result[name] = kept;
      else aside.put('place', name, memberOf(part, 'from'), part);
    }
    return result;
  },
  migrations: { 4: (_, old) => dated(old['letters']) },
};

const document: ShelfDocument = { shelf: {} };

/** Letters, slots and the running total. */
export const shelf = defineSlice({
  document,
  sight: {},
  steps: ['keep', 'change-kept', 'clear-place', 'clear-slots', 'clear-letters'],
  notices: [
    'place-kept',
    'place-changed',
    'place-cleared',
    'letters-cleared',
    'slots-cleared',
    'digits-recalled',
    'nothing-to-keep',
  ],
  saved: { shelf: shelfPart },
  toSaved: (d: ShelfDocument) => ({ shelf: d.shelf }),
  fromSaved: (saved) => ({ document: { shelf: saved.shelf }, sight: {} }),
});
