import type { z } from 'zod/mini';

/* Data that comes from a file or the device: nothing is known of it until it has been looked at. */

export type Old = Record<string, unknown>;

export const isObject = (v: unknown): v is Old => typeof v === 'object' && v !== null && !Array.isArray(v);

export const listOf = (found: unknown): readonly unknown[] => (Array.isArray(found) ? found : []);
export const objectOf = (found: unknown): Old => (isObject(found) ? found : {});
export const memberOf = (found: unknown, key: string): unknown => (isObject(found) ? found[key] : undefined);

export function nameOf(found: unknown): string {
  const name = memberOf(found, 'name');
  return typeof name === 'string' ? name : '';
}

/** What was found as the schema has it; null where it is not that. */
export function readAs<T>(schema: z.ZodMiniType<T>, found: unknown): T | null {
  const result = schema.safeParse(found);
  return result.success ? result.data : null;
}

/** Gives each thing an id of its own: the one it has, else the next that is free. */
export function withOwnIds<T extends Readonly<{ id: string }>>(items: readonly T[], letter: string): T[] {
  const taken = new Set<string>();
  let last = items.reduce((most, { id }) => Math.max(most, Number(id.slice(1)) || 0), 0);
  return items.map((item) => {
    const id = taken.has(item.id) ? `${letter}${(last += 1)}` : item.id;
    taken.add(id);
    return id === item.id ? item : { ...item, id };
  });
}

/** Each member of a list that is an object with more in it. */
export const eachWith = (found: unknown, more: Old): unknown =>
  Array.isArray(found) ? found.map((part: unknown) => withMore(part, more)) : found;

export const withMore = (found: unknown, more: Old): unknown => (isObject(found) ? { ...found, ...more } : found);
