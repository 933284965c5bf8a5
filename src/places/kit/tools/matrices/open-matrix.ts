import type { Form } from '@/core/format/form';
import { letterNames } from '@/core/memory/shelf';
import { writtenMatrix } from '@/places/kit/parts/pasted-table';
import { entriesNow } from '@/places/kit/parts/use-entries';
import { useStore } from '@/state/app-store';
import { matrixEntries, tablesIn } from './inputs';

/** The entries of the matrix that forms are of, exact where they can be; null for anything else. */
export function matrixIn(forms: readonly Pick<Form, 'exact' | 'typed'>[]): string[][] | null {
  const typed = (forms.find(({ exact, typed: text }) => exact && text.startsWith('[')) ?? forms[0])?.typed ?? '';
  return typed.startsWith('[') ? writtenMatrix(typed, '.') : null;
}

/** Puts a matrix into the tool Matrices, under a letter that is free there. */
export function openMatrix(rows: string[][]): void {
  const entries = entriesNow(matrixEntries);
  const taken = tablesIn(entries);
  const isUnused = useStore.getState().document.kit[matrixEntries.id] === undefined;
  const letter = isUnused ? entries.open : letterNames.find((name) => taken[name] === undefined);
  if (letter !== undefined) useStore.getState().enter(matrixEntries.id, { [letter]: rows, open: letter });
}
