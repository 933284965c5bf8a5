import type { WorkedRules } from '@/workers/rules-request';

/** What came of the rules of a table, when they were last worked. */
export type Rules = Readonly<{ worked: WorkedRules }>;
