import { DEFAULT_SETTINGS } from '@/core/notebook/settings';
import type { Settings } from '@/core/notebook/settings';
import type { SliceRecord, Together } from '@/state/kernel/slice';
import { aside } from './aside/part';
import { bench } from './bench/part';
import { columns } from './columns/part';
import { curves } from './curves/part';
import { exam } from './exam/part';
import { kit } from './kit/part';
import { shelf } from './shelf/part';
import { tape } from './tape/part';

/**
 * What the user has, slice by slice: one line each. The document, the notebook and the names of steps and notices follow.
 * What is set aside comes last, since reading the others adds to it.
 */
const all = [bench, tape, shelf, curves, columns, kit, exam, aside] as const;

type Slice = (typeof all)[number];

/** What the user has, and what undo goes back in. Settings are kept too but are not undone. */
export type Document = Together<Slice['document']>;
/** What is only looked at. It is kept, but undo does not go back in it. */
export type Sight = Together<Slice['sight']>;
/** What undo takes back by one step. */
export type StepName = Slice['steps'][number] | 'open-notebook';
export type SliceNotice = Slice['notices'][number];
/** What all slices have in the notebook. */
export type SavedParts = Together<ReturnType<Slice['toSaved']>>;

/** A slice as it is looked at where they are all treated alike: by then each has what is its own. */
type AnySlice = SliceRecord<Document, Sight, SavedParts, StepName, SliceNotice>;

export const slices = all as unknown as readonly AnySlice[];

const joined = <T extends object>(parts: readonly Partial<T>[]): T => Object.assign({}, ...parts) as T;

export const EMPTY_DOCUMENT: Document = joined(slices.map(({ document }) => document));
export const FIRST_SIGHT: Sight = joined(slices.map(({ sight }) => sight));

/** All that is kept on the device. */
export type Kept = Readonly<{ document: Document; sight: Sight; settings: Settings }>;

export { DEFAULT_SETTINGS };

export const EMPTY_KEPT: Kept = { document: EMPTY_DOCUMENT, sight: FIRST_SIGHT, settings: DEFAULT_SETTINGS };

export const savedParts = ({ document, sight, settings }: Kept): SavedParts =>
  joined(slices.map(({ toSaved }) => toSaved(document, sight, settings)));

export function openedParts(saved: SavedParts, settings: Settings): Kept {
  const opened = slices.map(({ fromSaved }) => fromSaved(saved, settings));
  const document = joined<Document>(opened.map((part) => part.document));
  return { document, sight: joined(opened.map(({ sight }) => sight)), settings: settingsFor(document, settings) };
}

/** The settings as they have to be with a document, wherever it comes from: the device, another tab, or undo. */
export const settingsFor = (document: Document, settings: Settings): Settings =>
  slices.reduce((now, slice) => slice.settingsFor?.(document, now) ?? now, settings);

/** How many cells a step from one document to the other alone holds on to. */
export const weightOf = (before: Document, after: Document): number =>
  slices.reduce((sum, { weight }) => sum + (weight?.(before, after) ?? 0), 0);

export const lookedAt = (from: Document, to: Document, sight: Sight): Sight =>
  slices.reduce((now, slice) => slice.lookedAt?.(from, to, now) ?? now, sight);
