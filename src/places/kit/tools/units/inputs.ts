import { z } from 'zod/mini';
import { kindIds } from '@/core/unit/unit';
import type { KindId } from '@/core/unit/unit';
import { kindNamed } from '@/core/unit/kinds';

const text = z.catch(z.string(), '');

/** What is entered for units; which ones were chosen last stands by the kind, under `from area` and `to area`. */
export const inputs = z.catchall(
  z.object({
    kind: z.catch(z.enum(kindIds), 'length'),
    value: text,
    /** Signs of units that are listed first, one to a line. */
    favourites: text,
  }),
  z.catch(z.union([z.string(), z.array(z.array(z.string()))]), ''),
);

export type UnitEntries = z.infer<typeof inputs>;

export const unitEntries = { id: 'units', inputs } as const;

const textIn = (entries: UnitEntries, key: string): string => {
  const found = entries[key];
  return typeof found === 'string' ? found : '';
};

/** The units that were chosen for a kind; at first the two likeliest. */
export function chosenUnits(entries: UnitEntries, kind: KindId): Readonly<{ from: string; to: string }> {
  const [first = 'kg·m/s', second = 'N·s'] = kindNamed(kind).listed;
  return { from: textIn(entries, `from ${kind}`) || first, to: textIn(entries, `to ${kind}`) || second };
}

/** How the units of a kind are entered. */
export const unitsEntered = (kind: KindId, from: string, to: string): Record<string, string> => ({
  [`from ${kind}`]: from,
  [`to ${kind}`]: to,
});

/** The pair after one of it is chosen: where both would be one unit, the other takes the place that was left. */
export const pairWith = (
  { from, to }: Readonly<{ from: string; to: string }>,
  chosen: Readonly<{ from?: string; to?: string }>,
): readonly [from: string, to: string] => {
  const next = { from: chosen.from ?? from, to: chosen.to ?? to };
  if (next.from !== next.to) return [next.from, next.to];
  return chosen.from === undefined ? [to, next.to] : [next.from, from];
};

export const favouritesOf = ({ favourites }: UnitEntries): readonly string[] =>
  favourites.split('\n').filter((sign) => sign !== '');
