import { itemAt } from '@/core/base/item';
import { withSpan } from '@/core/base/problem';
import type { Problem, ProblemData } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { ShouldContinue } from '@/core/base/should-continue';
import type { Context } from '@/core/evaluate/context';
import { decimalTexts } from '@/core/format/decimal';
import { asSavings, ratePerPeriod, solveLoan, yearlyRate } from '@/core/loan/loan';
import type { Loan, LoanPart } from '@/core/loan/loan';
import { byYear, MOST_INSTALLMENTS, scheduleOf, toCoins } from '@/core/loan/schedule';
import type { Installment } from '@/core/loan/schedule';
import * as arithmetic from '@/core/number/arithmetic';
import { roundToPlaces } from '@/core/number/digits';
import { powerOfTen } from '@/core/number/integer';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { ceiling } from '@/core/number/rounding';
import { asRational, asWhole, fromRational, fromWhole, isReal } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import { contextFor } from '../answer';
import type { LineRequest } from '../answer';
import { Shower } from '../solution-view';
import type { KeptView } from '../solution-view';
import { entryValue } from './tables';

/** The numbers of a loan as they are entered: the rate a year in per cent, the term in payments; `deposit` is paid at once. */
export type LoanTexts = Readonly<Record<LoanPart | 'deposit', string>>;

export type LoanRequest = LineRequest &
  Readonly<{
    isSavings: boolean;
    solve: LoanPart;
    texts: LoanTexts;
    /** How often a year interest is added; 1 for an effective rate. */
    compounding: number;
    perYear: number;
    atBeginning: boolean;
    /** Places of coins; null for exact numbers. */
    places: number | null;
    /** One number that is otherwise, to be laid beside. */
    change: Readonly<{ part: LoanPart; text: string }> | null;
  }>;

/** A row of the schedule in texts, and as doubles for the picture. */
export type ScheduleRow = Readonly<{
  period: number;
  texts: Readonly<Record<'payment' | 'interest' | 'repaid' | 'balance', string>>;
  heights: Readonly<Record<'interest' | 'repaid' | 'balance', number>>;
}>;

/** A loan with all its numbers. */
export type SolvedLoan = Readonly<{
  parts: Readonly<Record<LoanPart, KeptView>>;
  effective: KeptView;
  total: KeptView;
  interest: KeptView;
  /** How many payments there are, and the last one, which may be another. */
  count: number;
  last: KeptView;
  rows: readonly ScheduleRow[];
  years: readonly ScheduleRow[];
  /** The schedule is longer than what is written out. */
  isCut: boolean;
}>;

/** What is wrong with one of the numbers entered. */
export type LoanFault = Readonly<{ part: LoanPart | 'deposit'; problem: Problem }>;

export type LoanView = Readonly<{
  solved: SolvedLoan | null;
  /** Which part was worked out of the others when one of them changed. */
  changed: Readonly<{ part: LoanPart; solved: SolvedLoan }> | null;
  fault: LoanFault | null;
  changeProblem: Problem | null;
}>;

/** As exact as any schedule that is read. */
const PLACES = 60;
const NOWHERE = { from: 0, to: 0 };
const HUNDRED = fromWhole(100);

const placed = (problem: ProblemData): Problem => withSpan(problem, NOWHERE);

/** A number as a fraction: itself, or a decimal so near that no digit that is shown differs. */
function nearly(v: RealValue, shouldContinue: ShouldContinue): Rational {
  const plain = asRational(v);
  if (plain !== null) return plain;
  const near = roundToPlaces(v, PLACES, shouldContinue);
  return typeof near === 'string' ? q.ZERO : q.rational(near.unscaled, powerOfTen(near.places));
}

class Worker {
  private readonly shower: Shower;

  constructor(
    private readonly request: LoanRequest,
    private readonly context: Context,
  ) {
    this.shower = new Shower(request, context);
  }

  private number(text: string): Result<RealValue, Problem> {
    const value = entryValue(text, this.context);
    if (!value.ok) return value;
    return isReal(value.value)
      ? succeed(value.value)
      : fail(withSpan({ code: 'domain', reason: 'real-only' }, { from: 0, to: text.length }));
  }

  /** The rate of a period for one of a year in per cent. */
  private periodic(yearly: RealValue): Result<RealValue, ProblemData> {
    const { compounding, perYear } = this.request;
    const share = arithmetic.divide(yearly, HUNDRED, this.context.shouldContinue);
    return share.ok ? ratePerPeriod(share.value, compounding, perYear, this.context.shouldContinue) : share;
  }

  private yearly(rate: RealValue, compounding: number): RealValue {
    const result = yearlyRate(rate, compounding, this.request.perYear, this.context.shouldContinue);
    return result.ok ? arithmetic.multiply(result.value, HUNDRED) : arithmetic.ZERO;
  }

  /** A part of a loan from what is entered for it. */
  private entered(part: LoanPart, text: string): Result<RealValue, Problem> {
    const value = this.number(text);
    if (!value.ok || part !== 'rate') return value;
    const rate = this.periodic(value.value);
    return rate.ok ? rate : fail(placed(rate.problem));
  }

  /** The loan without the part that is sought; a saver's numbers have the signs of a loan turned. */
  given(): Result<Loan, LoanFault> {
    const { texts, solve, isSavings, atBeginning } = this.request;
    const parts: Record<LoanPart, RealValue> = {
      payment: arithmetic.ZERO,
      amount: arithmetic.ZERO,
      rate: arithmetic.ZERO,
      term: arithmetic.ZERO,
      balance: arithmetic.ZERO,
    };
    for (const part of Object.keys(parts) as LoanPart[]) {
      if (part === solve) continue;
      const value = this.entered(part, texts[part]);
      if (!value.ok) return fail({ part, problem: value.problem });
      parts[part] = value.value;
    }
    const deposit = this.number(texts.deposit);
    if (!deposit.ok) return fail({ part: 'deposit', problem: deposit.problem });
    if (solve !== 'amount' && !isSavings) parts.amount = arithmetic.subtract(parts.amount, deposit.value);
    const loan = { ...parts, atBeginning };
    return succeed(isSavings ? asSavings(loan) : loan);
  }

  solved(part: LoanPart, loan: Loan): Result<Loan, Problem> {
    const value = solveLoan(part, loan, PLACES * 2, this.context.shouldContinue);
    return value.ok ? succeed({ ...loan, [part]: value.value }) : fail(placed(value.problem));
  }

  /** The same loan with one number as it is changed, and what follows from it. */
  changed(loan: Loan): Result<Readonly<{ part: LoanPart; loan: Loan }>, Problem> | null {
    const { change, isSavings } = this.request;
    if (change === null || change.text === '') return null;
    const value = this.entered(change.part, change.text);
    if (!value.ok) return value;
    const isTurned = isSavings && (change.part === 'amount' || change.part === 'balance');
    const next = { ...loan, [change.part]: isTurned ? arithmetic.negate(value.value) : value.value };
    const part: LoanPart = change.part === 'payment' ? 'term' : 'payment';
    const result = this.solved(part, next);
    return result.ok ? succeed({ part, loan: result.value }) : result;
  }

  /** All that is to be said of a loan whose numbers are known. */
  told(loan: Loan): SolvedLoan {
    const { isSavings, places, texts, solve, compounding, perYear } = this.request;
    const { shouldContinue } = this.context;
    const sign = isSavings ? q.negate : (v: Rational): Rational => v;
    const up = ceiling(loan.term, shouldContinue);
    const term = Number((up.ok ? asWhole(up.value) : null) ?? 1n);
    const rows = scheduleOf({
      amount: nearly(loan.amount, shouldContinue),
      rate: nearly(loan.rate, shouldContinue),
      payment: nearly(loan.payment, shouldContinue),
      balance: nearly(loan.balance, shouldContinue),
      term: Math.max(1, Math.min(term, MOST_INSTALLMENTS)),
      atBeginning: loan.atBeginning,
      places,
    }).map((row) => ({ ...row, interest: sign(row.interest), balance: sign(row.balance), repaid: sign(row.repaid) }));
    const sum = (of: (row: Installment) => Rational): Rational =>
      rows.reduce((total, row) => q.add(total, of(row)), q.ZERO);
    const deposit = this.number(texts.deposit);
    const amount = isSavings ? arithmetic.negate(loan.amount) : loan.amount;
    const parts: Readonly<Record<LoanPart, RealValue>> = {
      payment: places === null ? loan.payment : fromRational(toCoins(nearly(loan.payment, shouldContinue), places)),
      // What is paid at once belongs to the price that is asked for.
      amount: solve === 'amount' && deposit.ok && !isSavings ? arithmetic.add(amount, deposit.value) : amount,
      rate: this.yearly(loan.rate, compounding),
      term: loan.term,
      balance: isSavings ? arithmetic.negate(loan.balance) : loan.balance,
    };
    const kept = (v: RealValue): KeptView => this.shower.kept(v);
    return {
      parts: {
        payment: kept(parts.payment),
        amount: kept(parts.amount),
        rate: kept(parts.rate),
        term: kept(parts.term),
        balance: kept(parts.balance),
      },
      effective: kept(this.yearly(loan.rate, 1)),
      total: kept(fromRational(sum(({ payment }) => payment))),
      interest: kept(fromRational(sum(({ interest }) => interest))),
      count: rows.length,
      last: kept(fromRational(itemAt(rows, rows.length - 1).payment)),
      rows: rows.map((row) => this.row(row)),
      years: byYear(rows, perYear).map((row) => this.row(row)),
      isCut: term > MOST_INSTALLMENTS,
    };
  }

  private row({ period, payment, interest, repaid, balance }: Installment): ScheduleRow {
    const { places, display } = this.request;
    const text = (v: Rational): string => {
      const digits = places ?? 2;
      const rounded = toCoins(v, digits);
      const unscaled = (rounded.n * powerOfTen(digits)) / rounded.d;
      const settings = { ...display, mode: 'places', digits } as const;
      return decimalTexts({ unscaled, places: digits, exact: q.equal(rounded, v), settled: true }, settings).text;
    };
    return {
      period,
      texts: { payment: text(payment), interest: text(interest), repaid: text(repaid), balance: text(balance) },
      heights: { interest: q.roughly(interest), repaid: q.roughly(repaid), balance: q.roughly(balance) },
    };
  }
}

/** A loan, or savings, by what is entered; and the same with one number changed. */
export function loanView(request: LoanRequest, shouldContinue: ShouldContinue): Result<LoanView, Problem> {
  const worker = new Worker(
    request,
    contextFor(request, shouldContinue, () => 0n),
  );
  const nothing: LoanView = { solved: null, changed: null, fault: null, changeProblem: null };
  const given = worker.given();
  if (!given.ok) return succeed({ ...nothing, fault: given.problem });
  const loan = worker.solved(request.solve, given.value);
  if (!loan.ok) return loan;
  const other = worker.changed(loan.value);
  return succeed({
    ...nothing,
    solved: worker.told(loan.value),
    changed: other?.ok === true ? { part: other.value.part, solved: worker.told(other.value.loan) } : null,
    changeProblem: other?.ok === false ? other.problem : null,
  });
}
