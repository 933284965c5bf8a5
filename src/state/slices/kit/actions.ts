import { LONGEST_ENTRY } from '@/core/notebook/kit';
import type { Entries } from '@/core/notebook/kit';
import { overflow } from '@/state/slices/bounds';
import { notice } from '@/state/slices/notice';
import { changed } from '@/state/slices/state';
import type { Change } from '@/state/slices/state';

/** What is done to the entries of the tools of Kit. */
export type KitActions = Readonly<{
  /**
   * Entries of a tool under their names; those that are not named stay. `thought`: what it is about, so that going on with
   * it is one step of undo.
   */
  enter: (tool: string, entries: Entries, thought?: string) => void;
  /** Everything that was entered in a tool is taken out of it. */
  clearTool: (tool: string) => void;
}>;

const textsOf = (entries: Entries): readonly string[] => Object.values(entries).flat(2);

export const kitActions = (change: Change): KitActions => ({
  enter: (tool, entries, thought) =>
    change((state) => {
      const { document } = state;
      const full = overflow(LONGEST_ENTRY, ...textsOf(entries));
      if (full !== null) return full;
      const kit = { ...document.kit, [tool]: { ...document.kit[tool], ...entries } };
      return changed(
        state,
        'kit-entry',
        { ...document, kit },
        thought === undefined ? undefined : `${tool} ${thought}`,
      );
    }),
  clearTool: (tool) =>
    change((state) => {
      const { document } = state;
      if (document.kit[tool] === undefined) return {};
      const kit = Object.fromEntries(Object.entries(document.kit).filter(([id]) => id !== tool));
      return { ...changed(state, 'clear-tool', { ...document, kit }), notice: notice('tool-cleared', '', true) };
    }),
});
