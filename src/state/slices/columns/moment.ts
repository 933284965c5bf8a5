import type { DataTable } from '@/core/notebook/columns';
import type { WorkedRules } from '@/workers/rules-request';

/** What came of the rules of a table, and the table that it came from. */
export type Rules = Readonly<{ of: DataTable; worked: WorkedRules }>;
