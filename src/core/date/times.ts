import { fail, succeed } from '../base/result';
import type { ProblemData } from '../base/problem';
import type { Result } from '../base/result';
import { powerOfTen } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';

/* Spans of time in seconds, exact; and times of day. */

const SECONDS: Readonly<Record<string, number>> = { d: 86_400, h: 3600, min: 60, s: 1 };
const NAMES: Readonly<Record<string, string>> = {
  d: 'd',
  day: 'd',
  days: 'd',
  h: 'h',
  hr: 'h',
  hrs: 'h',
  hour: 'h',
  hours: 'h',
  m: 'min',
  min: 'min',
  mins: 'min',
  minute: 'min',
  minutes: 'min',
  s: 's',
  sec: 's',
  secs: 's',
  second: 's',
  seconds: 's',
};

const badly = (found: string) => fail<ProblemData>({ code: 'syntax', reason: 'time-badly-formed', found });

/** A plain decimal or a fraction of whole numbers. */
function numberIn(text: string): Rational | null {
  const fraction = /^(\d+)\/(\d+)$/.exec(text);
  if (fraction !== null)
    return BigInt(fraction[2] ?? '0') === 0n
      ? null
      : q.rational(BigInt(fraction[1] ?? '0'), BigInt(fraction[2] ?? '1'));
  const decimal = /^(\d*)[.,]?(\d*)$/.exec(text);
  if (decimal === null || text === '' || /^[.,]$/.test(text)) return null;
  const [, whole = '', decimals = ''] = decimal;
  return q.rational(BigInt(whole + decimals), powerOfTen(decimals.length));
}

const PART = /(\d+\/\d+|\d*[.,]?\d+|\d+)\s*([a-zA-Z]+)\s*/y;
const CLOCK = /^(\d+):([0-5]?\d)(?::([0-5]?\d(?:[.,]\d+)?))?$/;
const ISO = /^P(?:(\d+)D)?(?:T(?:(\d+)H)?(?:(\d+)M)?(?:(\d+(?:[.,]\d+)?)S)?)?$/;

/** One span: 2 h 15 min, 2:15, 2:15:30, PT2H15M; a number alone counts in the unit that is given. */
function spanOf(text: string, alone: keyof typeof SECONDS | null): Result<Rational, ProblemData> {
  const written = text.trim();
  const clock = CLOCK.exec(written);
  const sum = (parts: readonly (readonly [string | undefined, string])[]): Rational =>
    parts.reduce((total, [n, unit]) => {
      const value = n === undefined ? null : numberIn(n);
      return value === null ? total : q.add(total, q.multiply(value, q.whole(SECONDS[unit] ?? 1)));
    }, q.ZERO);
  if (clock !== null)
    return succeed(
      sum([
        [clock[1], 'h'],
        [clock[2], 'min'],
        [clock[3], 's'],
      ]),
    );
  const iso = /\d/.test(written) ? ISO.exec(written) : null;
  if (iso !== null)
    return succeed(
      sum([
        [iso[1], 'd'],
        [iso[2], 'h'],
        [iso[3], 'min'],
        [iso[4], 's'],
      ]),
    );
  const plain = numberIn(written);
  if (plain !== null && alone !== null) return succeed(q.multiply(plain, q.whole(SECONDS[alone] ?? 1)));
  let total = q.ZERO;
  let at = 0;
  while (at < written.length) {
    PART.lastIndex = at;
    const found = PART.exec(written);
    const unit = found === null ? undefined : NAMES[(found[2] ?? '').toLowerCase()];
    const value = found === null ? null : numberIn(found[1] ?? '');
    if (found === null || unit === undefined || value === null) return badly(written.slice(at) || written);
    total = q.add(total, q.multiply(value, q.whole(SECONDS[unit] ?? 1)));
    at += found[0].length;
  }
  return written === '' ? badly(text) : succeed(total);
}

/**
 * A sum of spans in seconds: `2 h 15 min + 50 min − 1:30`; each may be multiplied or divided by a number, as in
 * `3 × 25 min`. A number alone counts in hours where hours are asked for.
 * Problem: syntax, with the part that is no time.
 */
export function readSpan(text: string, alone: keyof typeof SECONDS | null = null): Result<Rational, ProblemData> {
  const terms = text.replace(/[−–]/g, '-').split(/([+-])/);
  let total = q.ZERO;
  let sign = 1n;
  let isOperand = true;
  for (const [i, term] of terms.entries()) {
    if (i % 2 === 1) {
      sign = (isOperand ? sign : 1n) * (term === '-' ? -1n : 1n);
      isOperand = true;
      continue;
    }
    // A sign may begin the text.
    if (term.trim() === '' && i === 0 && terms.length > 1) continue;
    const value = productOf(term, alone);
    if (!value.ok) return value;
    total = q.add(total, q.multiply(value.value, q.whole(sign)));
    isOperand = false;
    sign = 1n;
  }
  return succeed(total);
}

function productOf(text: string, alone: keyof typeof SECONDS | null): Result<Rational, ProblemData> {
  const parts = text.split(/([*×·÷])/);
  const units = parts.filter((part, i) => i % 2 === 0 && numberIn(part.trim()) === null);
  if (parts.length === 1) return spanOf(text, alone);
  if (units.length > 1) return badly(text.trim());
  let result: Rational | null = null;
  for (let i = 0; i < parts.length; i += 2) {
    const part = (parts[i] ?? '').trim();
    const number = numberIn(part);
    const value = number === null || (units.length === 0 && i === 0) ? spanOf(part, alone) : succeed(number);
    if (!value.ok) return value;
    if (result === null) result = value.value;
    else if (parts[i - 1] !== '÷') result = q.multiply(result, value.value);
    else if (q.isZero(value.value) || number === null)
      return number === null ? badly(part) : fail({ code: 'divide-by-zero' });
    else result = q.divide(result, value.value);
  }
  return succeed(result ?? q.ZERO);
}

/** A time of day in seconds from midnight: 22:30, 6:05:10, 10.30 pm, 7 am. */
export function readClock(text: string): Result<Rational, ProblemData> {
  const found = /^(\d{1,2})(?:[:.](\d{2})(?:[:.](\d{2}))?)?\s*(am|pm|a\.m\.|p\.m\.)?$/i.exec(text.trim());
  if (found === null) return badly(text.trim());
  const [, hours = '', minutes = '0', seconds = '0', half = ''] = found;
  const given = Number(hours);
  const isHalf = half !== '';
  const isLater = half.toLowerCase().startsWith('p');
  if (isHalf ? given < 1 || given > 12 : given > 24) return badly(text.trim());
  const hour = isHalf ? (given % 12) + (isLater ? 12 : 0) : given;
  const total = hour * 3600 + Number(minutes) * 60 + Number(seconds);
  const isTime =
    Number(minutes) < 60 && Number(seconds) < 60 && total <= 86_400 && !(found[2] === undefined && !isHalf);
  return isTime ? succeed(q.whole(total)) : badly(text.trim());
}

/** From one time of day to the other, over midnight where that is earlier. */
export const betweenClocks = (from: Rational, to: Rational): Rational =>
  q.compare(to, from) < 0 ? q.add(q.subtract(to, from), q.whole(86_400)) : q.subtract(to, from);

/** A span as hours, minutes and seconds, the seconds as a fraction of them where there is one. */
export type Parts = Readonly<{ isNegative: boolean; hours: bigint; minutes: bigint; seconds: Rational }>;

export function partsOfSpan(seconds: Rational): Parts {
  const size = q.magnitude(seconds);
  const whole = size.n / size.d;
  return {
    isNegative: q.sign(seconds) < 0,
    hours: whole / 3600n,
    minutes: (whole / 60n) % 60n,
    seconds: q.subtract(size, q.whole((whole / 60n) * 60n)),
  };
}
