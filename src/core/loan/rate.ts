import { fail, succeed } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import * as arithmetic from '../number/arithmetic';
import type { RealResult } from '../number/arithmetic';
import { toBall } from '../number/approximate';
import * as ball from '../number/ball';
import type { Ball } from '../number/ball';
import { power } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { isBall } from '../number/real-ops';
import { signOf } from '../number/sign';
import { asRational, fromRational } from '../number/value';
import type { RealValue } from '../number/value';

/** The numbers of a loan whose rate is looked for; `term`: a whole number of periods. */
export type Rateless = Readonly<{
  amount: RealValue;
  payment: RealValue;
  balance: RealValue;
  term: number;
  atBeginning: boolean;
}>;

const MOST_TERMS = 100_000;

type Sign = -1 | 0 | 1;

/**
 * The signs of the coefficients of A·xⁿ − P·(x^b + … ) − B in x = 1 + i, from the highest power down, each told once where
 * it repeats.
 */
function signsOf(
  { amount, payment, balance, term, atBeginning }: Rateless,
  shouldContinue: ShouldContinue,
): readonly Sign[] {
  const sign = (v: RealValue): Sign => {
    const found = signOf(v, shouldContinue);
    return typeof found === 'number' ? found : 0;
  };
  const [paid, first] = [sign(arithmetic.negate(payment)), atBeginning ? arithmetic.subtract(amount, payment) : amount];
  const last = atBeginning ? balance : arithmetic.add(payment, balance);
  const middle: readonly Sign[] = term > 1 ? [paid] : [];
  return [sign(first), ...middle, sign(arithmetic.negate(last))].filter((s) => s !== 0);
}

/** The sign at x of (A·xⁿ − B)·(x − 1) − P·x^b·(xⁿ − 1), over that of x − 1; null where the bits do not tell. */
function signAt(loan: Rateless, x: Rational, bits: number, shouldContinue: ShouldContinue): Sign | null {
  const at = ball.fromRational(x, bits);
  const [a, p, b] = [loan.amount, loan.payment, loan.balance].map((v) => toBall(v, bits, shouldContinue));
  if (a === undefined || p === undefined || b === undefined || !isBall(a) || !isBall(p) || !isBall(b)) return null;
  const grown = ball.powerWhole(at, loan.term, bits);
  const excess = ball.subtract(at, ball.exactly(1n), bits);
  const isOne = q.equal(x, q.ONE);
  const terms = ball.exactly(BigInt(loan.term));
  const sum: Ball | null = isOne ? terms : ball.divide(ball.subtract(grown, ball.exactly(1n), bits), excess, bits);
  if (sum === null) return null;
  const paid = ball.multiply(p, loan.atBeginning ? ball.multiply(sum, at, bits) : sum, bits);
  return ball.signOf(ball.subtract(ball.subtract(ball.multiply(a, grown, bits), b, bits), paid, bits));
}

/** The fraction with the smallest denominator between two, ends included (continued fractions). */
function simplest(low: Rational, high: Rational): Rational {
  const whole = -(-low.n / low.d) * low.d === low.n ? low.n / low.d : low.n / low.d + 1n;
  if (q.compare(q.whole(whole), high) <= 0) return q.whole(whole);
  const below = q.whole(whole - 1n);
  const inner = simplest(q.reciprocal(q.subtract(high, below)), q.reciprocal(q.subtract(low, below)));
  return q.add(below, q.reciprocal(inner));
}

/** Whether the rate x − 1 fits exactly; only asked of short fractions. */
function isExactly(loan: Rateless, x: Rational): boolean {
  const [a, p, b] = [loan.amount, loan.payment, loan.balance].map(asRational);
  if (!a || !p || !b) return false;
  const grown = q.powerWhole(x, loan.term);
  const sum = q.equal(x, q.ONE) ? q.whole(loan.term) : q.divide(q.subtract(grown, q.ONE), q.subtract(x, q.ONE));
  const paid = q.multiply(p, loan.atBeginning ? q.multiply(sum, x) : sum);
  return q.equal(q.multiply(a, grown), q.add(paid, b));
}

const SHORT = 10n ** 24n;
const LARGEST_RATE = 1n << 64n;

/**
 * The rate of a period at which the numbers of a loan meet, above −1. There is just one where the coefficients of the
 * equation in 1 + i change their sign once (Descartes’ rule); other numbers are refused. Found by halving, the sign at
 * each place proved by balls; exact where a short fraction fits, else proved to lie within 10^−places.
 */
export function rateOf(loan: Rateless, places: number, shouldContinue: ShouldContinue): RealResult {
  if (loan.term > MOST_TERMS) return fail({ code: 'too-large' });
  const signs = signsOf(loan, shouldContinue);
  const changes = signs.filter((s, i) => i > 0 && s !== signs[i - 1]).length;
  const [lead] = signs;
  if (changes !== 1 || lead === undefined) return fail({ code: 'domain', reason: 'no-rate' });
  const bits = Math.ceil(places * 3.3219281) + 2 * Math.ceil(Math.log2(loan.term + 1)) + 64;
  let [low, high]: [Rational, Rational] = [q.ZERO, q.whole(2)];
  for (; signAt(loan, high, bits, shouldContinue) !== lead; high = q.multiply(high, q.whole(2))) {
    if (high.n > LARGEST_RATE) return fail({ code: 'domain', reason: 'no-rate' });
    low = high;
  }
  const width = q.rational(1n, power(10n, places));
  let looked = false;
  while (q.compare(q.subtract(high, low), width) > 0) {
    if (!shouldContinue()) return fail({ code: 'stopped' });
    const middle = q.divide(q.add(low, high), q.whole(2));
    const sign = signAt(loan, middle, bits, shouldContinue);
    if (sign === 0 || (sign === null && isExactly(loan, middle)))
      return succeed(fromRational(q.subtract(middle, q.ONE)));
    if (sign === null) return fail({ code: 'not-converged' });
    if (sign === lead) high = middle;
    else low = middle;
    if (looked || q.compare(q.subtract(high, low), q.rational(1n, SHORT * SHORT)) > 0) continue;
    looked = true;
    const short = simplest(low, high);
    if (short.d < SHORT && isExactly(loan, short)) return succeed(fromRational(q.subtract(short, q.ONE)));
  }
  const half = q.divide(q.subtract(high, low), q.whole(2));
  return succeed(arithmetic.real('within', fromRational(q.subtract(q.add(low, half), q.ONE)), fromRational(half)));
}
