import type { ShouldContinue } from '../base/should-continue';
import { fromRootProduct, fromSurd, piTimes } from './arithmetic';
import { bitLength } from './integer';
import * as p from './polynomial';
import type { Monomial } from './polynomial';
import * as q from './rational';
import type { RealOp } from './real-op-names';
import { rewritten } from './simplify';
import * as surd from './surd';
import { isReal } from './value';
import type { ExactReal, RealValue, Scalar } from './value';

/** The number under the root when a monomial is a single square root, 1 for none; null for all else. */
function radicandOf(of: Monomial): bigint | null {
  let radicand = 1n;
  for (const [generator, exponent] of of) {
    if (!generator.startsWith('prime ') || exponent.n !== 1n || exponent.d !== 2n) return null;
    radicand *= BigInt(generator.slice(6));
    if (bitLength(radicand) > 400) return null;
  }
  return radicand;
}

function toExact(sum: p.Polynomial): ExactReal | null {
  const only = p.single(sum);
  const piPower = only?.of.size === 1 ? only.of.get('pi') : undefined;
  if (only !== null && piPower?.d === 1n && piPower.n === 1n) return piTimes(only.coefficient);
  const terms = [...sum.values()].map(({ of, coefficient }) => ({ radicand: radicandOf(of), coefficient }));
  if (terms.every((t): t is surd.SurdTerm => t.radicand !== null)) {
    const result = [...terms].sort((a, b) => (a.radicand < b.radicand ? -1 : 1));
    return surd.isKeepable(result) ? fromSurd(result) : null;
  }
  if (!only || ![...only.of.keys()].every((g) => g.startsWith('prime '))) return null;
  const exponents = new Map([...only.of].map(([g, e]) => [BigInt(g.slice(6)), e] as const));
  return fromRootProduct({ coefficient: only.coefficient, exponents });
}

/** Operations whose results can meet and become exact: powers of e and logarithms, roots and powers, angles. */
const families: Readonly<Record<RealOp, 'logs' | 'roots' | 'angles' | null>> = {
  add: null,
  multiply: null,
  divide: null,
  negate: null,
  within: null,
  estimate: null,
  magnitude: null,
  exp: 'logs',
  ln: 'logs',
  ln1p: 'logs',
  sinh: 'logs',
  cosh: 'logs',
  tanh: 'logs',
  arsinh: 'logs',
  arcosh: 'logs',
  artanh: 'logs',
  realPower: 'logs',
  wholePower: 'roots',
  root: 'roots',
  gamma: 'roots',
  gammaRe: null,
  gammaIm: null,
  lnGamma: null,
  gammaBelow: null,
  gammaAbove: null,
  betaBelow: null,
  gammaInverse: null,
  betaInverse: null,
  pi: 'roots',
  sin: 'angles',
  cos: 'angles',
  tan: 'angles',
  arcsin: 'angles',
  arccos: 'angles',
  arctan: 'angles',
};

/** Whether it is worth looking: one logarithm by itself, or a sine beside a root, is nothing exact. */
function mayCombine(v: RealValue): boolean {
  const counts = { logs: 0, roots: 0, angles: 0 };
  let left = MOST_LOOKED_AT;
  const visit = (part: RealValue): void => {
    left -= 1;
    if (part.kind === 'pi' || part.kind === 'radical') counts.roots += 1;
    if (part.kind !== 'real' || left < 0) return;
    const family = families[part.op];
    if (family !== null) counts[family] += 1;
    // A power of a logarithm's argument belongs to both.
    if (part.op === 'realPower') counts.roots += 1;
    part.args.forEach(visit);
  };
  visit(v);
  return left < 0 || counts.logs > 1 || counts.roots > 1 || counts.angles > 1;
}
const MOST_LOOKED_AT = 200;

function simplifiedReal(v: RealValue, shouldContinue: ShouldContinue): RealValue {
  if (v.kind !== 'real' || !mayCombine(v)) return v;
  const found = rewritten(v, shouldContinue);
  if (found?.top.size === 0) return { kind: 'rational', value: q.ZERO };
  return found?.bottom === p.ONE ? (toExact(found.top) ?? v) : v;
}

/**
 * The value as an exact one where the exact layer can prove that it is, else as it is. Never another number: only the
 * form changes.
 */
export function simplified(v: Scalar, shouldContinue: ShouldContinue): Scalar {
  if (isReal(v)) return simplifiedReal(v, shouldContinue);
  const [re, im] = [simplifiedReal(v.re, shouldContinue), simplifiedReal(v.im, shouldContinue)];
  if (im.kind === 'rational' && q.isZero(im.value)) return re;
  return re === v.re && im === v.im ? v : { kind: 'complex', re, im };
}
