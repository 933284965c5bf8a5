import { itemAt } from '../base/item';
import type { AngleUnit } from '../base/angle';
import { functionNamed } from '../function';
import { nodesOf } from '../language/tree';
import type { Tree } from '../language/tree';
import { toDouble } from '../number/to-double';
import { asWhole, isReal } from '../number/value';
import type { RealValue, Value } from '../number/value';
import type { Context } from './context';
import { formula } from './formula';
import { isAngle } from './observe';

/** A full turn in each unit, as typed text. */
const turns: Readonly<Record<AngleUnit, string>> = { deg: '360', rad: '(2pi)', grad: '400' };

/**
 * What an angle view shows, in degrees: the angle itself, the one in a single turn that ends in the same place, the
 * acute one to the horizontal axis, and what to add to reach the next axis. `turn`: the share of a full turn that the
 * arm has made, from 0 up to 1, for drawing only.
 */
export type AngleFacts = Readonly<{
  angle: RealValue;
  coterminal: RealValue;
  reference: RealValue;
  /** Null when the arm lies on an axis. */
  toAxis: RealValue | null;
  /** 1 to 4; on an axis that of the axis itself: 0 for east, 1 north, 2 west, 3 south. */
  quadrant: number;
  isOnAxis: boolean;
  turn: number;
}>;

const real = (v: Value | null): RealValue | null => (v !== null && isReal(v) ? v : null);

/** The facts of an angle in a unit; null where they cannot be decided. */
export function angleFacts(value: RealValue, unit: AngleUnit, context: Context): AngleFacts | null {
  const work = (text: string, letters: Record<string, RealValue>): RealValue | null =>
    real(formula(text, letters, context));
  const angle = unit === 'deg' ? value : work(`A*360/${turns[unit]}`, { A: value });
  const coterminal = angle && work('mod(A,360)', { A: angle });
  const quarters = coterminal && work('floor(M/90)', { M: coterminal });
  const over = coterminal && work('mod(M,90)', { M: coterminal });
  if (!angle || !coterminal || !quarters || !over) return null;
  const k = Number(asWhole(quarters) ?? 0n);
  const isOnAxis = over.kind === 'rational' && over.value.n === 0n;
  const reference = work(itemAt(['M', '180-M', 'M-180', '360-M'], k), { M: coterminal });
  if (reference === null) return null;
  return {
    angle,
    coterminal,
    reference,
    toAxis: isOnAxis ? null : work(`${(k + 1) * 90}-M`, { M: coterminal }),
    quadrant: isOnAxis ? k : k + 1,
    isOnAxis,
    turn: toDouble(coterminal, context.shouldContinue) / 360,
  };
}

/** The angles that a line is about: its own value when that is one, and the arguments of its trigonometric functions. */
export function anglesOf(tree: Tree): readonly Tree[] {
  const own = isAngle(tree) ? [tree] : [];
  const args = [...nodesOf(tree)].flatMap((node) =>
    node.kind === 'call' && functionNamed(node.fn)?.angleIn === true ? node.args : [],
  );
  return [...own, ...args];
}
