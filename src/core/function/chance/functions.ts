import type { OfChance } from '../record';
import { chanceQuestions, distributionShapes } from './distributions';
import type { ChanceQuestion, DistributionId, DistributionShape } from './distributions';

type OfCounts = Extract<(typeof distributionShapes)[number], { isOfCounts: true }>['id'];
type OfMeasures = Exclude<DistributionId, OfCounts>;

/** The names of functions: `normalBelow`; of counts `binomialAt`, of measurements `normalDensity`. */
export type ChanceFunctionName =
  | `${DistributionId}${'Below' | 'Above' | 'Between' | 'Inverse'}`
  | `${OfCounts}At`
  | `${OfMeasures}Density`;

const endings: Readonly<Record<ChanceQuestion, string>> = {
  at: 'Density',
  below: 'Below',
  above: 'Above',
  between: 'Between',
  inverse: 'Inverse',
};

/** The name of the function that answers a question about a distribution. */
export const chanceFunctionName = ({ id, isOfCounts }: DistributionShape, question: ChanceQuestion) =>
  `${id}${question === 'at' && isOfCounts ? 'At' : endings[question]}` as ChanceFunctionName;

const asked: Readonly<Record<ChanceQuestion, (isOfCounts: boolean) => readonly string[]>> = {
  at: (isOfCounts) => [isOfCounts ? 'k' : 'x'],
  below: (isOfCounts) => [isOfCounts ? 'k' : 'x'],
  above: (isOfCounts) => [isOfCounts ? 'k' : 'x'],
  between: () => ['from', 'to'],
  inverse: () => ['share'],
};

const SOURCE = 'ISO 3534-1 for the distributions; NIST Handbook of Statistical Methods, 1.3.6.6';

function functionOf(shape: DistributionShape, question: ChanceQuestion): OfChance & { name: ChanceFunctionName } {
  const first = asked[question](shape.isOfCounts);
  const absents = shape.parameters.flatMap(({ absent }) => (absent === undefined ? [] : [absent]));
  const takes = [...first, ...shape.parameters.map((parameter) => parameter.name)];
  return {
    name: chanceFunctionName(shape, question),
    aliases: [],
    topic: 'chance',
    takes,
    least: absents.length === shape.parameters.length ? first.length : takes.length,
    more: false,
    angleIn: false,
    angleOut: false,
    binds: 'chance',
    distribution: shape.id,
    question,
    absents,
    examples: [],
    source: SOURCE,
  };
}

/** The five functions of every distribution; what they come to is checked beside how they are worked. */
export const chanceFunctions: readonly (OfChance & { name: ChanceFunctionName })[] = distributionShapes.flatMap(
  (shape) => chanceQuestions.map((question) => functionOf(shape, question)),
);
