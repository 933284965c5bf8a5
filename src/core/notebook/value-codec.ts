import { rational } from '../number/rational';
import type { RealOp } from '../number/real-ops';
import { MOST_PARTS } from '../number/approximate';
import { LARGEST_POWER } from '../number/digits';
import { factorise } from '../number/factor';
import { perfectRoot } from '../number/integer';
import type { Real, Value } from '../number/value';

/*
 * Values as plain data, for the saved store and the notebook file. A recipe shares parts, so it is written as a list
 * of nodes in which a part stands before whatever uses it; the last node is the value.
 */

/** A value as a list of nodes, the last of which it is. */
export type SavedValue = SavedNode[];
export type SavedNode =
  { rational: string } | { pi: string } | { surd: [string, string][] } | { op: RealOp; args: number[] };

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
  pi: 0,
};

const written = ({ n, d }: { n: bigint; d: bigint }): string => (d === 1n ? `${n}` : `${n}/${d}`);
function read(text: string) {
  const [n, d] = text.split('/');
  return rational(BigInt(n!), d === undefined ? 1n : BigInt(d));
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
  const places = new Map<Value, number>();
  const nodes: SavedValue = [];
  const put = (v: Value): number => {
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
      case 'real':
        nodes.push({ op: v.op, args });
        break;
    }
    places.set(v, nodes.length - 1);
    return nodes.length - 1;
  };
  put(value);
  return nodes;
}

/** The value of a list that has the right shape, or null when its parts do not fit (a reference ahead, a radicand with a square in it). */
export function decode(nodes: SavedValue): Value | null {
  const values: Value[] = [];
  for (const item of nodes) {
    const made = decodeNode(item, values);
    if (made === null) return null;
    values.push(made);
  }
  return values.at(-1) ?? null;
}

function decodeNode(item: SavedValue[number], before: readonly Value[]): Value | null {
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
    const rising = sum.every((t, i) => i === 0 || sum[i - 1]!.radicand < t.radicand);
    const sound = sum.every((t) => t.coefficient.n !== 0n && isSquareFree(t.radicand));
    return rising && sound && sum.some((t) => t.radicand > 1n) ? { kind: 'surd', sum } : null;
  }
  if (item.args.length !== arity[item.op]) return null;
  const args = item.args.map((i) => before[i]);
  if (args.some((a) => a === undefined)) return null;
  return { kind: 'real', op: item.op, args: args as Value[] } satisfies Real;
}

/** Steps of search that a file may cost for each number under a root. */
const FEW_STEPS = 5_000;

/**
 * Whether no square was found in n. Factors too large to be found stay unseen; such a radicand came from numbers that
 * were factorised one by one, or from a hand that harms only its own file.
 */
function isSquareFree(n: bigint): boolean {
  return perfectRoot(n, 2) === null ? (factorise(n, FEW_STEPS)?.every((f) => f.exponent === 1) ?? true) : n === 1n;
}
