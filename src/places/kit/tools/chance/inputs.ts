import { z } from 'zod/mini';
import { drawnKinds } from '@/state/slices/kit/requests';
import type { DrawnKind } from '@/state/slices/kit/requests';
import { tails, testIds } from '@/core/inference/test-names';
import { distributionShapes } from '@/core/function/chance/distributions';
import type { DistributionId, DistributionShape } from '@/core/function/chance/distributions';

/** Numbers to begin with: a picture is there before anything is keyed. */
const FIRST: Readonly<Record<DistributionId, readonly string[]>> = {
  binomial: ['10', '0.5'],
  poisson: ['3'],
  geometric: ['0.2'],
  negativeBinomial: ['3', '0.4'],
  hypergeometric: ['50', '20', '10'],
  discreteUniform: ['1', '6'],
  normal: ['0', '1'],
  uniform: ['0', '4'],
  exponential: ['0.5'],
  lognormal: ['0', '0.5'],
  weibull: ['2', '3'],
  gamma: ['2', '1'],
  beta: ['2', '3'],
  t: ['10'],
  chiSquared: ['5'],
  F: ['5', '10'],
};

const ids = distributionShapes.map(({ id }) => id) as [DistributionId, ...DistributionId[]];

/** Under what a parameter is kept; those of the second distribution apart. */
export const parameterKey = (id: DistributionId, name: string, isSecond = false): `${string}.${string}` =>
  `${isSecond ? 'second ' : ''}${id}.${name}`;

const numbersOf = (shape: DistributionShape) =>
  [false, true].flatMap((isSecond) =>
    shape.parameters.map(
      ({ name }, i) =>
        [parameterKey(shape.id, name, isSecond), z.catch(z.string(), FIRST[shape.id][i] ?? '1')] as const,
    ),
  );

const text = (first = '') => z.catch(z.string(), first);

/** How many rows a table of values begins with, and what stands in it: two samples, to be written over. */
const FIRST_VALUES = [
  ['12.1', '11.4'],
  ['12.6', '12.0'],
  ['11.8', '11.1'],
  ['13.0', '11.9'],
  ['12.4', '11.6'],
];

/** Counts, as a table or observed beside expected. */
const FIRST_COUNTS = [
  ['18', '15'],
  ['9', '15'],
  ['18', '15'],
];

const tableOf = (first: string[][]) =>
  z.catch(
    z.array(z.array(z.string())).check(z.refine((found) => found.length > 0 && (found[0]?.length ?? 0) > 0)),
    first,
  );

export const screens = ['distribution', 'test', 'draw'] as const;
/** Where the values of a test come from. */
export const sources = ['typed', 'columns', 'summary'] as const;

/** What is entered for tests: the numbers that they are told, and where the values come from. */
const testShape = {
  test: z.catch(z.enum(testIds), 'mean-t'),
  tail: z.catch(z.enum(tails), 'two'),
  level: text('0.95'),
  source: z.catch(z.enum(sources), 'typed'),
  values: tableOf(FIRST_VALUES),
  counts: tableOf(FIRST_COUNTS),
  first: text(),
  secondColumn: text(),
  third: text(),
  mean0: text('12'),
  sd: text('1'),
  sd2: text('1'),
  variance0: text('1'),
  count: text('60'),
  n: text('100'),
  count2: text('48'),
  n2: text('100'),
  share0: text('0.5'),
  xn: text('20'),
  xmean: text('12.3'),
  xsd: text('0.9'),
  yn: text('20'),
  ymean: text('11.8'),
  ysd: text('1.1'),
};

/** What each kind of draw is told, in this order, and what it begins with. */
export const drawNumbers = {
  dice: { dice: '2', sides: '6' },
  coins: { coins: '10', heads: '0.5' },
  cards: { cards: '5' },
  whole: { first: '1', last: '49' },
  numbers: { least: '0', greatest: '1', places: '3' },
  sample: {},
  distribution: { places: '2' },
} as const satisfies Readonly<Record<DrawnKind, Readonly<Record<string, string>>>>;

/** Under what a number of a draw is kept. */
export const drawKey = (kind: DrawnKind, name: string): `${string}.${string}` => `draw ${kind}.${name}`;

const drawShape = {
  drawn: z.catch(z.enum(drawnKinds), 'dice'),
  marked: z.catch(z.enum(['red', 'hearts', 'faces', 'aces']), 'hearts'),
  returned: z.catch(z.enum(['yes', 'no']), 'yes'),
  draws: text('1000'),
  seed: text('1'),
  sampled: text(),
};

/** The distribution, its numbers, and the part that is asked for; or the test, with what it is worked from. */
export const inputs = z.object({
  screen: z.catch(z.enum(screens), 'distribution'),
  ...testShape,
  ...drawShape,
  distribution: z.catch(z.enum(ids), 'normal'),
  second: z.catch(z.enum(['none', ...ids]), 'none'),
  from: z.catch(z.string(), '-1'),
  to: z.catch(z.string(), '1'),
  share: z.catch(z.string(), '0.95'),
  ...Object.fromEntries(distributionShapes.flatMap(numbersOf)),
  ...Object.fromEntries(
    drawnKinds.flatMap((kind) =>
      Object.entries(drawNumbers[kind]).map(([name, first]) => [drawKey(kind, name), text(first)] as const),
    ),
  ),
});

export type ChanceEntries = z.infer<z.ZodMiniObject<typeof testShape>> &
  z.infer<z.ZodMiniObject<typeof drawShape>> &
  Readonly<{
    screen: (typeof screens)[number];
    distribution: DistributionId;
    second: DistributionId | 'none';
    from: string;
    to: string;
    share: string;
    [parameter: `${string}.${string}`]: string;
  }>;

export const chanceEntries = { id: 'chance', inputs: inputs as unknown as z.ZodMiniType<ChanceEntries> } as const;

/** The texts of the parameters of a distribution, as they are entered. */
export const parametersOf = (
  entries: ChanceEntries,
  { id, parameters }: DistributionShape,
  isSecond = false,
): readonly string[] => parameters.map(({ name }) => entries[parameterKey(id, name, isSecond)] ?? '');
