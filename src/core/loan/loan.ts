import type { ProblemData } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import * as arithmetic from '../number/arithmetic';
import type { RealResult } from '../number/arithmetic';
import { roundToPlaces } from '../number/digits';
import type { Decimal } from '../number/digits';
import { logTo } from '../number/logarithm';
import { power } from '../number/power';
import { signOf } from '../number/sign';
import { asWhole, fromWhole } from '../number/value';
import type { RealValue } from '../number/value';
import { rateOf } from './rate';

/*
 * Money with compound interest. What was borrowed grows by the rate each period; a payment is taken off at the end of
 * each, or at its beginning; a balance is left: A·vⁿ = P·(1 + i)^b·(vⁿ − 1)/i + B with v = 1 + i, b = 1 at the beginning.
 * Savings are the same with the signs of amount and balance turned. Source: the equation of value of any textbook of
 * financial mathematics, such as S. G. Kellison, The Theory of Interest (from memory).
 */

export const loanParts = ['payment', 'amount', 'rate', 'term', 'balance'] as const;
export type LoanPart = (typeof loanParts)[number];

/** `rate`: by period, as a number and not per cent. `term`: periods, and so payments. */
export type Loan = Readonly<Record<LoanPart, RealValue>> & Readonly<{ atBeginning: boolean }>;

const { ONE, add, multiply, negate, subtract } = arithmetic;

/** Results worked one after another: the first problem ends them. */
const then = (result: RealResult, next: (v: RealValue) => RealResult): RealResult =>
  result.ok ? next(result.value) : result;

type Growth = Readonly<{ grown: RealValue; payments: RealValue }>;

/** (1 + i)ⁿ, and what n payments of 1 come to by the end, at their end or beginning. */
function growth(
  { rate, term, atBeginning }: Pick<Loan, 'rate' | 'term' | 'atBeginning'>,
  shouldContinue: ShouldContinue,
): Result<Growth, ProblemData> {
  const one = add(ONE, rate);
  const grown = power(one, term, shouldContinue);
  if (!grown.ok) return grown;
  if (signOf(rate, shouldContinue) === 0) return succeed({ grown: grown.value, payments: term });
  const sum = arithmetic.divide(subtract(grown.value, ONE), rate, shouldContinue);
  if (!sum.ok) return sum;
  return succeed({ grown: grown.value, payments: atBeginning ? multiply(sum.value, one) : sum.value });
}

/** An amount as it is told: 12.50. */
function inCents({ unscaled }: Decimal): string {
  const digits = `${unscaled < 0n ? -unscaled : unscaled}`.padStart(3, '0');
  return `${unscaled < 0n ? '−' : ''}${digits.slice(0, -2)}.${digits.slice(-2)}`;
}

/** How many periods: the logarithm of (P·b/i − B)/(P·b/i − A) to the base 1 + i. */
function termOf(loan: Loan, shouldContinue: ShouldContinue): RealResult {
  const { amount, payment, balance, rate, atBeginning } = loan;
  const sign = signOf(rate, shouldContinue);
  if (sign === 0) {
    if (signOf(payment, shouldContinue) === 0) return fail({ code: 'domain', reason: 'no-term' });
    return positive(arithmetic.divide(subtract(amount, balance), payment, shouldContinue), shouldContinue);
  }
  const due = atBeginning ? multiply(payment, add(ONE, rate)) : payment;
  const level = arithmetic.divide(due, rate, shouldContinue);
  if (!level.ok) return level;
  const [above, below] = [subtract(level.value, balance), subtract(level.value, amount)];
  const [top, bottom] = [signOf(above, shouldContinue), signOf(below, shouldContinue)];
  // What is paid does not reach what the rate adds: the balance grows, or stays for ever.
  const isStuck = typeof bottom === 'number' && bottom <= 0 && signOf(amount, shouldContinue) === 1 && sign === 1;
  if (isStuck && top !== bottom) {
    const owed = multiply(atBeginning ? subtract(amount, payment) : amount, rate);
    const interest = roundToPlaces(owed, 2, shouldContinue);
    return fail({
      code: 'domain',
      reason: 'payment-below-interest',
      ...(typeof interest === 'string' ? {} : { interest: inCents(interest) }),
    });
  }
  if (bottom === 0 || top === 0 || top !== bottom) return fail({ code: 'domain', reason: 'no-term' });
  const quotient = arithmetic.divide(above, below, shouldContinue);
  return positive(
    then(quotient, (v) => logTo(v, add(ONE, rate), shouldContinue)),
    shouldContinue,
  );
}

const positive = (result: RealResult, shouldContinue: ShouldContinue): RealResult =>
  then(result, (n) => (signOf(n, shouldContinue) === -1 ? fail({ code: 'domain', reason: 'no-term' }) : succeed(n)));

/**
 * The part of a loan that the others leave open; what stands in its place in the loan is not looked at. Exact where the
 * numbers are, a term exact where the logarithm comes out, a rate proved to as many places as `places` says.
 * Problems: domain, where no such part is there; and those of the numbers.
 */
export function solveLoan(part: LoanPart, loan: Loan, places: number, shouldContinue: ShouldContinue): RealResult {
  const { amount, payment, balance } = loan;
  if (part === 'term') return termOf(loan, shouldContinue);
  if (part === 'rate') {
    const n = asWhole(loan.term);
    if (n === null || n < 1n) return fail({ code: 'domain', reason: 'terms-whole' });
    return rateOf({ ...loan, term: Number(n) }, places, shouldContinue);
  }
  const factors = growth(loan, shouldContinue);
  if (!factors.ok) return factors;
  const { grown, payments } = factors.value;
  switch (part) {
    case 'payment':
      return arithmetic.divide(subtract(multiply(amount, grown), balance), payments, shouldContinue);
    case 'amount':
      return arithmetic.divide(add(multiply(payment, payments), balance), grown, shouldContinue);
    case 'balance':
      return succeed(subtract(multiply(amount, grown), multiply(payment, payments)));
  }
}

/** What is paid in all, without the balance that is left, and the interest in it. */
export function totalsOf({
  amount,
  payment,
  balance,
  term,
}: Loan): Readonly<{ total: RealValue; interest: RealValue }> {
  const total = multiply(payment, term);
  return { total, interest: add(total, subtract(balance, amount)) };
}

/** The rate of a period from one that is told for a year: (1 + j/m)^(m/p) − 1. `m`: how often a year interest is added. */
export const ratePerPeriod = (
  yearly: RealValue,
  compounding: number,
  payments: number,
  shouldContinue: ShouldContinue,
): RealResult =>
  then(arithmetic.divide(yearly, fromWhole(compounding), shouldContinue), (share) =>
    compounding === payments
      ? succeed(share)
      : then(arithmetic.divide(fromWhole(compounding), fromWhole(payments), shouldContinue), (exponent) =>
          then(power(add(ONE, share), exponent, shouldContinue), (grown) => succeed(subtract(grown, ONE))),
        ),
  );

/** The rate that is told for a year, from that of a period: m·((1 + i)^(p/m) − 1); effective where m is 1. */
export const yearlyRate = (
  rate: RealValue,
  compounding: number,
  payments: number,
  shouldContinue: ShouldContinue,
): RealResult =>
  compounding === payments
    ? succeed(multiply(rate, fromWhole(compounding)))
    : then(arithmetic.divide(fromWhole(payments), fromWhole(compounding), shouldContinue), (exponent) =>
        then(power(add(ONE, rate), exponent, shouldContinue), (grown) =>
          succeed(multiply(fromWhole(compounding), subtract(grown, ONE))),
        ),
      );

/** The loan as savings see it: what is put in is owed the other way round. */
export const asSavings = (loan: Loan): Loan => ({
  ...loan,
  amount: negate(loan.amount),
  balance: negate(loan.balance),
});
