import { itemAt } from '../base/item';
import { differentiate } from '../evaluate/differentiate';
import type { Context } from '../evaluate/context';
import { compileBounds } from '../evaluate/bounds';
import { compileDoubles } from '../evaluate/doubles';
import type { Fn } from '../evaluate/double-expr';
import { binaryTree, groupTree, inside } from '../language/tree';
import type { Tree } from '../language/tree';
import { interval } from '../number/interval';
import * as q from '../number/rational';
import { ZERO } from '../number/arithmetic';
import { compareReals } from '../number/sign';
import { toDouble } from '../number/to-double';
import { isReal } from '../number/value';
import type { RealValue } from '../number/value';
import { coefficientsOf } from '../solve/coefficients';
import { fromDouble } from '../solve/exact-near';
import { LETTER, quotientOf } from '../solve/quotient';
import { polynomialRoots } from '../solve/polynomial-roots';
import { middleOf } from '../solve/root';
import { zeroFactors } from '../solve/zero-factors';
import type { Curve } from './curve';
import { compileCurve } from './curve';
import { bisected, isZeroThroughout, isolate } from './isolate';
import type { Spot } from './isolate';
import { Refiner, exactAbscissa } from './abscissa';
import type { Abscissa } from './abscissa';

/** So many points are looked for at the most; when there are more, it is said. */
export const MOST_POINTS = 200;

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

type Range = Readonly<{ from: RealValue; to: RealValue; low: number; high: number }>;
type Found = Readonly<{ places: readonly Abscissa[]; isComplete: boolean }>;

type Turns = Readonly<{ lowest: readonly Abscissa[]; highest: readonly Abscissa[]; isComplete: boolean }>;

/** Halvings in search of corners. */
const MOST_CORNER_WORK = 6000;

/** How often the steps to the neighbours of a turn are narrowed, each time eight times. */
const NARROWINGS = 12;

/** Neighbours that are compared where a curve has no derivative to go by. */
const COMPARED = 800;

const MOST_DEGREE = 6;
/** Zeros of a higher order are not looked for. */
const MOST_ORDER = 6;

/** A value at a change of sign that is larger than this share of those around it does not come down to zero there. */
const JUMPS = 0.1;

const NONE: Found = { places: [], isComplete: true };

class Finder {
  constructor(
    private readonly range: Range,
    private readonly context: Context,
  ) {}

  private double(v: RealValue): number {
    return toDouble(v, this.context.shouldContinue);
  }

  private isIn(x: RealValue): boolean {
    const { from, to } = this.range;
    const { shouldContinue } = this.context;
    return compareReals(x, from, shouldContinue) !== -1 && compareReals(x, to, shouldContinue) !== 1;
  }

  isNear(a: Abscissa, b: Abscissa): boolean {
    const [x, y] = [this.double(a.x), this.double(b.x)];
    return Math.abs(x - y) <= 1e-14 * Math.max(Math.abs(x), Math.abs(y));
  }

  /** In order, each place once. */
  private ordered(places: readonly Abscissa[]): readonly Abscissa[] {
    const worth = places.filter(({ x }) => this.isIn(x)).map((place) => ({ place, at: this.double(place.x) }));
    worth.sort((a, b) => a.at - b.at);
    const kept: typeof worth = [];
    for (const next of worth) {
      const last = kept.at(-1);
      const isSame = last !== undefined && next.at - last.at <= 1e-12 * Math.max(Math.abs(next.at), 1e-300);
      if (!isSame) kept.push(next);
      else if (next.place.isExact) kept[kept.length - 1] = next;
    }
    return kept.map(({ place }) => place);
  }

  /** Where a curve is zero: where one of its factors is, and it has a value; its ends are looked at by themselves. */
  zeros(curve: Curve): Found {
    const { tree, letter } = curve;
    const { from, to, low, high } = this.range;
    if (isZeroThroughout(curve.f, low, high)) return NONE;
    const factors = zeroFactors(tree, letter, this.context);
    const found = factors.map((factor) => {
      if (factor === tree) return this.zerosOf(curve);
      const part = compileCurve(factor, letter, this.context);
      return part.ok ? this.zerosOf(part.value) : { places: [], isComplete: false };
    });
    const refiner = new Refiner(tree, letter, this.context);
    const ends = factors.length === 0 ? [] : [from, to].filter((x) => refiner.signAt(x) === 0);
    const places = this.ordered([...found.flatMap((one) => one.places), ...ends.map(exactAbscissa)]);
    return {
      // A hole of the whole may be a zero of a part.
      places: places.filter(({ x }) => refiner.valueAt(x) !== null),
      isComplete: found.every((one) => one.isComplete),
    };
  }

  /** All places of a polynomial, or of what a quotient of polynomials divides; else what interval bounds find. */
  private zerosOf(curve: Curve): Found {
    const refiner = new Refiner(curve.tree, curve.letter, this.context);
    const slope = curve.slopeTree && compileDoubles(curve.slopeTree, curve.letter, this.context);
    const roots = this.polynomialZeros(curve, refiner, slope);
    if (roots !== null) return { places: this.ordered(roots), isComplete: true };
    const { low, high } = this.range;
    if (isZeroThroughout(curve.f, low, high)) return NONE;
    const { spots, open, isCut } = isolate(curve, low, high, 2 * MOST_POINTS, this.context.shouldContinue);
    const places = this.ordered(spots.flatMap((spot) => this.zerosAt(spot, curve, refiner, slope)));
    return { places, isComplete: !isCut && open.every((part) => this.holdsOne(part, places, curve)) };
  }

  /**
   * Whether a part that bounds could not settle has one zero, of a higher order: there the function and its first
   * derivatives are exactly zero, and the next one is not zero all around (Taylor's theorem), and beside that nothing is.
   */
  private holdsOne(part: Readonly<{ low: number; high: number }>, places: readonly Abscissa[], curve: Curve): boolean {
    const inside = places.filter(({ x }) => this.double(x) >= part.low && this.double(x) <= part.high);
    const [place] = inside;
    if (inside.length !== 1 || place?.isExact !== true) return false;
    const { letter } = curve;
    let tree: Tree | null = curve.tree;
    for (let order = 0; order < MOST_ORDER && tree !== null; order += 1) {
      const sign = new Refiner(tree, letter, this.context).signAt(place.x);
      if (sign === null) return false;
      if (sign !== 0) return this.isApart(part, this.double(place.x), tree, curve);
      const next = differentiate(tree, letter, this.context.angle);
      tree = next.ok ? next.value : null;
    }
    return false;
  }

  /** Whether `rest` keeps its sign around a place, and the curve has no zero in what is left of the part. */
  private isApart(part: Readonly<{ low: number; high: number }>, x: number, rest: Tree, curve: Curve): boolean {
    const bounds = compileBounds(rest, curve.letter, this.context);
    const widest = Math.max(x - part.low, part.high - x);
    for (let k = 0, around = widest; k < NARROWINGS; k += 1, around /= 4) {
      const { low, high, is } = bounds(interval(x - around, x + around));
      if (is !== 'continuous' || (low <= 0 && high >= 0)) continue;
      const sides = [
        [part.low, x - around],
        [x + around, part.high],
      ] as const;
      return sides.every(([from, to]) => {
        if (from >= to) return true;
        const found = isolate(curve, from, to, MOST_POINTS, this.context.shouldContinue);
        return found.spots.length === 0 && found.open.length === 0 && !found.isCut;
      });
    }
    return false;
  }

  private polynomialZeros(curve: Curve, refiner: Refiner, slope: Fn | null): readonly Abscissa[] | null {
    const coefficients =
      coefficientsOf(curve.tree, curve.letter, this.context) ??
      quotientOf(curve.tree, curve.letter, this.context, (node) => (node.kind === 'letter' ? LETTER : null))?.top ??
      null;
    // Of a high degree the bounds are quicker: the roots of a formula are not to be had, and complex ones not wanted.
    if (coefficients === null || coefficients.length > MOST_DEGREE + 1) return null;
    if (coefficients.slice(1).every((c) => c.kind === 'rational' && q.isZero(c.value))) return [];
    const found = polynomialRoots(coefficients, this.context);
    if (found === null) return null;
    const places: Abscissa[] = [];
    for (const root of found.real) {
      if (root.kind === 'exact') {
        if (isReal(root.value)) places.push(exactAbscissa(root.value));
        continue;
      }
      const x = this.double(middleOf(root));
      const sharp = refiner.near(x, slope?.(x) ?? NaN) ?? refiner.between(root.low, root.high);
      places.push(sharp ?? { x: middleOf(root), isExact: false, isSure: root.isSure });
    }
    return places;
  }

  private zerosAt(spot: Spot, curve: Curve, refiner: Refiner, slope: Fn | null): readonly Abscissa[] {
    const { f } = curve;
    if (spot.kind === 'crosses') {
      const x = bisected(f, spot.low, spot.high);
      const sharp = refiner.near(x, slope?.(x) ?? NaN) ?? refiner.between(fromDouble(spot.low), fromDouble(spot.high));
      const place = sharp ?? { x: { kind: 'rational', value: fromDouble(x) }, isExact: false, isSure: false };
      return this.isJump(place, spot, curve, refiner) ? [] : [place];
    }
    const x = spot.low + (spot.high - spot.low) / 2;
    const step = (this.range.high - this.range.low) * 2e-3;
    // The end of a stretch where it is zero all over is no place by itself.
    if (isZeroThroughout(f, x - step, x - step / 8) || isZeroThroughout(f, x + step / 8, x + step)) return [];
    const close = refiner.exactNear(x);
    if (close !== null) return [exactAbscissa(close)];
    const turn = spot.high - spot.low < step ? this.touching(x, curve, refiner) : [];
    if (turn.length > 0) return turn;
    // A double tells the place of a flat turn to half its digits only, or to as many as the spot is wide.
    const exact = refiner.exactNear(x, Math.max(1e-6, 2 * (spot.high - spot.low)));
    return exact === null ? [] : [exactAbscissa(exact)];
  }

  /** Whether the sign changes without the values coming down to zero: at a jump, or at a pole. */
  private isJump({ x, isExact }: Abscissa, { low, high }: Spot, { f }: Curve, refiner: Refiner): boolean {
    if (isExact) return false;
    const value = refiner.valueAt(x);
    return value === null || Math.abs(this.double(value)) > JUMPS * Math.max(Math.abs(f(low)), Math.abs(f(high)));
  }

  /** What lies at a turn near zero: a touching zero, two zeros beside each other, or none. */
  private touching(x: number, curve: Curve, refiner: Refiner): readonly Abscissa[] {
    const { slopeTree, letter, f } = curve;
    if (slopeTree === null || !Number.isFinite(f(x))) return [];
    const steep = differentiate(slopeTree, letter, this.context.angle);
    const bend = steep.ok ? compileDoubles(steep.value, letter, this.context) : null;
    const at = new Refiner(slopeTree, letter, this.context).near(x, bend?.(x) ?? NaN);
    const value = at && refiner.valueAt(at.x);
    if (at === null || value === null) return [];
    const { low, high } = this.range;
    const step = (high - low) * 1e-5;
    const [left, right] = [f(this.double(at.x) - step), f(this.double(at.x) + step)];
    const size = Math.max(Math.abs(left), Math.abs(right));
    const here = this.double(value);
    // At a double zero the value shrinks with the square of what is left of the place.
    if (Math.abs(here) <= size * 10 ** (-1.2 * this.context.digits)) return [{ ...at, isSure: at.isExact }];
    if (here * left > 0 && here * right > 0) return [];
    const middle = at.x.kind === 'rational' ? at.x.value : fromDouble(this.double(at.x));
    const by = fromDouble(step);
    const both = [refiner.between(q.subtract(middle, by), middle), refiner.between(middle, q.add(middle, by))];
    return both
      .filter((p): p is Abscissa => p !== null)
      .filter(
        (p) =>
          !this.isJump(
            p,
            { kind: 'crosses', low: this.double(at.x) - step, high: this.double(at.x) + step },
            curve,
            refiner,
          ),
      )
      .map((p) => {
        const exact = refiner.exactNear(this.double(p.x), 1e-13);
        return exact === null ? p : exactAbscissa(exact);
      });
  }

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
