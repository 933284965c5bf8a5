import fc from 'fast-check';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { add } from '../number/arithmetic';
import { compareWith } from '../number/sign';
import { asRational, fromRational, fromWhole } from '../number/value';
import { loanParts, ratePerPeriod, solveLoan, totalsOf, yearlyRate } from './loan';
import type { Loan } from './loan';
import { byYear, scheduleOf } from './schedule';

const SEED = 20261128;
const goesOn = () => true;
const PLACES = 60;

const money = fc.integer({ min: 1, max: 2_000_000 }).map((n) => q.rational(BigInt(n), 100n));
const given = fc.record({
  amount: money,
  payment: money,
  rate: fc.integer({ min: -300, max: 3000 }).map((n) => q.rational(BigInt(n), 10_000n)),
  term: fc.integer({ min: 1, max: 40 }),
  atBeginning: fc.boolean(),
});

/** Outside reference: the balance period by period, in exact fractions. */
function balanceAfter(
  amount: Rational,
  payment: Rational,
  rate: Rational,
  term: number,
  atBeginning: boolean,
): Rational {
  let balance = amount;
  for (let i = 0; i < term; i += 1) {
    if (atBeginning) balance = q.subtract(balance, payment);
    balance = q.multiply(balance, q.add(q.ONE, rate));
    if (!atBeginning) balance = q.subtract(balance, payment);
  }
  return balance;
}

test(`each part of a loan is what period by period work needs (seed ${SEED})`, () =>
  fc.assert(
    fc.property(given, fc.constantFrom(...loanParts), ({ amount, payment, rate, term, atBeginning }, part) => {
      const balance = balanceAfter(amount, payment, rate, term, atBeginning);
      const loan: Loan = {
        amount: fromRational(amount),
        payment: fromRational(payment),
        rate: fromRational(rate),
        term: fromWhole(BigInt(term)),
        balance: fromRational(balance),
        atBeginning,
      };
      const result = solveLoan(part, loan, PLACES, goesOn);
      // A rate need not be the only one, nor a term, when the balance has grown or changed its sign.
      if (!result.ok) {
        expect(['rate', 'term']).toContain(part);
        return;
      }
      const found = asRational(result.value);
      const put = { ...loan, [part]: result.value };
      // Where there is a rate it is the only one, and a short fraction is found as such.
      if (part === 'rate') expect(found).toEqual(rate);
      else if (part === 'term') expect(compareWith(result.value, q.whole(term), goesOn)).toBe(0);
      else expect(result.value).toEqual(loan[part]);
      const { total, interest } = totalsOf(put);
      if (part !== 'rate') expect(add(interest, put.amount)).toEqual(add(total, put.balance));
    }),
    { seed: SEED, numRuns: 120 },
  ));

const loan = (amount: number, rate: Rational, payment: number, term = 12): Loan => ({
  amount: fromWhole(BigInt(amount)),
  rate: fromRational(rate),
  payment: fromRational(q.rational(BigInt(payment), 100n)),
  term: fromWhole(BigInt(term)),
  balance: fromWhole(0n),
  atBeginning: false,
});

test.each([
  ['term', loan(2500, q.rational(1n, 200n), 1250), 'payment-below-interest'],
  ['term', loan(2500, q.ZERO, 0), 'no-term'],
  ['rate', loan(2500, q.ZERO, 100, 0), 'terms-whole'],
  ['rate', { ...loan(100, q.ZERO, 100), payment: fromWhole(0n) }, 'no-rate'],
] as const)('the %s is refused where there is none', (part, of, reason) =>
  expect(solveLoan(part, of, PLACES, goesOn)).toMatchObject({ ok: false, problem: { reason } }),
);

test('a payment that is more than the interest by any little ends the loan', () => {
  const result = solveLoan('term', loan(2500, q.rational(1n, 200n), 1251), PLACES, goesOn);
  expect(result.ok && compareWith(result.value, q.whole(1000), goesOn)).toBe(1);
});

// 12 % a year, added monthly, is 1 % a month and (1.01)^12 − 1 a year: worked by hand.
test('rates of a year and of a period', () => {
  const yearly = fromRational(q.rational(12n, 100n));
  const monthly = ratePerPeriod(yearly, 12, 12, goesOn);
  expect(monthly).toEqual({ ok: true, value: fromRational(q.rational(1n, 100n)) });
  const effective = monthly.ok ? yearlyRate(monthly.value, 1, 12, goesOn) : monthly;
  const exact = q.subtract(q.powerWhole(q.rational(101n, 100n), 12), q.ONE);
  expect(effective).toEqual({ ok: true, value: fromRational(exact) });
  const again = ratePerPeriod(fromRational(exact), 1, 12, goesOn);
  expect(again.ok && compareWith(again.value, q.rational(1n, 100n), goesOn)).toBe(0);
});

test(`a schedule in coins pays the loan off to the coin, and its parts add up (seed ${SEED})`, () =>
  fc.assert(
    fc.property(
      money,
      fc.integer({ min: 0, max: 300 }),
      fc.integer({ min: 1, max: 60 }),
      fc.boolean(),
      (amount, points, term, atBeginning) => {
        const rate = q.rational(BigInt(points), 12_000n);
        const exact = solveLoan(
          'payment',
          { ...loan(1, rate, 0, term), amount: fromRational(amount), atBeginning },
          PLACES,
          goesOn,
        );
        const payment = exact.ok ? asRational(exact.value) : null;
        if (payment === null) throw new Error('no payment');
        const rows = scheduleOf({ amount, rate, payment, balance: q.ZERO, term, atBeginning, places: 2 });
        const sum = (of: (row: (typeof rows)[number]) => Rational): Rational =>
          rows.reduce((total, row) => q.add(total, of(row)), q.ZERO);
        expect(rows.at(-1)?.balance).toEqual(q.ZERO);
        expect(sum(({ repaid }) => repaid)).toEqual(amount);
        expect(
          q.add(
            amount,
            sum(({ interest }) => interest),
          ),
        ).toEqual(sum((row) => row.payment));
        for (const row of rows) expect([row.payment, row.interest].every(({ d }) => 100n % d === 0n)).toBe(true);
        expect(byYear(rows, 12).length).toBe(Math.ceil(rows.length / 12));
        const plain = scheduleOf({ amount, rate, payment, balance: q.ZERO, term, atBeginning, places: null });
        expect(plain.at(-1)?.payment).toEqual(payment);
      },
    ),
    { seed: SEED, numRuns: 40 },
  ));
