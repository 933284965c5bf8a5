import type { SlipName } from '@/core/slips/names';

/** Words of the tool that compares a line with another answer. */
export const compareWords = {
  name: 'Compare with an answer',
  answers: 'The book says something else: which slip leads from the line to that answer.',
  words: 'book answer differs wrong mistake error slip why check solution key compare different result',
  bookSays: 'The book says …',
  line: 'The line',
  answer: 'The book says',
  unit: 'Angles of the line in',
  first: 'Write the line, and the answer that it is to be compared with.',
  comesTo: 'The line comes to',
  same: 'That is the same value.',
  claims: 'Slips that lead there',
  none: 'No slip that is looked for leads from the line to this answer.',
  cutShort: 'The time was up before all pairs of slips were tried.',
  take: 'Take this line',
  alsoSlip: 'It is also just what a slip comes to:',
  inAnswer: 'in the answer itself',
} as const;

/** Why the answer is the same but for its last digits. */
export const samenessText = (how: 'rounded' | 'truncated', places: number | null): string => {
  const act = how === 'rounded' ? 'rounded' : 'cut off, not rounded,';
  if (places === null) return `That is the value, ${act} to its last minute or second.`;
  if (places < 0) return `That is the value, ${act} to a power of ten: 10^${-places}.`;
  if (places === 0) return `That is the value, ${act} to a whole number.`;
  return `That is the value, ${act} to ${places} decimal ${places === 1 ? 'place' : 'places'}.`;
};

/** Each slip in a few words, for tables. */
export const slipNames: Readonly<Record<SlipName, string>> = {
  'angle-unit': 'angle unit',
  'sign-power': 'sign and power',
  brackets: 'brackets',
  'implied-product': 'product without a sign',
  'left-to-right': 'order of work',
  minus: 'minus',
  'function-power': 'power of a function',
  'reciprocal-inverse': 'inverse function',
  'log-base': 'base of a logarithm',
  'percent-added': 'percent added',
  'percent-base': 'percent of another value',
  'dms-decimal': 'minutes as decimals',
  'minutes-seconds': 'minutes and seconds',
  'rounded-early': 'rounded too early',
  's-sigma': 's and σ',
  'ncr-npr': 'order of a choice',
  'mixed-product': 'mixed number',
  'point-moved': 'decimal point',
  'digits-swapped': 'digits exchanged',
  'digit-wrong': 'one digit',
  'digit-left-out': 'digit left out',
  'digit-doubled': 'digit doubled',
  'number-twice': 'number used twice',
  'number-not-used': 'number not used',
  'root-division': 'root as division',
  'power-product': 'power as product',
  'exponent-of-ten': 'exponent of ten',
  'fractions-added': 'adding fractions',
  'fraction-turned': 'dividing by a fraction',
  'mixed-parts': 'parts of mixed numbers',
  'term-by-term': 'term by term',
  'one-term': 'one part only',
  'exponent-law': 'laws of exponents',
  'other-operation': 'another operation',
  'other-function': 'another function',
  'mean-median': 'mean and median',
  carrying: 'carrying',
};

/** Each slip in one sentence. */
export const slipTexts: Readonly<Record<SlipName, string>> = {
  'angle-unit': 'Worked in another angle unit.',
  'sign-power': 'The sign and the power: −a² is −(a²), not (−a)².',
  brackets: 'Brackets are missing, or stand at another place.',
  'implied-product': 'The product without a sign beside the division was taken together with other numbers.',
  'left-to-right': 'Worked in another order: powers come before × and ÷, these before + and −.',
  minus: 'A minus was taken for a sign, a sign for a minus, or one was lost.',
  'function-power': 'The power of the function and the power of its argument: sin²x is (sin x)².',
  'reciprocal-inverse': 'The inverse function and one over the function: sin⁻¹x is not 1/sin x.',
  'log-base': 'A logarithm, or a power, of another base.',
  'percent-added': 'The percent was added as a number, or multiplied where it was to be added.',
  'percent-base': 'The percent was taken of another value.',
  'dms-decimal': 'Minutes were written behind the point as they stand, or decimals taken for minutes.',
  'minutes-seconds': 'Minutes were taken for seconds, or seconds for minutes.',
  'rounded-early': 'A number on the way was rounded before it was worked with.',
  's-sigma': 'The other standard deviation: s divides by n − 1, σ by n.',
  'ncr-npr': 'Choices were counted with regard to their order, or arrangements without it.',
  'mixed-product': 'A mixed number was taken for a product, or a product for a mixed number.',
  'point-moved': 'The decimal point stands at another place.',
  'digits-swapped': 'Two digits are exchanged.',
  'digit-wrong': 'One digit is another.',
  'digit-left-out': 'A digit is left out.',
  'digit-doubled': 'A digit is there twice.',
  'number-twice': 'A number was used twice, or in the place of another.',
  'number-not-used': 'A number was not used.',
  'root-division': 'The root was taken for a division by its index.',
  'power-product': 'The power was taken for a product with its exponent.',
  'exponent-of-ten': 'The exponent of ten is another.',
  'fractions-added': 'Numerators and denominators were added separately. Use a common denominator first.',
  'fraction-turned': 'To divide by a fraction, multiply by its reciprocal; to multiply, leave it as it is.',
  'mixed-parts': 'Integer parts and fraction parts were multiplied separately. Write improper fractions first.',
  'term-by-term': 'Each term was treated separately: (a + b)² is not a² + b², and √(a + b) is not √a + √b.',
  'one-term': 'Only one part was multiplied, divided or raised; the operation applies to all of it.',
  'exponent-law': 'The laws of exponents were mixed up: aᵐ·aⁿ = aᵐ⁺ⁿ, (aᵐ)ⁿ = aᵐⁿ, a⁰ = 1.',
  'other-operation': 'Another operation was used: + for ×, or × for ÷, say.',
  'other-function': 'Another function was used: cos for sin, say.',
  'mean-median': 'The mean and the median were mixed up.',
  carrying: 'A carry was forgotten, or a column was subtracted the wrong way round.',
};
