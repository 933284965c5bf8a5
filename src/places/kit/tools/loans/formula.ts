import type { LoanPart } from '@/core/loan/loan';

/** The numbers of a loan as typed texts with a point, the rate that of a period. */
export type Numbers = Readonly<Record<LoanPart, string>>;

/* The textbook's formulas, with the letters or with numbers in their place. Source: the equation of value in core/loan. */

const formulas: Readonly<Record<Exclude<LoanPart, 'rate'>, (n: Numbers, atBeginning: boolean) => string>> = {
  payment: ({ amount, balance, rate, term }, atBeginning) =>
    `${balance === '0' ? `${amount}*(1+${rate})^${term}` : `(${amount}*(1+${rate})^${term}-${balance})`}*${rate}/(${atBeginning ? `(1+${rate})*` : ''}((1+${rate})^${term}-1))`,
  amount: ({ payment, balance, rate, term }, atBeginning) =>
    `(${payment}*${atBeginning ? `(1+${rate})*` : ''}((1+${rate})^${term}-1)/${rate}${balance === '0' ? '' : `+${balance}`})/(1+${rate})^${term}`,
  balance: ({ amount, payment, rate, term }, atBeginning) =>
    `${amount}*(1+${rate})^${term}-${payment}*${atBeginning ? `(1+${rate})*` : ''}((1+${rate})^${term}-1)/${rate}`,
  term: ({ amount, payment, balance, rate }, atBeginning) => {
    const level = `${payment}${atBeginning ? `*(1+${rate})` : ''}/${rate}`;
    return `log((${level}${balance === '0' ? '' : `-${balance}`})/(${level}-${amount}),1+${rate})`;
  },
};

/** The same with what was put in at first, D, and what it comes to, F, in the places of amount and balance. */
const ofSavings: typeof formulas = {
  payment: ({ amount, balance, rate, term }, atBeginning) =>
    `(${balance}-${amount}*(1+${rate})^${term})*${rate}/(${atBeginning ? `(1+${rate})*` : ''}((1+${rate})^${term}-1))`,
  amount: ({ payment, balance, rate, term }, atBeginning) =>
    `(${balance}-${payment}*${atBeginning ? `(1+${rate})*` : ''}((1+${rate})^${term}-1)/${rate})/(1+${rate})^${term}`,
  balance: ({ amount, payment, rate, term }, atBeginning) =>
    `${amount}*(1+${rate})^${term}+${payment}*${atBeginning ? `(1+${rate})*` : ''}((1+${rate})^${term}-1)/${rate}`,
  term: ({ amount, payment, balance, rate }, atBeginning) => {
    const level = `${payment}${atBeginning ? `*(1+${rate})` : ''}/${rate}`;
    return `log((${balance}+${level})/(${amount}+${level}),1+${rate})`;
  },
};

const SAVERS_LETTERS: Numbers = { payment: 'P', amount: 'D', rate: 'i', term: 'n', balance: 'F' };
const LETTERS: Numbers = { payment: 'P', amount: 'A', rate: 'i', term: 'n', balance: 'B' };

/** A formula in letters and with the numbers put in; null for the rate, which no formula gives. */
export function formulaOf(
  part: LoanPart,
  numbers: Numbers,
  atBeginning: boolean,
  isSavings = false,
): Readonly<{ letters: string; numbers: string }> | null {
  if (part === 'rate') return null;
  const put = (text: string): string => (text === '' ? '0' : /^\d+(?:\.\d+)?$/.test(text) ? text : `(${text})`);
  const [amount, payment, balance, term, rate] = [
    numbers.amount,
    numbers.payment,
    numbers.balance,
    numbers.term,
    numbers.rate,
  ].map(put);
  const work = (isSavings ? ofSavings : formulas)[part];
  return {
    letters: work(isSavings ? SAVERS_LETTERS : LETTERS, atBeginning),
    numbers: work(
      { amount: amount ?? '0', payment: payment ?? '0', balance: balance ?? '0', term: term ?? '0', rate: rate ?? '0' },
      atBeginning,
    ),
  };
}

/** The rate of a period as a typed text, from that of a year in per cent. */
export function periodicText(rate: string, compounding: number, perYear: number): string {
  const share = `${/^\d+(?:\.\d+)?$/.test(rate) ? rate : `(${rate})`}%`;
  if (compounding === perYear) return `${share}/${perYear}`;
  return `(1+${share}${compounding === 1 ? '' : `/${compounding}`})^(${compounding}/${perYear})-1`;
}
