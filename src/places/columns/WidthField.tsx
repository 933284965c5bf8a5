import type { DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { columnWords } from '@/text/column-labels';
import { Field } from '@/ui/kit/Field';
import { useTyped } from './use-typed';

/** How wide classes are; empty for a proposed width. */
export function WidthField({ table }: Readonly<{ table: DataTable }>) {
  const width = useTyped(table.use.width, (text) => useStore.getState().setUse(table.id, { width: text }));
  return (
    <Field
      name={columnWords.width}
      value={width.text}
      onChange={width.onChange}
      placeholder={columnWords.widthHint}
      isInline
    />
  );
}
