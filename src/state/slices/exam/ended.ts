import { isEmptyLine } from '@/core/line/line';
import { asidePart, freeAsideId } from '@/core/notebook/set-aside';
import type { SetAside } from '@/core/notebook/set-aside';
import { settingIds, settingRecord } from '@/core/notebook/settings';
import type { Settings } from '@/core/notebook/settings';
import { isObject, listOf } from '@/state/kernel/found';
import { freeIds } from '@/state/kernel/merging';
import { lineText } from '@/state/slices/bench/reading';
import { fromNotebook, readNotebookData } from '@/state/slices/notebook';
import { EMPTY_DOCUMENT, settingsFor } from '@/state/slices/parts';
import type { Document, Kept } from '@/state/slices/parts';

/** Settings as they were, but for how the page looks. */
const settingsBack = (before: Settings, now: Settings): Settings => ({
  ...before,
  ...Object.fromEntries(settingIds.filter((id) => settingRecord(id).group === 'look').map((id) => [id, now[id]])),
});

/** What came about during the examination at the end of what was put aside, under ids of its own. */
function joined<T extends Readonly<{ id: string }>>(
  before: readonly T[],
  during: readonly T[],
  letter: string,
): readonly T[] {
  const freeId = freeIds(
    before.map(({ id }) => id),
    letter,
  );
  return [...before, ...during.map((item) => ({ ...item, id: freeId() }))];
}

/** What an examination put aside; null where it cannot be found. */
export function keptBefore({ exam }: Document): Kept | null {
  const [before] = exam?.before ?? [];
  const loaded = before === undefined ? null : readNotebookData(before);
  return loaded?.kind === 'ok' ? fromNotebook(loaded.notebook) : null;
}

/**
 * What is there once an examination has ended: all as it was `before`, with the lines of the examination at the end of the
 * tape. Where what was put aside cannot be found, what is there stays.
 */
export function endedKept(kept: Kept, before: Kept | null): Kept {
  if (before === null) return { ...kept, document: { ...kept.document, exam: null } };
  const document: Document = {
    ...before.document,
    exam: null,
    tape: joined(before.document.tape, kept.document.tape, 'l'),
    setAside: joined(before.document.setAside, kept.document.setAside, 'a'),
  };
  return {
    document,
    sight: before.sight,
    settings: settingsFor(document, settingsBack(before.settings, kept.settings)),
  };
}

const { line: EMPTY_LINE, own, keyed, editing } = EMPTY_DOCUMENT;

/**
 * A document that came from a tab which began or ended an examination, for a tab that was writing a line: the line is set
 * aside, with what was put aside where an examination has begun.
 */
export function withLineAside(state: Kept, document: Document): Document {
  const ofTab = { line: EMPTY_LINE, own, keyed, editing };
  if (isEmptyLine(state.document.line)) return { ...document, ...ofTab };
  const text = lineText(state);
  const aside = (parts: readonly SetAside[]): SetAside[] => [
    ...parts,
    asidePart(freeAsideId(parts)(), 'line', 'other-tab', '', text, text),
  ];
  const { exam } = document;
  if (exam === null) return { ...document, ...ofTab, setAside: aside(document.setAside) };
  const before = exam.before.map((notebook) =>
    isObject(notebook) ? { ...notebook, setAside: aside(listOf(notebook['setAside']) as SetAside[]) } : notebook,
  );
  return { ...document, ...ofTab, exam: { ...exam, before } };
}
