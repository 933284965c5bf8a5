import type { ShouldContinue } from '../base/should-continue';
import { signByBalls } from './approximate';
import type { Verdict } from './approximate';
import { compare } from './rational';
import type { Rational } from './rational';
import { identical, isZeroExactly } from './simplify';
import { fromRational } from './value';
import type { RealValue } from './value';

/** What looks like zero to this many bits is first taken to the exact layer, then refined further. */
const FIRST_LOOK_BITS = 512;

/** The sign of a value: by balls that leave zero, zero by the exact layer; else open. */
export function signOf(v: RealValue, shouldContinue: ShouldContinue): Verdict<-1 | 0 | 1> {
  const first = signByBalls(v, shouldContinue, FIRST_LOOK_BITS);
  if (first !== 'undecided' || v.kind !== 'real') return first;
  return isZeroExactly(v, shouldContinue) ? 0 : signByBalls(v, shouldContinue);
}

/** The sign of v − bound, exactly as `signOf` tells it; undecided, too-large or stopped where it does not. */
export function compareWith(v: RealValue, bound: Rational, shouldContinue: ShouldContinue): Verdict<-1 | 0 | 1> {
  if (v.kind === 'rational') return compare(v.value, bound);
  const against = fromRational({ n: -bound.n, d: bound.d });
  return signOf({ kind: 'real', op: 'add', args: [v, against] }, shouldContinue);
}

/** The sign of a − b, exactly as `signOf` tells it; undecided, too-large or stopped where it does not. */
export function compareReals(a: RealValue, b: RealValue, shouldContinue: ShouldContinue): Verdict<-1 | 0 | 1> {
  if (a === b) return 0;
  if (a.kind === 'rational') {
    const turned = compareWith(b, a.value, shouldContinue);
    return typeof turned === 'number' ? (-turned as -1 | 0 | 1) : turned;
  }
  if (b.kind === 'rational') return compareWith(a, b.value, shouldContinue);
  const difference: RealValue = { kind: 'real', op: 'add', args: [a, { kind: 'real', op: 'negate', args: [b] }] };
  const first = signByBalls(difference, shouldContinue, FIRST_LOOK_BITS);
  if (first !== 'undecided') return first;
  return identical(a, b, shouldContinue) ? 0 : signByBalls(difference, shouldContinue);
}
