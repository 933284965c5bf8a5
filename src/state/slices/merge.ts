import { asidePart, freeAsideId } from '@/core/notebook/set-aside';
import type { SetAside } from '@/core/notebook/set-aside';
import { copied, list, one, recognised, record } from '@/state/kernel/merging';
import type { Lost, Merge } from '@/state/kernel/merging';
import { mergeBench } from './bench/merge';
import { mergeColumns } from './columns/merge';
import { mergeCurves } from './curves/merge';
import { mergeKit } from './kit/merge';
import type { Document, Kept } from './parts';
import { mergeShelf } from './shelf/merge';
import { mergeTape } from './tape/merge';

/** Slices that are brought together in parts; of any other, what both tabs changed is as this one has it. */
const merges: readonly Merge<Document>[] = [mergeTape, mergeShelf, mergeBench, mergeCurves, mergeColumns, mergeKit];

/** What a tab has for itself: the line being written. */
const OWN_PARTS: readonly string[] = ['line', 'own', 'keyed', 'editing'];

type PartName = keyof Document;
const sharedParts = (document: Document): readonly PartName[] =>
  (Object.keys(document) as PartName[]).filter((part) => !OWN_PARTS.includes(part) && part !== 'setAside');

/** A document of this tab with what the other one did since `base`. */
function joined(base: Document, mine: Document, theirs: Document): Document {
  const aside: SetAside[] = [];
  const freeId = freeAsideId([...mine.setAside, ...theirs.setAside]);
  const lost: Lost = (of, name, told, raw) => aside.push(asidePart(freeId(), of, 'other-tab', name, told, raw));
  const renamed = new Map<string, string>();
  const whole = Object.fromEntries(
    sharedParts(mine).map((part) => [part, one<unknown>(base[part], mine[part], theirs[part], () => undefined)]),
  ) as Partial<Document>;
  const merged = merges.reduce<Partial<Document>>(
    (result, merge) => ({ ...result, ...merge(base, mine, theirs, lost, renamed) }),
    whole,
  );
  const setAside = list(
    base.setAside,
    mine.setAside,
    theirs.setAside,
    (_, own) => own,
    (part) => copied(part, freeId()),
  );
  return { ...mine, ...merged, setAside: aside.length === 0 ? setAside : [...setAside, ...aside] };
}

export type Merged = Readonly<{
  kept: Kept;
  /** What the other tab has, in this tab's own objects wherever they say the same: what both have from now on. */
  known: Kept;
  /** How many things both tabs had changed: this tab's stand, the other's are set aside. */
  conflicts: number;
  /** Brings an older document of this tab, such as a step of undo, up to what the other tab did. */
  rebased: (document: Document) => Document;
}>;

/** What this tab has, and what another one wrote since both had `base`. */
export function merged(base: Kept, mine: Kept, theirs: Kept): Merged {
  const known: Document = recognised(base.document, { ...theirs.document, line: base.document.line });
  const join = (document: Document): Document => joined(base.document, document, known);
  const document = join(mine.document);
  const before = mine.document.setAside.filter(({ reason }) => reason === 'other-tab').length;
  const after = document.setAside.filter(({ reason }) => reason === 'other-tab').length;
  // Steps of undo share most of their parts: what is made of one is made once.
  const result = new Map<string, Map<unknown, unknown>>();
  const parts = sharedParts(document);
  const rebased = (old: Document): Document => {
    const isKnown = parts.every((part) => result.get(part)?.has(old[part]) === true);
    if (!isKnown) {
      const next = join(old);
      for (const part of parts) {
        const of = result.get(part) ?? new Map<unknown, unknown>();
        result.set(part, of);
        if (!of.has(old[part])) of.set(old[part], next[part]);
      }
    }
    const parted = Object.fromEntries(parts.map((part) => [part, result.get(part)?.get(old[part])]));
    return { ...old, ...parted, setAside: document.setAside };
  };
  const theirSettings = recognised(base.settings, theirs.settings);
  return {
    kept: { document, sight: mine.sight, settings: record(base.settings, mine.settings, theirSettings) },
    known: { document: known, sight: mine.sight, settings: theirSettings },
    conflicts: Math.max(0, after - before),
    rebased,
  };
}
