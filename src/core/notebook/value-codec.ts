import { itemAt } from '../base/item';
import { MOST_DEPTH, MOST_PARTS, recipeDepth } from '../number/recipe';
import { LARGEST_POWER } from '../number/largest-power';
import { smallPrimes } from '../number/factor';
import { perfectRoot, power } from '../number/integer';
import { LARGEST_RADICAND } from '../number/radical';
import type { Radical } from '../number/radical';
import { rational } from '../number/rational';
import type { Rational } from '../number/rational';
import type { RealOp } from '../number/real-op-names';
import { LARGEST_SIDE } from '../matrix/matrix';
import { asRational, asWhole, isReal, isScalar } from '../number/value';
import type { Matrix, Real, RealValue, Scalar, Value } from '../number/value';

/*
 * Values as plain data, for the saved store and the notebook file. A recipe shares parts, so it is written as a list
 * of nodes in which a part stands before whatever uses it; the last node is the value.
 */

/** A value as a list of nodes, the last of which it is. */
export type SavedValue = SavedNode[];
export type SavedNode =
  | { rational: string }
  | { pi: string }
  | { surd: [string, string][] }
  /** coefficient, radicand, index */
  | { radical: [string, string, number] }
  | { op: RealOp; args: number[] }
  /** The places of the real and the imaginary part; the last node, or an entry of a matrix. */
  | { complex: [number, number] }
  /** How many columns, and the places of the entries row by row; only ever the last node. */
  | { matrix: [number, number[]] };

const arity: { [op in RealOp]: number } = {
  add: 2,
  multiply: 2,
  divide: 2,
  negate: 1,
  magnitude: 1,
  wholePower: 2,
  realPower: 2,
  root: 2,
  exp: 1,
  ln: 1,
  sin: 1,
  cos: 1,
  tan: 1,
  arcsin: 1,
  arccos: 1,
  arctan: 1,
  gamma: 1,
  gammaRe: 2,
  gammaIm: 2,
  lnGamma: 1,
  gammaBelow: 2,
  gammaAbove: 2,
  betaBelow: 4,
  gammaInverse: 3,
  betaInverse: 4,
  sinh: 1,
  cosh: 1,
  tanh: 1,
  arsinh: 1,
  arcosh: 1,
  artanh: 1,
  ln1p: 1,
  within: 2,
  estimate: 2,
  pi: 0,
};

/** Fractions longer than this are taken to be in lowest terms, as they are written: their common divisor would take too long. */
const LONGEST_REDUCED = 20_000;

const written = ({ n, d }: { n: bigint; d: bigint }): string => (d === 1n ? `${n}` : `${n}/${d}`);
function read(text: string): Rational {
  const [n = '', d] = text.split('/');
  if (d === undefined) return { n: BigInt(n), d: 1n };
  return Math.min(n.length, d.length) > LONGEST_REDUCED
    ? { n: BigInt(n), d: BigInt(d) }
    : rational(BigInt(n), BigInt(d));
}

/** Numerator and denominator may each have as many digits as a result can. */
export const LONGEST_FRACTION = 2 * LARGEST_POWER + 16;

/** Whether a file takes the value: one that it does not take must not become an answer. */
export const fitsFile = (nodes: SavedValue): boolean =>
  nodes.length <= MOST_PARTS &&
  nodes.every((item) => !('rational' in item) || item.rational.length <= LONGEST_FRACTION) &&
  nodes.every((item) => !('pi' in item) || item.pi.length <= LONGEST_FRACTION);

/** The value as a list of nodes. */
export function encode(value: Value): SavedValue {
  const places = new Map<RealValue, number>();
  const nodes: SavedValue = [];
  const put = (v: RealValue): number => {
    const known = places.get(v);
    if (known !== undefined) return known;
    const args = v.kind === 'real' ? v.args.map(put) : [];
    switch (v.kind) {
      case 'rational':
        nodes.push({ rational: written(v.value) });
        break;
      case 'pi':
        nodes.push({ pi: written(v.times) });
        break;
      case 'surd':
        nodes.push({ surd: v.sum.map((t) => [`${t.radicand}`, written(t.coefficient)]) });
        break;
      case 'radical':
        nodes.push({ radical: [written(v.of.coefficient), `${v.of.radicand}`, v.of.index] });
        break;
      case 'real':
        nodes.push({ op: v.op, args });
        break;
    }
    places.set(v, nodes.length - 1);
    return nodes.length - 1;
  };
  const putScalar = (v: Scalar): number => {
    if (isReal(v)) return put(v);
    const parts: [number, number] = [put(v.re), put(v.im)];
    nodes.push({ complex: parts });
    return nodes.length - 1;
  };
  if (isScalar(value)) putScalar(value);
  else nodes.push({ matrix: [itemAt(value.rows, 0).length, value.rows.flat().map(putScalar)] });
  return nodes;
}

/**
 * The value of a list that has the right shape; null when its parts do not fit (a reference ahead, a radicand with a
 * square in it, a recipe deeper than can be walked). What is stored is checked, never factorised or worked anew, so the
 * time is that of reading it.
 */
export function decode(nodes: SavedValue): Value | null {
  const values: Scalar[] = [];
  for (const [i, item] of nodes.entries()) {
    if ('matrix' in item) return i < nodes.length - 1 ? null : decodeMatrix(item.matrix, values);
    const result = 'complex' in item ? decodeComplex(item.complex, values) : decodeNode(item, values);
    if (result === null) return null;
    values.push(result);
  }
  const last = values.at(-1) ?? null;
  return last === null || isTooDeep(last) ? null : last;
}

const isTooDeep = (v: Scalar): boolean =>
  (isReal(v) ? [v] : [v.re, v.im]).some((part) => recipeDepth(part) > MOST_DEPTH);

const realAt = (values: readonly Scalar[], at: number): RealValue | null => {
  const found = values[at];
  return found !== undefined && isReal(found) ? found : null;
};

function decodeComplex([a, b]: readonly [number, number], values: readonly Scalar[]): Scalar | null {
  const [re, im] = [realAt(values, a), realAt(values, b)];
  return re === null || im === null || asRational(im)?.n === 0n ? null : { kind: 'complex', re, im };
}

function decodeMatrix(
  [columns, places]: readonly [number, readonly number[]],
  values: readonly Scalar[],
): Matrix | null {
  const entries = places.map((at) => values[at] ?? null);
  const rows = entries.length / columns;
  if (columns < 1 || columns > LARGEST_SIDE || !Number.isInteger(rows) || rows < 1 || rows > LARGEST_SIDE) return null;
  if (entries.some((entry) => entry === null || isTooDeep(entry))) return null;
  return {
    kind: 'matrix',
    rows: Array.from({ length: rows }, (_, i) => entries.slice(i * columns, (i + 1) * columns) as Scalar[]),
  };
}

function decodeNode(
  item: Exclude<SavedNode, { complex: unknown } | { matrix: unknown }>,
  before: readonly Scalar[],
): RealValue | null {
  if ('rational' in item) return { kind: 'rational', value: read(item.rational) };
  if ('pi' in item) {
    const times = read(item.pi);
    return times.n === 0n ? null : { kind: 'pi', times };
  }
  if ('surd' in item) {
    const sum = item.surd.map(([radicand, coefficient]) => ({
      radicand: BigInt(radicand),
      coefficient: read(coefficient),
    }));
    const rising = sum.every((t, i) => i === 0 || itemAt(sum, i - 1).radicand < t.radicand);
    const sound = sum.every((t) => t.coefficient.n !== 0n && isFreeOf(t.radicand, 2));
    return rising && sound && sum.some((t) => t.radicand > 1n) ? { kind: 'surd', sum } : null;
  }
  if ('radical' in item) {
    const [coefficient, radicand, index] = item.radical;
    const of: Radical = { coefficient: read(coefficient), radicand: BigInt(radicand), index };
    return isLowest(of) ? { kind: 'radical', of } : null;
  }
  if (item.args.length !== arity[item.op]) return null;
  const args = item.args.map((i) => realAt(before, i));
  if (args.includes(null)) return null;
  if (!takes(item.op, args[1])) return null;
  return { kind: 'real', op: item.op, args: args as RealValue[] } satisfies Real;
}

/** Whether an operation takes its second argument: powers and roots that are told by a whole number do not take others. */
function takes(op: RealOp, second: RealValue | null | undefined): boolean {
  if (op !== 'root' && op !== 'wholePower') return true;
  const n = second === undefined || second === null ? null : asWhole(second);
  return n !== null && (op === 'wholePower' || n >= 2n);
}

/** A root as it is kept: not zero, nothing to be taken out in front, and no smaller index would do. */
const isLowest = ({ coefficient, radicand, index }: Radical): boolean =>
  coefficient.n !== 0n &&
  radicand > 1n &&
  radicand < LARGEST_RADICAND &&
  isFreeOf(radicand, index) &&
  [2, 3, 5, 7, 11].every((p) => index % p !== 0 || perfectRoot(radicand, p) === null);

/**
 * Whether n holds no k-th power that is seen at once: n itself, and those of small primes. Larger ones stay unseen; they
 * come from a hand that harms only its own file.
 */
function isFreeOf(n: bigint, k: number): boolean {
  if (n === 1n) return true;
  return perfectRoot(n, k) === null && smallPrimes.every((p) => n % power(p, k) !== 0n);
}
