import { itemAt } from '@/core/base/item';
import { z } from 'zod/mini';
import { MOST_LINES, tapeLineSchema } from '@/core/notebook/schema';
import type { TapeLine } from '@/core/notebook/schema';
import { decode } from '@/core/notebook/value-codec';
import { eachWith, memberOf, readAs, withOwnIds } from '@/state/kernel/found';
import { defineSlice } from '@/state/kernel/slice';
import type { SavedPart } from '@/state/kernel/slice';

type TapeDocument = Readonly<{ tape: readonly TapeLine[] }>;

/** A line as it was found; what it only names, such as the form chosen, is put right where it is not there. */
function lineIn(found: unknown): TapeLine | null {
  const line = readAs(tapeLineSchema, found);
  if (line === null || (line.value !== null && decode(line.value) === null)) return null;
  const forms = line.forms.filter(({ id }, i) => line.forms.findIndex((other) => other.id === id) === i);
  const isChosen = forms.some(({ id }) => id === line.chosen);
  return forms.length === line.forms.length && isChosen
    ? line
    : { ...line, forms, chosen: isChosen ? line.chosen : itemAt(forms, 0).id };
}

const tapePart: SavedPart<TapeLine[]> = {
  schema: z.array(tapeLineSchema).check(z.maxLength(MOST_LINES)),
  salvaged: (found, aside) => {
    const lines: TapeLine[] = [];
    for (const [i, part] of aside.list('tape', '', found).entries()) {
      const line = i < MOST_LINES ? lineIn(part) : null;
      if (line === null) aside.put('tape', `${i + 1}`, memberOf(part, 'text'), part);
      else lines.push(line);
    }
    return withOwnIds(lines, 'l');
  },
  migrations: {
    2: (found) => eachWith(found, { complex: false }),
    3: (found) => eachWith(found, { own: null, tried: {}, keys: [], pinned: false, note: '' }),
    4: (found) => eachWith(found, { addition: null }),
  },
};

const document: TapeDocument = { tape: [] };

/** Finished lines. */
export const tape = defineSlice({
  document,
  sight: {},
  steps: ['remove-line', 'clear-tape', 'choose-form', 'work-again', 'note', 'pin'],
  notices: ['tape-cleared', 'tape-cleared-but-pinned', 'line-removed'],
  saved: { tape: tapePart },
  toSaved: (d: TapeDocument) => ({ tape: [...d.tape] }),
  fromSaved: (saved) => ({ document: { tape: saved.tape }, sight: {} }),
});
