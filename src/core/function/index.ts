import { standingOf } from '../notation/notation';
import type { Standing } from '../notation/notation';
import { functions } from './described';
import type { DescribedFunction } from './described';

/** What the parser needs to know of a function. */
export type FunctionShape = Readonly<{
  name: string;
  least: number;
  most: number;
  form?: 'binder' | 'cases';
  /** Its values may be columns, by their names: several of them, or one that stands alone. */
  lists?: 'several' | 'alone';
  /** What stands for the values behind the least when their boxes are left empty. */
  absent?: readonly string[];
}>;

export { functions };
export type { FunctionName } from './described';

const byName = new Map<string, DescribedFunction>(functions.map((f) => [f.name, f]));
export const functionNamed = (name: string): DescribedFunction | undefined => byName.get(name);

/** The functions that a sign of typed text stands for. */
export const prefixSigns: ReadonlyMap<string, string> = new Map(
  functions.flatMap((f) => (f.prefixSign === undefined ? [] : [[f.prefixSign, f.name] as const])),
);

const standings = new Map<string, Standing | null>();

/** How a call with that many values stands on paper; null where it is written by its name. */
export function standingOfCall(fn: string, values: number): Standing | null {
  const key = `${fn} ${values}`;
  const known = standings.get(key);
  if (known !== undefined) return known;
  const notation = byName.get(fn)?.notation;
  const result = notation === undefined ? null : standingOf(notation, values);
  standings.set(key, result);
  return result;
}

/** Functions that take any number of values take at most this many. */
const MOST_VALUES = 1000;

const formOf = (f: DescribedFunction): FunctionShape['form'] =>
  f.binds === 'cases'
    ? 'cases'
    : f.binds === undefined || f.binds === 'slot' || f.binds === 'matrix' || f.binds === 'chance'
      ? undefined
      : 'binder';

/** Every name that is read, with what the parser needs to know. */
export const functionNames: ReadonlyMap<string, FunctionShape> = new Map(
  functions.flatMap((f) => {
    const form = formOf(f);
    const most = f.more ? MOST_VALUES : f.takes.length;
    const absent = f.binds === 'chance' ? f.absents : [];
    return [f.name, ...f.aliases].map(
      (name) =>
        [
          name,
          {
            name: f.name,
            least: f.least,
            most,
            ...(form ? { form } : {}),
            ...(f.lists === undefined ? {} : { lists: f.lists }),
            ...(absent.length > 0 ? { absent } : {}),
          },
        ] as const,
    );
  }),
);
