import type { z } from 'zod/mini';
import type { Settings } from '@/core/notebook/settings';
import type { Aside } from './aside';
import type { Old } from './found';

/** What a slice has in the notebook under one key. */
export type SavedPart<T> = Readonly<{
  schema: z.ZodMiniType<T>;
  /** Everything that is sound in what was found under the key; the rest is set aside. */
  salvaged: (found: unknown, aside: Aside) => T;
  /** By version: what was found under the key in a notebook of the version before, as that version has it. */
  migrations?: Readonly<Record<number, (found: unknown, old: Old) => unknown>>;
}>;

type Parts<S> = { readonly [K in keyof S]: SavedPart<S[K]> };

/**
 * A slice of what the user has. The document, the notebook and the names of steps and notices are put together from these
 * records (`slices/parts.ts`), the store from their actions (`slices/index.ts`).
 */
export type SliceRecord<D, V, S, Step extends string, Code extends string> = Readonly<{
  /** Its part of the document as it begins: what undo goes back in. */
  document: D;
  /** What is only looked at, as it begins: kept on the device, but no part of undo. */
  sight: V;
  /** The names of what undo takes back. */
  steps: readonly Step[];
  notices: readonly Code[];
  saved: Parts<S>;
  toSaved: (document: D, sight: V, settings: Settings) => S;
  fromSaved: (saved: S, settings: Settings) => Readonly<{ document: D; sight: V }>;
  /** How much besides the document a step alone holds on to: cells of columns that are no longer there. */
  weight?: (before: D, after: D) => number;
  /** What is looked at after undo went from one document to another. */
  lookedAt?: (from: D, to: D, sight: V) => V;
  /** The settings as they have to be with this document. */
  settingsFor?: (document: D, settings: Settings) => Settings;
}>;

export const defineSlice = <D, V, S, const Step extends string, const Code extends string>(
  slice: SliceRecord<D, V, S, Step, Code>,
): SliceRecord<D, V, S, Step, Code> => slice;

/** All members of a union at once. */
export type Together<U> = (U extends unknown ? (of: U) => void : never) extends (of: infer I) => void ? I : never;
