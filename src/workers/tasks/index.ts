import type { ColumnTasks } from './columns';
import type { CurveTasks } from './curves';
import type { KitTasks } from './kit';
import type { LineTasks } from './lines';

/** What the workers can be asked for, by kind, and what they answer. */
export type Tasks = LineTasks & CurveTasks & ColumnTasks & KitTasks;
export type TaskKind = keyof Tasks;
