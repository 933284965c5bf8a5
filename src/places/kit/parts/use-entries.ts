import { useCallback, useMemo } from 'react';
import type { z } from 'zod/mini';
import type { Entries } from '@/core/notebook/kit';
import { useStore } from '@/state/app-store';

/** Whose entries: a tool's record, or what of it is needed here. */
export type Entered<E> = Readonly<{ id: string; inputs: z.ZodMiniType<E> }>;

const NONE: Entries = {};

/** The entries of a tool, each as it was at first where there is none. */
export const entriesNow = <E>({ id, inputs }: Entered<E>): E =>
  inputs.parse(useStore.getState().document.kit[id] ?? NONE);

/** The entries of a tool, and how some of them are changed. `thought`: going on with the same is one step of undo. */
export function useEntries<E extends Entries>(tool: Entered<E>) {
  const { id, inputs } = tool;
  const found = useStore((s) => s.document.kit[id] ?? NONE);
  const entries = useMemo(() => inputs.parse(found), [inputs, found]);
  const enter = useCallback(
    (change: Partial<E>, thought?: string) => useStore.getState().enter(id, change as Entries, thought),
    [id],
  );
  return [entries, enter] as const;
}
