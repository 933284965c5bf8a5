import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { Context } from '@/core/evaluate/context';
import { loanParts, solveLoan, totalsOf } from '@/core/loan/loan';
import type { Loan, LoanPart } from '@/core/loan/loan';
import { ZERO } from '@/core/number/arithmetic';
import type { RealValue } from '@/core/number/value';
import { NOWHERE, knownDecimals, numberIn } from './numbers';
import type { LoanRequest } from './request';

/** What the parts of a loan are called in a request. */
const NAMES: Readonly<Record<LoanPart, 'payment' | 'amount' | 'ratePerPeriod' | 'periods' | 'balance'>> = {
  payment: 'payment',
  amount: 'amount',
  rate: 'ratePerPeriod',
  term: 'periods',
  balance: 'balance',
};

/** More places than can be asked for. */
const PLACES = 230;

/** The part of a loan that is asked for, with all payments and the interest in them. A balance that is not given is 0. */
export function loanAnswer(request: LoanRequest, context: Context): Result<object, Problem> {
  const parts: Record<LoanPart, RealValue> = { payment: ZERO, amount: ZERO, rate: ZERO, term: ZERO, balance: ZERO };
  for (const part of loanParts) {
    const text = request[NAMES[part]];
    if (part === request.solve) continue;
    if (text === undefined && part === 'balance') continue;
    if (text === undefined) return fail(withSpan({ code: 'undefined-name', name: NAMES[part] }, NOWHERE));
    const value = numberIn(text, context);
    if (!value.ok) return value;
    parts[part] = value.value;
  }
  const loan: Loan = { ...parts, atBeginning: request.when === 'begin' };
  const solved = solveLoan(request.solve, loan, PLACES, context.shouldContinue);
  if (!solved.ok) return fail(withSpan(solved.problem, NOWHERE));
  const whole: Loan = { ...loan, [request.solve]: solved.value };
  const known = knownDecimals({ value: solved.value, ...totalsOf(whole) }, context);
  return known.ok ? succeed({ ...known.value.texts, settled: known.value.settled }) : known;
}
