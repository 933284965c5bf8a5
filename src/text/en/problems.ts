import type { ForeignWord } from '@/core/language/foreign-words';
import type { DomainReason, ParameterDemand, Problem, ProblemCode, Size, SyntaxReason } from '@/core/base/problem';

type Of<C extends ProblemCode> = Extract<Problem, { code: C }>;

/** What is written here for a word of elsewhere. */
const foreignTexts: Readonly<Record<ForeignWord, string>> = {
  factor:
    'To factorise an integer, enter it alone, such as 360: its prime factors are among the forms. Letters can’t be factorised yet.',
  expand: 'Expressions with letters can’t be expanded yet. Enter the expression and try values for its letters.',
  simplify: 'Results are simplified by themselves. Enter the expression alone, such as sqrt(50).',
  limit: 'There are no limits yet. Try values close to the point: sin(x)/x with x = 0.001, say.',
  int: 'Write integral with the function, its variable and the limits: integral(x^2, x, 0, 1).',
  diff: 'Write derivative with the function, its variable and the place: derivative(x^2, x, 3).',
  log2: 'Write the base as the second value: log(8, 2).',
  log10: 'Write log(100), which is to base ten.',
  nCr: 'Write nCr(10, 3).',
  nPr: 'Write nPr(10, 3).',
};

const syntax: { [R in SyntaxReason]: (p: Of<'syntax'>) => string } = {
  empty: () => 'There is nothing on the line yet.',
  'operand-missing': (p) => (p.found ? `A number is missing before “${p.found}”.` : 'A number is missing at the end.'),
  'operator-missing': (p) => `An operation is missing before “${p.found}”.`,
  'foreign-word': (p) => foreignTexts[p.found as ForeignWord],
  'unknown-character': (p) => `“${p.found}” has no meaning here.`,
  'unopened-bracket': () => 'This closing bracket has no opening one.',
  'empty-box': () => 'A box is still empty.',
  'two-numbers': (p) => `Two numbers stand side by side: “${p.found}”. Put an operation between them.`,
  'comma-outside-call': (p) => `“${p.found}” holds a comma. Is it ${p.offers?.join(' or ')}?`,
  'separator-outside-call': (p) => `“${p.found}” only separates the values given to a function.`,
  'percent-before-operand': () => '% is percent here. For a remainder write mod; to multiply, write × after it.',
  'argument-missing': (p) => `${p.found} has nothing to work on.`,
  'number-badly-formed': (p) =>
    `“${p.found}” is not a number: after a digit that recurs only others that recur may stand.`,
  'angle-badly-formed': () => 'Degrees, minutes and seconds are written like 73°24′36″.',
  'nested-too-deep': () => 'There are more brackets inside each other than can be read.',
  'not-a-letter': () => 'Only a letter A to Z can keep a value: A := 18.4.',
  'power-of-function': (p) => `A power right after ${p.found} must be a whole number, or −1 for the inverse.`,
  'variable-missing': (p) => `The second value of ${p.found} is the letter that it runs over, such as k or x.`,
  'start-values': () => 'Values to begin with are told so: a = 1, b = 2.',
  'no-letters': () => 'An own model has letters besides x: a·x^b.',
  'number-as-condition': () => 'A condition compares: height > 40.',
  'comparison-as-number': () =>
    'This is true or false and not a number. Only and, or, not and cases can go on with it.',
  'number-as-comparison': () => 'A comparison is needed here, such as x < 3.',
  'slot-number': () => 'Slots have the numbers 0 to 9.',
  'cases-form': () => 'cases takes a condition and a value in turn, and at the end the value otherwise.',
  'matrix-unclosed': () => 'The square bracket is not closed: ] is missing.',
  'entry-is-matrix': () => 'The entries of a matrix are numbers; this one is a matrix itself.',
  'digit-outside-base': (p) => `“${p.found}” is no digit of base ${p.base}.`,
  'base-range': (p) => `There are bases from 2 to 36, and this is ${p.found}.`,
  'base-missing': () => 'After “base” stands a number from 2 to 36.',
  'unit-missing': () => 'A unit is missing here.',
  'unit-badly-formed': (p) => `“${p.found}” is not a unit as it stands: km/h, kg/m^3, N·m are.`,
  'date-badly-formed': (p) => `“${p.found}” is no date: 2027-05-31 is one, and 31 May 2027.`,
  'year-digits': (p) => `The year “${p.found}” needs four digits, so that no century is guessed.`,
  'time-badly-formed': (p) => `“${p.found}” is no time: 2 h 15 min is one, and 2:15.`,
  'too-long': () => 'The line is too long to be read at once. Keep parts of it in letters.',
};

/** The signs between values as they are told. */
const signNames: Readonly<Record<string, string>> = {
  '+': 'A sum',
  '−': 'A difference',
  '·': 'A product',
  '÷': 'A quotient',
  '^': 'A power',
  '%': 'A percent',
  '!': 'A factorial',
  '[ ]': 'An entry',
};
const nameOf = (fn: string): string => signNames[fn] ?? fn;

const sizeText = ([rows, columns]: Size): string =>
  columns === 1 ? (rows === 1 ? 'a number' : `a vector of ${rows}`) : `${rows} × ${columns}`;

/** What fits, for a sign or a function of two. */
const fitting: Readonly<Record<string, string>> = {
  '+': 'only matrices of one size are added',
  '−': 'only matrices of one size are subtracted',
  '·': 'the left one must have as many columns as the right one has rows',
  solve: 'the vector needs one entry for each row of the matrix',
};

function dimensionText(p: Of<'dimension'>): string {
  switch (p.reason) {
    case 'unequal-lengths':
      return `The columns have unequal lengths: ${p.needs} and ${p.got} values.`;
    case 'too-few':
      return `This needs at least ${p.needs} different values of x; there ${p.got === 1 ? 'is 1' : `are ${p.got}`}.`;
    case 'too-few-values':
      return `This needs at least ${p.needs} values; there ${p.got === 1 ? 'is 1' : `are ${p.got}`}.`;
    case 'sizes':
      return `The sizes do not fit: ${sizeText(p.left)} and ${sizeText(p.right)}; ${fitting[p.fn] ?? `${p.fn} takes vectors of one length`}.`;
    case 'not-square':
      return `${nameOf(p.fn)} needs a square matrix; this one is ${sizeText(p.size)}.`;
    case 'not-in-space':
      return `${nameOf(p.fn)} takes vectors of three entries; this is ${sizeText(p.size)}.`;
    case 'too-many-entries':
      return `A matrix has at most 50 rows and 50 columns; this one is ${p.size[0]} × ${p.size[1]}.`;
    case 'ragged':
      return `Row ${p.row} has ${p.got === 1 ? '1 entry' : `${p.got} entries`}, the first row has ${p.needs}.`;
    case 'unlike-units':
      return `${p.from} and ${p.to} do not measure the same.`;
    case 'outside':
      return p.column === ''
        ? `An entry of a matrix of ${sizeText(p.size)} has a row and a column: A[${p.row}, 1].`
        : `There is no entry in row ${p.row}, column ${p.column}: it has ${sizeText(p.size)}.`;
  }
}

const domain: { [R in DomainReason]: (fn: string, p: Of<'domain'>) => string } = {
  'even-root-of-negative': () => 'An even root of a negative number is not a real number.',
  'log-of-non-positive': (fn) => `${fn} needs a number above zero.`,
  'log-base': (fn) => `The base of ${fn} must be above zero and not 1.`,
  pole: (fn) => `${fn} has no value at this angle.`,
  'outside-minus-one-to-one': (fn) => `${fn} takes numbers from −1 to 1.`,
  'inside-minus-one-to-one': (fn) => `${fn} takes numbers of size 1 or more.`,
  'negative-factorial': () => 'The factorial has no value at negative whole numbers.',
  'whole-numbers-only': (fn) => `${fn} takes whole numbers from 0 on.`,
  'needs-matrix': (fn) => `${nameOf(fn)} takes a matrix here: [[1, 2], [3, 4]].`,
  'off-now': (fn) => `${nameOf(fn)} is off during this examination.`,
  'needs-vector': (fn) => `${nameOf(fn)} takes vectors: [1, 2, 3].`,
  'needs-number': (fn) => `${nameOf(fn)} takes a number here, and this is a matrix.`,
  'needs-whole': (fn) => `${nameOf(fn)} takes a whole number here.`,
  singular: () => 'This matrix has no inverse: its determinant is 0.',
  'zero-vector': (fn) => `${nameOf(fn)} has no value for a vector of zeros, which has no direction.`,
  contradiction: () => 'There is no solution: the rows contradict each other.',
  'many-solutions': () => 'There are infinitely many solutions. rref shows what they have in common.',
  'complex-values': (fn) => `Some of the ${fn} are complex. Complex numbers can be turned on in Settings.`,
  'not-linear': () => 'This is not linear: an unknown may only be multiplied by numbers.',
  'not-an-equation': () => 'An equation is needed here, with = once.',
  'rational-only': (fn) => `${fn} takes whole numbers and fractions.`,
  'negative-base': () => 'A negative number can be raised only to a fraction with an odd denominator.',
  'not-between-minus-one-and-one': (fn) => `${fn} takes numbers between −1 and 1.`,
  'below-one': (fn) => `${fn} takes numbers from 1 on.`,
  'zero-argument': () => 'Zero has no direction, and so no argument.',
  'real-only': (fn) => `${fn} takes real numbers only.`,
  'no-order': () => 'Complex numbers are not larger or smaller than others.',
  'no-derivative': () => 'There is no derivative here: a corner, a jump, or an end of the domain.',
  infinite: () => '∞ can only be a limit of an integral.',
  bounds: (fn) =>
    fn === 'randint' ? 'randint takes the lower number first.' : `The limits of ${fn} are whole numbers.`,
  places: (fn) => `The second value of ${fn} is a whole number of digits.`,
  'not-whole': (fn) => `${fn} takes whole numbers.`,
  'zero-root': () => 'There is no 0th root.',
  'no-spread': () => 'All values of x are alike: a curve through them needs different ones.',
  frequency: () => 'A frequency is a whole number from 0 on.',
  'no-values': () => 'There are no values to sum up.',
  'relation-no-curve': () =>
    'This is an equation or an inequality, and Curves draws functions of x. Write y = 2x + 1, say; solve an equation on the Bench.',
  'no-curve': () =>
    'This cannot be drawn: it has a part that is worked in exact numbers only (chance, complex numbers, an integral that varies).',
  'missing-value': () => 'A value is missing here, since a column used with this one has one in the same row.',
  'class-order': () => 'The upper bound of a class must be above its lower one.',
  'class-overlap': () => 'This class overlaps the one before it.',
  'class-width': () =>
    'The width of the classes cannot be told from these bounds, or there would be too many. Give a width, or both bounds.',
  'class-count': () => 'The number of classes is a whole number from 1 to 500.',
  weight: () => 'A weight is a number from 0 on.',
  'first-above-last': () => 'The last number is not below the first.',
  'rule-circle': () => 'This column is worked from itself, by way of others.',
  'not-a-share': () => 'A share lies between 0 and 1: 0.9 or 90%.',
  'outside-word': (fn, { bits }) => `${fn} takes whole numbers of at most ${bits} bits, as the settings say.`,
  'places-of-bits': (fn) => `${fn} moves bits by a whole number of places from 0 on.`,
  'date-range': () => 'Dates are those of the years 1 to 9999.',
  'no-such-date': () => 'There is no such day in the calendar.',
  'period-whole': () => 'Years, months, weeks and days are whole numbers.',
  'payment-below-interest': (_fn, { interest }) =>
    `The payment does not even cover the interest${interest === undefined ? '' : `: ${interest}`}. The loan would never end.`,
  'no-rate': () => 'No rate of interest above −100 % brings these numbers together.',
  'no-term': () => 'No number of payments brings these numbers together.',
  'terms-whole': () => 'The number of payments is a number from 1 on.',
  'values-needed': () => 'This needs the values themselves, and not only what sums them up.',
  'no-variance': () => 'The values do not vary, so that nothing can be compared with their spread.',
  'on-a-line': () => 'All points lie on one line: nothing is left to compare its slope with.',
  label: () => 'A letter alone is a label here, not a kept value. To use the kept value, write it as 1A, say.',
  'empty-cell': () =>
    'Every cell needs a value at least: one that is empty says nothing of its row and column together.',
  'counts-whole': () =>
    'Counts are whole numbers: 0, 1, 2, … Enter how often each value occurred, not a percentage or a mean.',
  'expected-zero': () => 'Every count that is expected must be above zero.',
  'all-alike': () => 'All values are alike: none lies on either side.',
  'grows-without-bound': (fn) => `${fn} grows without bound there.`,
  step: () => 'The step must lead from the first x towards the last one.',
};

const shownBound = (bound: number): string => String(bound).replace('-', '−');

const demands: { [D in ParameterDemand]: (other: string) => string } = {
  'above-zero': () => 'must be above 0',
  'from-zero': () => 'must be 0 or more',
  share: () => 'must be a share from 0 to 1',
  'share-above-zero': () => 'must be a share above 0, up to 1',
  'share-inside': () => 'must be a share between 0 and 1, and neither of them',
  'share-of-end': () => 'must be a share between 0 and 1 here: there is no end to what can happen',
  'from-other': (other) => `cannot be smaller than ${other}`,
  whole: () => 'must be a whole number',
  count: () => 'must be a whole number from 0 on',
  'above-other': (other) => `must be larger than ${other}`,
  'up-to-other': (other) => `cannot be larger than ${other}`,
};

const names = (n: number): string => (n === 1 ? 'one value' : `${n} values`);

const countOf = ({ least, most }: Of<'argument-count'>): string => {
  if (least === most) return least === 0 ? 'no values' : names(least);
  return most >= 100 ? `${names(least)} or more` : `${least} to ${most} values`;
};

function nameText({ name, unit, among, offers = [] }: Of<'undefined-name'>): string {
  if (among === 'request') return `${name} is missing.`;
  if (among !== undefined) return `“${name}” is not among the ${among}: ${offers.join(', ')}.`;
  if (unit === 'unknown') return `“${name}” is no unit that is known here.`;
  if (unit === 'ambiguous') return `“${name}” may be ${offers.join(', or ')}.`;
  if (name === 'Ans') return 'There is no answer yet for Ans to stand for.';
  if (name === 'i' || /^(re|im|conj|arg)$/.test(name))
    return `${name} needs complex numbers, which are off in the settings.`;
  if (name === 'total') return 'The running total holds nothing yet.';
  if (name.startsWith('slot')) return `${name} holds nothing yet.`;
  if (/^[A-Z]$/.test(name)) return `The letter ${name} holds nothing yet.`;
  if (name.length > 1) return `There is no column of numbers that is called ${name}.`;
  return `${name} stands for no number here. Letters A to Z keep values.`;
}

const sentences: { [C in ProblemCode]: (p: Of<C>) => string } = {
  syntax: (p) => syntax[p.reason](p),
  domain: (p) => (p.row === undefined ? '' : `Row ${p.row + 1}: `) + domain[p.reason](p.fn ?? 'This', p),
  parameter: (p) => `${p.name} of ${p.fn} ${demands[p.must](p.other ?? '')}.`,
  'outside-range': ({ least, most, isWhole }) =>
    `This is a ${isWhole ? 'whole ' : ''}number from ${shownBound(least)} to ${shownBound(most)}.`,
  'divide-by-zero': () => 'This divides by zero.',
  'too-large': () => 'The result is too large, or too close to zero: it needs more than a million digits.',
  'undefined-name': nameText,
  'argument-count': (p) =>
    p.missing === undefined
      ? `${p.fn} takes ${countOf(p)}; it was given ${p.got}.${p.between === undefined ? '' : ` Key them first, one after another, with ${p.between} between them, and ${p.fn} behind the last.`}`
      : `${p.fn} takes ${countOf(p)} from the stack; ${p.missing === 1 ? '1 is' : `${p.missing} are`} missing.`,
  dimension: dimensionText,
  'not-converged': (p) =>
    p.reason === 'diverges'
      ? 'This integral grows without bound, or does not come to rest at any value.'
      : p.reason === 'no-fit'
        ? 'No curve of this kind was found that fits these values. More of them, or other numbers to begin with, may help.'
        : 'A thousand digits were not enough to decide this (a value may be exactly zero).',
  stopped: ({ reason }) =>
    reason === 'terms'
      ? 'There are too many terms: a sum or product of more than a million of them is only worked where it has a closed form.'
      : 'This took too long and was stopped.',
  internal: (p) =>
    p.reason === 'bug'
      ? 'Something went wrong inside Ulkav; the fault is not yours. Everything is still here, and the next line is worked afresh.'
      : 'A part of Ulkav could not be loaded. Everything is still here; it is fetched again with the next try.',
};

/** The sentence for a problem. */
export function problemText(problem: Problem): string {
  // The mapped type pairs each code with its sentence; the lookup cannot show that to the compiler.
  return (sentences[problem.code] as (p: Problem) => string)(problem);
}
