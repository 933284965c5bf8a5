import type { Alive } from '../base/alive';
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
export function signOf(v: RealValue, alive: Alive): Verdict<-1 | 0 | 1> {
  const first = signByBalls(v, alive, FIRST_LOOK_BITS);
  if (first !== 'undecided' || v.kind !== 'real') return first;
  return isZeroExactly(v, alive) ? 0 : signByBalls(v, alive);
}

/** The sign of v − bound. */
export function compareWith(v: RealValue, bound: Rational, alive: Alive): Verdict<-1 | 0 | 1> {
  if (v.kind === 'rational') return compare(v.value, bound);
  const against = fromRational({ n: -bound.n, d: bound.d });
  return signOf({ kind: 'real', op: 'add', args: [v, against] }, alive);
}

/** The sign of a − b. */
export function compareReals(a: RealValue, b: RealValue, alive: Alive): Verdict<-1 | 0 | 1> {
  if (a === b) return 0;
  if (a.kind === 'rational') {
    const turned = compareWith(b, a.value, alive);
    return typeof turned === 'number' ? (-turned as -1 | 0 | 1) : turned;
  }
  if (b.kind === 'rational') return compareWith(a, b.value, alive);
  const difference: RealValue = { kind: 'real', op: 'add', args: [a, { kind: 'real', op: 'negate', args: [b] }] };
  const first = signByBalls(difference, alive, FIRST_LOOK_BITS);
  if (first !== 'undecided') return first;
  return identical(a, b, alive) ? 0 : signByBalls(difference, alive);
}
