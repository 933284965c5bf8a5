import { FIRST_USE } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';

/** A table of two columns with what it is used for, which may name what is made up. */
export const tableOf = (heights: readonly string[], use: Readonly<Record<string, string>>): DataTable => ({
  id: 't1',
  name: 'Gauge',
  columns: [
    { id: 'c1', name: 'hour', unit: 'h', rule: '', cells: ['0', '1', '2'] },
    { id: 'c2', name: 'height', unit: 'm', rule: '', cells: [...heights] },
  ],
  use: { ...FIRST_USE, ...use },
  filter: '',
});
