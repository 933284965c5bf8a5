import { z } from 'zod/mini';
import { emptyTable } from '@/places/kit/parts/table';

export const vectorNames = ['u', 'v', 'w'] as const;
export type VectorName = (typeof vectorNames)[number];

const text = (first = '') => z.catch(z.string(), first);
const table = (columns: number) => {
  const isOfThree = z.refine<string[][]>(
    (found) => found.length === vectorNames.length && found.every((row) => row.length === columns),
  );
  return z.catch(z.array(z.array(z.string())).check(isOfThree), emptyTable(vectorNames.length, columns));
};
const flag = z.catch(z.enum(['on', 'off']), 'off');

/** u, v and w by their components, or in the plane by length and direction. */
export const inputs = z.object({
  space: z.catch(z.enum(['2', '3']), '2'),
  as: z.catch(z.enum(['components', 'polar']), 'components'),
  bearing: flag,
  cells: table(3),
  polar: table(2),
  pair: z.catch(z.enum(['uv', 'uw', 'vw']), 'uv'),
  a: text(),
  b: text(),
});

export type VectorEntries = z.infer<typeof inputs>;

export const vectorEntries = { id: 'vectors', inputs } as const;

export const isPolar = ({ space, as }: VectorEntries): boolean => space === '2' && as === 'polar';
