import * as q from '../number/rational';
import type { Rational } from '../number/rational';

/** A payment of a schedule. `balance`: what is still owed when it is paid and the period is over. */
export type Installment = Readonly<{
  period: number;
  payment: Rational;
  interest: Rational;
  repaid: Rational;
  balance: Rational;
}>;

export type ScheduleGiven = Readonly<{
  amount: Rational;
  rate: Rational;
  payment: Rational;
  /** What is to be left at the end. */
  balance: Rational;
  /** Payments at most; a last one may be a part. */
  term: number;
  atBeginning: boolean;
  /** Places of the smallest coin, to which interest and payments are rounded; null for exact numbers. */
  places: number | null;
}>;

/** A sum rounded to coins, halves away from zero. */
export function toCoins(v: Rational, places: number | null): Rational {
  if (places === null) return v;
  const scale = 10n ** BigInt(places);
  const twice = 2n * (v.n < 0n ? -v.n : v.n) * scale + v.d;
  const size = twice / (2n * v.d);
  return q.rational(v.n < 0n ? -size : size, scale);
}

/** Longer schedules are not written out. */
export const MOST_INSTALLMENTS = 12_000;

/**
 * The schedule of a loan period by period. At the end: interest is added, then the payment taken off; at the beginning:
 * the payment first, then interest on the rest. With coins, the payment and each interest are rounded to them, and the
 * last payment is what brings the balance to what is to be left. A payment that would bring it below is cut short there.
 */
export function scheduleOf(given: ScheduleGiven): readonly Installment[] {
  const { rate, term, atBeginning, places } = given;
  const regular = toCoins(given.payment, places);
  const target = toCoins(given.balance, places);
  const result: Installment[] = [];
  let balance = toCoins(given.amount, places);
  for (let period = 1; period <= Math.min(term, MOST_INSTALLMENTS); period += 1) {
    const isLast = period === term;
    if (atBeginning) {
      // The last payment leaves just what grows into the balance that is to be left.
      const needed = q.subtract(balance, q.divide(target, q.add(q.ONE, rate)));
      const wanted = isLast ? toCoins(needed, places) : regular;
      const payment = !isLast && q.compare(wanted, needed) > 0 ? toCoins(needed, places) : wanted;
      const rest = q.subtract(balance, payment);
      const interest = toCoins(q.multiply(rest, rate), places);
      const repaid = q.subtract(payment, interest);
      balance = q.add(rest, interest);
      result.push({ period, payment, interest, repaid, balance });
    } else {
      const interest = toCoins(q.multiply(balance, rate), places);
      const needed = q.subtract(q.add(balance, interest), target);
      const payment = isLast || q.compare(regular, needed) > 0 ? needed : regular;
      balance = q.subtract(q.add(balance, interest), payment);
      result.push({ period, payment, interest, repaid: q.subtract(payment, interest), balance });
    }
    if (!isLast && q.compare(balance, target) === 0 && q.isZero(target)) break;
  }
  return result;
}

/** The payments of a year, or of any number of periods, taken together. */
export function byYear(rows: readonly Installment[], periods: number): readonly Installment[] {
  const sum = (part: readonly Installment[], of: (row: Installment) => Rational): Rational =>
    part.reduce((total, row) => q.add(total, of(row)), q.ZERO);
  return Array.from({ length: Math.ceil(rows.length / periods) }, (_, year) => {
    const part = rows.slice(year * periods, (year + 1) * periods);
    return {
      period: year + 1,
      payment: sum(part, (row) => row.payment),
      interest: sum(part, (row) => row.interest),
      repaid: sum(part, (row) => row.repaid),
      balance: part.at(-1)?.balance ?? q.ZERO,
    };
  });
}
