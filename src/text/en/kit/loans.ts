import type { LoanPart } from '@/core/loan/loan';

/** Words of the tool Loans. */
export const loanWords = {
  name: 'Loans and savings',
  answers: 'What a loan costs a month, how long it lasts, what it is worth; regular saving; simple interest.',
  words:
    'loan mortgage interest rate payment monthly instalment installment annuity repay repayment amortisation amortization balance saving savings deposit growth compound present value future value payback credit',
  kinds: 'What it is',
  loan: 'Loan',
  savings: 'Savings',
  simple: 'Simple interest',
  sought: 'What is sought',
  deposit: 'Paid at once',
  perYear: 'Payments a year',
  compounding: 'How the rate is told',
  effective: 'effective',
  nominal: 'nominal, added at each payment',
  nominalMonthly: 'nominal, added monthly',
  nominalQuarterly: 'nominal, added quarterly',
  nominalHalf: 'nominal, added twice a year',
  nominalDaily: 'nominal, added daily',
  atBeginning: 'At the beginning of a period',
  atBeginningNote: 'Else each payment is made at its end',
  coins: 'Round to cents',
  coinsNote: 'The rounded payment goes through the schedule, and the last one makes up for it',
  first: 'Write all but one of the numbers; that one is worked out.',
  results: 'What it comes to',
  count: 'Number of payments',
  last: 'Last payment',
  total: 'Total paid',
  saved: 'Total put in',
  interest: 'Total interest',
  effectiveRate: 'Effective rate a year, in %',
  formula: 'By the formula',
  withNumbers: 'with the numbers',
  noFormula: 'No formula gives the rate: it is searched for, and proved.',
  schedule: 'Schedule',
  byYear: 'By year',
  byPayment: 'By payment',
  year: 'Year',
  period: 'Payment',
  paid: 'Paid',
  ofInterest: 'Interest',
  repaid: 'Repaid',
  balance: 'Balance',
  more: 'Show more',
  saveCsv: 'Save as CSV',
  columns: 'Make columns',
  chart: 'Interest, repayment and balance',
  legend: 'Bars: repaid, and interest on top; line: the balance, on a scale of its own.',
  compare: 'Compare two',
  compareNote: 'The same with one number otherwise: how it changes the rest',
  changes: 'Which number changes',
  changeTo: 'to',
  number: 'Number',
  asItIs: 'As it is',
  changed: 'Changed',
  difference: 'Difference',
  isCut: 'The schedule is longer than what is written out.',
  principal: 'Amount',
  yearlyRate: 'Rate a year, in %',
  years: 'Years',
  simpleInterest: 'Interest',
  simpleTotal: 'Amount with interest',
  simpleFirst: 'Write an amount, a rate and a time.',
  simpleCompare: 'With interest on interest',
  fileName: 'schedule',
} as const;

const loanNames: Readonly<Record<LoanPart, string>> = {
  payment: 'Payment',
  amount: 'Amount',
  rate: 'Rate a year, in %',
  term: 'Number of payments',
  balance: 'Final balance',
};
const savingsNames: Readonly<Record<LoanPart, string>> = {
  payment: 'Put in each time',
  amount: 'At the start',
  rate: 'Rate a year, in %',
  term: 'How many times',
  balance: 'At the end',
};
export const partName = (part: LoanPart, isSavings: boolean): string => (isSavings ? savingsNames : loanNames)[part];
export const termNote = (payments: number, perYear: number): string | null => {
  const years = payments / perYear;
  const rounded = Number(years.toFixed(2));
  return Number.isFinite(years) && payments > 0 ? `${rounded} ${rounded === 1 ? 'year' : 'years'}` : null;
};
export const changedName = (part: string): string => `${part} ${loanWords.changeTo}`;
export const barText = (label: string, paid: string, interest: string, repaid: string, balance: string): string =>
  `${label}: ${loanWords.paid} ${paid}, ${loanWords.ofInterest} ${interest}, ${loanWords.repaid} ${repaid}, ${loanWords.balance} ${balance}`;
