import { createPool } from '@/workers/pool';
import { spawn } from '@/workers/spawn';

/** The workers of the running app. */
export const tasks = createPool(spawn);
