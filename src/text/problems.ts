import type { DomainReason, Problem, ProblemCode, SyntaxReason } from '@/core/base/problem';

type Of<C extends ProblemCode> = Extract<Problem, { code: C }>;

const syntax: { [R in SyntaxReason]: (p: Of<'syntax'>) => string } = {
  empty: () => 'There is nothing on the line yet.',
  'operand-missing': (p) => (p.found ? `A number is missing before “${p.found}”.` : 'A number is missing at the end.'),
  'operator-missing': (p) => `An operation is missing before “${p.found}”.`,
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
  'too-long': () => 'The line is too long to be read at once. Keep parts of it in letters.',
};

const domain: { [R in DomainReason]: (fn: string) => string } = {
  'even-root-of-negative': () => 'An even root of a negative number is not a real number.',
  'log-of-non-positive': (fn) => `${fn} needs a number above zero.`,
  'log-base': (fn) => `The base of ${fn} must be above zero and not 1.`,
  pole: (fn) => `${fn} has no value at this angle.`,
  'outside-minus-one-to-one': (fn) => `${fn} takes numbers from −1 to 1.`,
  'inside-minus-one-to-one': (fn) => `${fn} takes numbers of size 1 or more.`,
  'negative-factorial': () => 'The factorial has no value at negative whole numbers.',
  'whole-numbers-only': (fn) => `${fn} takes whole numbers from 0 on.`,
  'rational-only': (fn) => `${fn} takes whole numbers and fractions.`,
  'negative-base': () => 'A negative number can be raised only to a fraction with an odd denominator.',
  'zero-root': () => 'There is no 0th root.',
};

const names = (n: number): string => (n === 1 ? 'one value' : `${n} values`);

const sentences: { [C in ProblemCode]: (p: Of<C>) => string } = {
  syntax: (p) => syntax[p.reason](p),
  domain: (p) => domain[p.reason](p.fn ?? 'This function'),
  'divide-by-zero': () => 'This divides by zero.',
  'too-large': () => 'The result is too large, or too close to zero: it needs more than a million digits.',
  'undefined-name': (p) =>
    p.name === 'Ans'
      ? 'There is no answer yet for Ans to stand for.'
      : /^[A-Z]$/.test(p.name)
        ? `The letter ${p.name} holds nothing yet.`
        : `${p.name} stands for no number here. Letters A to Z keep values.`,
  'argument-count': (p) =>
    `${p.fn} takes ${p.least === p.most ? names(p.least) : `${p.least} to ${p.most} values`}; it was given ${p.got}.`,
  'not-converged': () => 'A thousand digits were not enough to decide this (a value may be exactly zero).',
  stopped: () => 'This took too long and was stopped.',
};

/** The sentence for a problem. */
export function problemText(problem: Problem): string {
  // The mapped type pairs each code with its sentence; the lookup cannot show that to the compiler.
  return (sentences[problem.code] as (p: Problem) => string)(problem);
}
