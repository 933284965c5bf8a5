import type { FunctionRecord } from './record';
import { records } from './records';

const byName = new Map<string, FunctionRecord>(records.map((f) => [f.name, f]));

/** A function, whole, by its name: for what works it. Whatever only reads or shows it takes `functionNamed` of the index. */
export const functionRecord = (name: string): FunctionRecord | undefined => byName.get(name);
