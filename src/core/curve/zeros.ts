import { compileBounds } from '../evaluate/bounds';
import type { Context } from '../evaluate/context';
import { differentiate } from '../evaluate/differentiate';
import type { Fn } from '../evaluate/double-expr';
import { compileDoubles } from '../evaluate/doubles';
import type { Tree } from '../language/tree';
import { interval } from '../number/interval';
import * as q from '../number/rational';
import { compareReals } from '../number/sign';
import { toDouble } from '../number/to-double';
import { isReal } from '../number/value';
import type { RealValue } from '../number/value';
import { coefficientsOf } from '../solve/coefficients';
import { fromDouble } from '../solve/exact-near';
import { polynomialRoots } from '../solve/polynomial-roots';
import { LETTER, quotientOf } from '../solve/quotient';
import { middleOf } from '../solve/root';
import { zeroFactors } from '../solve/zero-factors';
import { Refiner, exactAbscissa } from './abscissa';
import type { Abscissa } from './abscissa';
import { compileCurve } from './curve';
import type { Curve } from './curve';
import { bisected, isZeroThroughout, isolate } from './isolate';
import type { Spot } from './isolate';

/** So many points are looked for at the most; when there are more, it is said. */
export const MOST_POINTS = 200;

/** Where is looked: the ends as they are, and as doubles. */
export type Range = Readonly<{ from: RealValue; to: RealValue; low: number; high: number }>;
export type Found = Readonly<{ places: readonly Abscissa[]; isComplete: boolean }>;

export const NONE: Found = { places: [], isComplete: true };

/** How often the surroundings of a place are narrowed. */
export const NARROWINGS = 12;

const MOST_DEGREE = 6;
/** Zeros of a higher order are not looked for. */
const MOST_ORDER = 6;

/** A value at a change of sign that is larger than this share of those around it does not come down to zero there. */
const JUMPS = 0.1;

/** Finds where curves are zero between two numbers. */
export class ZeroFinder {
  constructor(
    readonly range: Range,
    readonly context: Context,
  ) {}

  double(v: RealValue): number {
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
  ordered(places: readonly Abscissa[]): readonly Abscissa[] {
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
}
