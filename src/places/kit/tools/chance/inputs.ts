import { z } from 'zod/mini';
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

/** The distribution, its numbers, and the part that is asked for. */
export const inputs = z.object({
  distribution: z.catch(z.enum(ids), 'normal'),
  second: z.catch(z.enum(['none', ...ids]), 'none'),
  from: z.catch(z.string(), '-1'),
  to: z.catch(z.string(), '1'),
  share: z.catch(z.string(), '0.95'),
  ...Object.fromEntries(distributionShapes.flatMap(numbersOf)),
});

export type ChanceEntries = Readonly<{
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
