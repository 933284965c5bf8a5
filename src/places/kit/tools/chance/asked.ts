import { chanceFunctionName } from '@/core/function/chance/functions';
import type { ChanceQuestion, DistributionShape } from '@/core/function/chance/distributions';
import type { DecimalSign } from '@/core/language/numerals';
import type { Asked } from '@/places/kit/parts/ResultList';
import { chanceWords, partTexts } from '@/text/kit/chance';

/** The bounds and the share that are asked about, in typed text; an empty one is not asked about. */
export type Part = Readonly<{ from: string; to: string; share: string }>;

const callOf = (
  shape: DistributionShape,
  question: ChanceQuestion,
  values: readonly string[],
  parameters: readonly string[],
) => `${chanceFunctionName(shape, question)}(${[...values, ...parameters].join(',')})`;

/** The five questions about a distribution, as lines that the Bench takes too. */
export function askedOf(
  shape: DistributionShape,
  parameters: readonly string[],
  part: Part,
  decimalSign: DecimalSign,
): readonly Asked[] {
  const told = (text: string): string => text.replaceAll('-', '−').replaceAll('.', decimalSign);
  const { isOfCounts } = shape;
  const { from, to, share } = part;
  const ask = (question: ChanceQuestion, name: string, ...values: string[]): readonly Asked[] =>
    values.includes('') ? [] : [{ name, text: callOf(shape, question, values, parameters) }];
  const of = (x: string): readonly Asked[] => [
    ...ask('at', partTexts.at(isOfCounts, told(x)), x),
    ...ask('below', partTexts.below(isOfCounts, told(x)), x),
    ...ask('above', partTexts.above(told(x)), x),
  ];
  const z = (x: string): readonly Asked[] =>
    shape.id === 'normal' && x !== '' && parameters.join() !== '0,1'
      ? [{ name: partTexts.z(told(x)), text: `((${x})-(${parameters[0]}))/(${parameters[1]})` }]
      : [];
  return [
    ...ask('between', partTexts.between(isOfCounts, told(from), told(to)), from, to),
    ...of(from),
    ...z(from),
    ...(to === from ? [] : [...of(to), ...z(to)]),
    ...ask('inverse', partTexts.inverse(told(share)), share),
  ];
}

/** The part of a binomial distribution as the normal one has it, with the same mean and deviation. */
export function approximated(parameters: readonly string[], { from, to }: Part): readonly Asked[] {
  if (from === '' || to === '') return [];
  const [n = '', p = ''] = parameters;
  const normal = `(${n})*(${p}),sqrt((${n})*(${p})*(1-(${p})))`;
  return [
    { name: chanceWords.exact, text: `binomialBetween(${from},${to},${n},${p})` },
    { name: chanceWords.plain, text: `normalBetween(${from},${to},${normal})` },
    { name: chanceWords.corrected, text: `normalBetween((${from})-1/2,(${to})+1/2,${normal})` },
  ];
}
