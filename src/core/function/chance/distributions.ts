import type { ParameterDemand } from '../../base/problem';

/** What a parameter must be. */
export type Demand =
  | 'any'
  | Exclude<ParameterDemand, 'share-inside' | 'share-of-end' | 'above-other' | 'from-other' | 'up-to-other'>;

/** A parameter by its name; `absent`: what stands for it when it is left out, in typed text. */
export type Parameter = Readonly<{
  name: string;
  must: Demand;
  /** The parameter that this one must be larger than. */
  above?: string;
  /** The parameter that this one may not be larger than. */
  upTo?: string;
  absent?: string;
}>;

/** What a distribution is for: what is counted, what is measured, or what a test compares with. */
export const distributionGroups = ['counts', 'measurements', 'tests'] as const;
export type DistributionGroup = (typeof distributionGroups)[number];

type Shape = Readonly<{ id: string; group: DistributionGroup; isOfCounts: boolean; parameters: readonly Parameter[] }>;

const p = (name: string, must: Demand, more: Omit<Parameter, 'name' | 'must'> = {}): Parameter => ({
  name,
  must,
  ...more,
});

const counted = <const I extends string>(id: I, ...parameters: readonly Parameter[]) =>
  ({ id, group: 'counts', isOfCounts: true, parameters }) as const;
const measured = <const I extends string>(id: I, ...parameters: readonly Parameter[]) =>
  ({ id, group: 'measurements', isOfCounts: false, parameters }) as const;
const tested = <const I extends string>(id: I, ...parameters: readonly Parameter[]) =>
  ({ id, group: 'tests', isOfCounts: false, parameters }) as const;

/** Every distribution with its parameters, in the order in which they are offered. How each is worked stands in `core/chance`. */
export const distributionShapes = [
  counted('binomial', p('n', 'count'), p('p', 'share')),
  counted('poisson', p('mean', 'from-zero')),
  counted('geometric', p('p', 'share-above-zero')),
  counted('negativeBinomial', p('r', 'above-zero'), p('p', 'share-above-zero')),
  counted(
    'hypergeometric',
    p('population', 'count'),
    p('marked', 'count', { upTo: 'population' }),
    p('drawn', 'count', { upTo: 'population' }),
  ),
  counted('discreteUniform', p('from', 'whole'), p('to', 'whole', { above: 'from' })),
  measured('normal', p('mean', 'any', { absent: '0' }), p('sd', 'above-zero', { absent: '1' })),
  measured('uniform', p('from', 'any'), p('to', 'any', { above: 'from' })),
  measured('exponential', p('rate', 'above-zero')),
  measured('lognormal', p('mu', 'any'), p('sigma', 'above-zero')),
  measured('weibull', p('shape', 'above-zero'), p('scale', 'above-zero')),
  measured('gamma', p('shape', 'above-zero'), p('scale', 'above-zero')),
  measured('beta', p('a', 'above-zero'), p('b', 'above-zero')),
  tested('t', p('df', 'above-zero')),
  tested('chiSquared', p('df', 'above-zero')),
  tested('F', p('df1', 'above-zero'), p('df2', 'above-zero')),
] as const satisfies readonly Shape[];

export type DistributionId = (typeof distributionShapes)[number]['id'];
export type DistributionShape = Shape & Readonly<{ id: DistributionId }>;

const shapes = new Map<string, DistributionShape>(distributionShapes.map((shape) => [shape.id, shape]));
/** The distribution of that name. */
export const distributionShape = (id: string): DistributionShape | undefined => shapes.get(id);

/** What can be asked of a distribution: how dense or likely it is at a place, the shares below, above and between, and the place below which a share lies. */
export const chanceQuestions = ['at', 'below', 'above', 'between', 'inverse'] as const;
export type ChanceQuestion = (typeof chanceQuestions)[number];
