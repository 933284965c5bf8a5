import { distributionShapes } from '@/core/function/chance/distributions';
import type { ChanceQuestion, DistributionId } from '@/core/function/chance/distributions';
import { chanceFunctions } from '@/core/function/chance/functions';
import type { ChanceFunctionName } from '@/core/function/chance/functions';

/** The distributions as they are named in a sentence. */
export const distributionNames: Readonly<Record<DistributionId, string>> = {
  binomial: 'binomial',
  poisson: 'Poisson',
  geometric: 'geometric',
  negativeBinomial: 'negative binomial',
  hypergeometric: 'hypergeometric',
  discreteUniform: 'discrete uniform',
  normal: 'normal',
  uniform: 'uniform',
  exponential: 'exponential',
  lognormal: 'lognormal',
  weibull: 'Weibull',
  gamma: 'gamma',
  beta: 'beta',
  t: 't',
  chiSquared: 'chi-squared',
  F: 'F',
};

const ofCounts: Readonly<Record<ChanceQuestion, string>> = {
  at: 'the probability of just k',
  below: 'the probability of k or fewer',
  above: 'the probability of more than k',
  between: 'the probability of the first number up to the second, both counted in',
  inverse: 'the least number whose probability at or below reaches this share',
};

const ofMeasures: Readonly<Record<ChanceQuestion, string>> = {
  at: 'how dense it is at x',
  below: 'the share below x',
  above: 'the share above x',
  between: 'the share between two numbers',
  inverse: 'the number below which this share lies',
};

const isOfCounts = new Map(distributionShapes.map((shape) => [shape.id, shape.isOfCounts]));

/** One sentence for each function of a distribution. */
export const chanceHelp = Object.fromEntries(
  chanceFunctions.map(({ name, distribution, question, takes, least }) => {
    const says = (isOfCounts.get(distribution) === true ? ofCounts : ofMeasures)[question];
    const values =
      takes.length > least ? `${takes.join(', ')}; without the last two, of mean 0 and sd 1` : takes.join(', ');
    return [name, `Of the ${distributionNames[distribution]} distribution, ${says}: ${values}.`];
  }),
) as Readonly<Record<ChanceFunctionName, string>>;
