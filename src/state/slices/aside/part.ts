import { z } from 'zod/mini';
import { MOST_SET_ASIDE, setAsideSchema } from '@/core/notebook/set-aside';
import type { SetAside } from '@/core/notebook/set-aside';
import { defineSlice } from '@/state/kernel/slice';
import type { SavedPart } from '@/state/kernel/slice';

type AsideDocument = Readonly<{
  /** What could not be read, each part by itself. */
  setAside: readonly SetAside[];
}>;

const setAside: SavedPart<SetAside[]> = {
  schema: z.array(setAsideSchema).check(z.maxLength(MOST_SET_ASIDE)),
  // Comes last of all parts, so that what was found unsound in the others is in it.
  salvaged: (_, aside) => aside.all(),
  migrations: { 7: () => [] },
};

const document: AsideDocument = { setAside: [] };

/** Parts that were set aside, until they are removed. */
export const aside = defineSlice({
  document,
  sight: {},
  steps: ['remove-aside'],
  notices: ['aside-removed', 'tabs-differ', 'parts-set-aside'],
  saved: { setAside },
  toSaved: (d: AsideDocument) => ({ setAside: [...d.setAside] }),
  fromSaved: (saved) => ({ document: { setAside: saved.setAside }, sight: {} }),
});
