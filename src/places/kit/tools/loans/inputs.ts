import { z } from 'zod/mini';
import { loanParts } from '@/core/loan/loan';

const text = (first = '') => z.catch(z.string(), first);
const flag = (first: 'on' | 'off' = 'off') => z.catch(z.enum(['on', 'off']), first);

export const loanKinds = ['loan', 'savings', 'simple'] as const;

/** How the rate of a year is told: effective, or nominal with interest added so often a year. */
export const ratings = ['payments', 'effective', '12', '4', '2', '365'] as const;
export const yearlyPayments = ['12', '4', '2', '1', '52', '26'] as const;

/** The numbers of a loan, of savings and of simple interest; the sought one is kept, and not looked at. */
export const inputs = z.object({
  kind: z.catch(z.enum(loanKinds), 'loan'),
  solve: z.catch(z.enum(loanParts), 'payment'),
  amount: text(),
  deposit: text(),
  rate: text(),
  term: text(),
  payment: text(),
  balance: text(),
  start: text(),
  end: text(),
  perYear: z.catch(z.enum(yearlyPayments), '12'),
  rating: z.catch(z.enum(ratings), 'payments'),
  atBeginning: flag(),
  coins: flag('on'),
  compare: flag(),
  change: z.catch(z.enum(loanParts), 'payment'),
  changeTo: text(),
  principal: text(),
  yearlyRate: text(),
  years: text(),
});

export type LoanEntries = z.infer<typeof inputs>;

export const loanEntries = { id: 'loans', inputs } as const;

/** How often a year interest is added. */
export const compoundingOf = ({ rating, perYear }: LoanEntries): number =>
  rating === 'payments' ? Number(perYear) : rating === 'effective' ? 1 : Number(rating);
