import { itemAt } from '../base/item';
import type { Context } from '../evaluate/context';
import { binaryTree, groupTree, inside } from '../language/tree';
import type { Tree } from '../language/tree';
import { ZERO } from '../number/arithmetic';
import { interval } from '../number/interval';
import { toDouble } from '../number/to-double';
import type { RealValue } from '../number/value';
import { coefficientsOf } from '../solve/coefficients';
import { fromDouble } from '../solve/exact-near';
import { Refiner, exactAbscissa } from './abscissa';
import type { Abscissa } from './abscissa';
import { compileCurve } from './curve';
import type { Curve } from './curve';
import { MOST_POINTS, NARROWINGS, NONE, ZeroFinder } from './zeros';
import type { Found } from './zeros';

export type PointKind = 'zero' | 'lowest' | 'highest' | 'crossing';

export type CurvePoint = Readonly<{ curve: number; at: Abscissa; y: RealValue | null }>;
export type Crossing = Readonly<{ curves: readonly [number, number]; at: Abscissa; y: RealValue | null }>;

export type Points = Readonly<{
  zeros: readonly CurvePoint[];
  lowest: readonly CurvePoint[];
  highest: readonly CurvePoint[];
  crossings: readonly Crossing[];
  /** There may be more than were found: beyond the limit, out of time, or where nothing could be proved. */
  hasMore: boolean;
}>;

type Turns = Readonly<{ lowest: readonly Abscissa[]; highest: readonly Abscissa[]; isComplete: boolean }>;

/** Halvings in search of corners. */
const MOST_CORNER_WORK = 6000;

/** Neighbours that are compared where a curve has no derivative to go by. */
const COMPARED = 800;

class Finder extends ZeroFinder {
  /** Where a curve turns: zeros of its slope and corners, at which the slope changes its sign. */
  turns(curve: Curve): Turns {
    const { slopeTree, letter } = curve;
    const slope = slopeTree === null ? null : compileCurve(slopeTree, letter, this.context);
    if (slope === null || !slope.ok) return this.turnsByComparing(curve);
    const smooth = this.zeros(slope.value);
    const corners = this.corners(curve, slope.value);
    const places = this.ordered([...smooth.places, ...corners.places]);
    const at = places.map(({ x }) => this.double(x));
    const { low, high } = this.range;
    const result = { lowest: [] as Abscissa[], highest: [] as Abscissa[] };
    places.forEach((place, i) => {
      const x = itemAt(at, i);
      const gap = Math.min(x - (at[i - 1] ?? -Infinity), (at[i + 1] ?? Infinity) - x, (high - low) / 100);
      const y = this.yOf(curve, place);
      const way = y === null ? 0 : this.wayOf(curve, slope.value, x, this.double(y), gap / 4);
      if (way === 0) return;
      (way === 1 ? result.lowest : result.highest).push(place);
    });
    return { ...result, isComplete: smooth.isComplete && corners.isComplete };
  }

  /**
   * Whether a curve turns upwards (1) or downwards (−1) at a place of this height, or not at all (0): the values beside
   * it have to be as near to the height as the slopes let them be, which at a pole or a jump they are at no distance.
   */
  private wayOf(curve: Curve, slope: Curve, x: number, y: number, widest: number): 1 | -1 | 0 {
    for (let k = 0, step = widest; k < NARROWINGS; k += 1, step /= 8) {
      const [left, right] = [slope.f(x - step), slope.f(x + step)];
      if (!(left * right < 0)) continue;
      const reach = 4 * step * Math.max(Math.abs(left), Math.abs(right)) + Math.abs(y) * 1e-12;
      const isReached = [x - step, x + step].every((at) => Math.abs(curve.f(at) - y) <= reach);
      if (isReached) return left < 0 ? 1 : -1;
    }
    return 0;
  }

  /** Turns of a curve that has no derivative here: the lowest and highest of many neighbours, narrowed in exact numbers. */
  private turnsByComparing({ f, bounds, tree, letter }: Curve): Turns {
    const { low, high } = this.range;
    const refiner = new Refiner(tree, letter, this.context);
    const xs = Array.from({ length: COMPARED + 1 }, (_, i) => low + ((high - low) * i) / COMPARED);
    const result = { lowest: [] as Abscissa[], highest: [] as Abscissa[] };
    for (let i = 1; i < COMPARED && this.context.shouldContinue(); i += 1) {
      const [a, b, c] = [itemAt(xs, i - 1), itemAt(xs, i), itemAt(xs, i + 1)];
      const [p, r, t] = [f(a), f(b), f(c)];
      const way = r < p && r <= t ? 1 : r > p && r >= t ? -1 : 0;
      if (way === 0 || bounds(interval(a, c)).is !== 'continuous') continue;
      const place = refiner.leastBetween(fromDouble(a), fromDouble(c), way);
      if (place !== null) (way === 1 ? result.lowest : result.highest).push(place);
    }
    return { ...result, isComplete: this.turnsOncePerUnit(tree, letter) };
  }

  /** Whether it is a factorial of a·x + b over few enough units: that turns once between neighbouring whole numbers. */
  private turnsOncePerUnit(tree: Tree, letter: string): boolean {
    const node = inside(tree);
    if (node.kind !== 'postfix' || node.op !== 'factorial') return false;
    const linear = coefficientsOf(node.of, letter, this.context);
    const [, a] = linear ?? [];
    if (linear?.length !== 2 || a === undefined) return false;
    return Math.abs(this.double(a)) * (this.range.high - this.range.low) * 8 <= COMPARED;
  }

  /** Places at which the slope jumps from one sign to the other while the curve goes on. */
  private corners(curve: Curve, slope: Curve): Found {
    const { low, high } = this.range;
    const places: Abscissa[] = [];
    const refiner = new Refiner(slope.tree, slope.letter, this.context);
    const edges = new Refiner(curve.tree, curve.letter, this.context);
    const floor = (high - low) * 2 ** -44;
    let work = 0;
    const visit = (a: number, b: number): void => {
      work += 1;
      if (work > MOST_CORNER_WORK || (work % 64 === 63 && !this.context.shouldContinue())) return;
      const is = slope.bounds(interval(a, b));
      // A corner is where the slope has no value though the curve has: all else was looked at as a zero of the slope.
      if (is.is === 'continuous' || is.is === 'nowhere' || is.low > 0 || is.high < 0) return;
      if (curve.bounds(interval(a, b)).is === 'nowhere') return;
      if (b - a > floor) {
        const middle = a + (b - a) * 0.4871;
        visit(a, middle);
        visit(middle, b);
        return;
      }
      const x = a + (b - a) / 2;
      if (!Number.isFinite(curve.f(x))) return;
      const [before, after] = [slope.f(a - 16 * floor), slope.f(b + 16 * floor)];
      if (!(before * after < 0)) return;
      const broken = refiner.brokenNear(x) ?? edges.edgeNear(x);
      const between = broken === null ? refiner.between(fromDouble(a - floor), fromDouble(b + floor)) : null;
      places.push(
        broken === null
          ? (between ?? { x: { kind: 'rational', value: fromDouble(x) }, isExact: false, isSure: false })
          : exactAbscissa(broken),
      );
    };
    visit(low, high);
    return { places, isComplete: work <= MOST_CORNER_WORK };
  }

  yOf(curve: Curve, { x }: Abscissa): RealValue | null {
    return new Refiner(curve.tree, curve.letter, this.context).valueAt(x);
  }
}

/** Whether a place is a zero that only touches, found to the same digits: its height is then none at all. */
const isOneOf = (place: Abscissa, zeros: readonly Abscissa[], finder: Finder): boolean =>
  !place.isExact && zeros.some((zero) => finder.isNear(zero, place));

/** One curve less another. */
function difference(a: Curve, b: Curve, context: Context): Curve | null {
  const tree: Tree = binaryTree('minus', groupTree(a.tree), groupTree(b.tree));
  const result = compileCurve(tree, a.letter, context);
  return result.ok ? result.value : null;
}

/**
 * Zeros, turning points and crossings of curves between two numbers, ends included: each exact where the core knows it
 * so, else to the digits of the context (proved by a change of sign). Zeros that only touch the axis count; ends of a
 * domain are no turning points. Domain: from < to. What cannot be proved apart is left out, and `hasMore` says so.
 */
export function findPoints(curves: readonly Curve[], from: RealValue, to: RealValue, context: Context): Points {
  const [low, high] = [toDouble(from, context.shouldContinue), toDouble(to, context.shouldContinue)];
  const finder = new Finder({ from, to, low, high }, context);
  const points = { zeros: [] as CurvePoint[], lowest: [] as CurvePoint[], highest: [] as CurvePoint[] };
  const crossings: Crossing[] = [];
  let isComplete = true;
  const at = (curve: number, places: readonly Abscissa[]): readonly CurvePoint[] =>
    places.map((place) => ({ curve, at: place, y: finder.yOf(itemAt(curves, curve), place) }));
  curves.forEach((curve, i) => {
    const zeros = finder.zeros(curve);
    const turns = finder.turns(curve);
    isComplete &&= zeros.isComplete && turns.isComplete;
    points.zeros.push(...at(i, zeros.places));
    const turned = (places: readonly Abscissa[]): readonly CurvePoint[] =>
      at(i, places).map((point) => (isOneOf(point.at, zeros.places, finder) ? { ...point, y: ZERO } : point));
    points.lowest.push(...turned(turns.lowest));
    points.highest.push(...turned(turns.highest));
    for (let j = i + 1; j < curves.length; j += 1) {
      const rest = difference(curve, itemAt(curves, j), context);
      const found = rest === null ? { ...NONE, isComplete: false } : finder.zeros(rest);
      isComplete &&= found.isComplete;
      for (const place of found.places) {
        const y = finder.yOf(curve, place);
        if (y !== null) crossings.push({ curves: [i, j], at: place, y });
      }
    }
  });
  const all = [points.zeros, points.lowest, points.highest, crossings];
  const isCut = all.some((list) => list.length > MOST_POINTS) || !context.shouldContinue();
  const cut = <T>(list: readonly T[]): readonly T[] => list.slice(0, MOST_POINTS);
  return {
    zeros: cut(points.zeros),
    lowest: cut(points.lowest),
    highest: cut(points.highest),
    crossings: cut(crossings),
    hasMore: isCut || !isComplete,
  };
}
