import { itemAt } from '../base/item';
import { goOn } from '../base/limits';
import type { ShouldContinue } from '../base/should-continue';
import { withLetter } from '../evaluate/context';
import type { Context } from '../evaluate/context';
import { compileBoundsOfTwo } from '../evaluate/bounds';
import { differentiate } from '../evaluate/differentiate';
import { evaluate } from '../evaluate/evaluate';
import type { Tree } from '../language/tree';
import * as iv from '../number/interval';
import type { Bounds } from '../number/interval';
import { roundToPlaces } from '../number/digits';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { compareWith, signOf } from '../number/sign';
import { fromRational, isReal } from '../number/value';
import type { RealValue } from '../number/value';
import { fromDouble, simpleValuesNear, surdSumsNear } from './exact-near';
import { exactRoot, valueOfRoot } from './root';
import type { Root } from './root';

/** Where is searched: x and y each between two numbers. */
export type Box = Readonly<{ x: Bounds; y: Bounds }>;

/**
 * Pairs that solve two equations. `isComplete`: these are all that there are in the box, proved; else there may be more
 * near the places in `open`, where nothing could be decided.
 */
export type PairsFound = Readonly<{
  pairs: readonly (readonly [Root, Root])[];
  isComplete: boolean;
  open: readonly (readonly [number, number])[];
}>;

/** More boxes than this are not looked into. */
const MOST_BOXES = 40_000;
/** A box that is so small beside its numbers, and still not decided, stays open. */
const SMALLEST = 1e-9;
/** Sums of roots that are tried for a number: the simplest come first. */
const MOST_SUMS = 6;
/** How near an exact number has to be to one that is known in doubles. */
const FINE = 1e-12;
/** Boxes that stay open so near to each other are told as one place. */
const NEIGHBOURS = 1e-5;
/** The share of its side by which a box is searched beyond its edges. */
const EDGE = 1e-7;
/** Steps towards a solution; each gains several digits. */
const MOST_STEPS = 60;
/** The part of the distance that a step leaves, from which on a few steps reach any digit. */
const FAST = 1e-6;
/** Places to which a solution is worked, and a few more in the work itself. */
const PLACES = 40;
const WORKED_PLACES = 60;

type Double2 = readonly [number, number];
type OfBox = (x: Bounds, y: Bounds) => Bounds;

const middle = ({ low, high }: Bounds): number => low / 2 + high / 2;
const width = ({ low, high }: Bounds): number => high - low;
const point = (v: number): Bounds => iv.interval(v, v);
const isWhole = ({ is, low, high }: Bounds): boolean =>
  is === 'continuous' && Number.isFinite(low) && Number.isFinite(high);
const holdsZero = ({ low, high, is }: Bounds): boolean => is !== 'nowhere' && low <= 0 && high >= 0;
const meet = (a: Bounds, b: Bounds): Bounds | null => {
  const [low, high] = [Math.max(a.low, b.low), Math.min(a.high, b.high)];
  return low > high ? null : iv.interval(low, high);
};
const isInside = (a: Bounds, b: Bounds): boolean => a.low > b.low && a.high < b.high;

/** What a step of Krawczyk's makes of a box: nothing in it, one solution in it for certain, or a smaller box. */
type Looked = Readonly<{ kind: 'none' }> | Readonly<{ kind: 'one' | 'some'; box: Box; inverse: Inverse; rate: number }>;
type Inverse = readonly [Double2, Double2];

class PairSearch {
  private readonly f: readonly [OfBox, OfBox];
  private readonly slopes: readonly [readonly [OfBox, OfBox], readonly [OfBox, OfBox]];

  constructor(
    private readonly trees: readonly [Tree, Tree],
    private readonly names: readonly [string, string],
    private readonly context: Context,
    derivatives: readonly [readonly [Tree, Tree], readonly [Tree, Tree]],
  ) {
    const bounds = (tree: Tree): OfBox => compileBoundsOfTwo(tree, names, context);
    this.f = [bounds(trees[0]), bounds(trees[1])];
    this.slopes = [
      [bounds(derivatives[0][0]), bounds(derivatives[0][1])],
      [bounds(derivatives[1][0]), bounds(derivatives[1][1])],
    ];
  }

  /** Whether there can be a solution in a box at all. */
  private canHold({ x, y }: Box): boolean {
    return this.f.every((f) => holdsZero(f(x, y)));
  }

  /** K(X) = m − Y·f(m) + (1 − Y·F′(X))·(X − m), met with X; null where the slopes are not bounded or not independent. */
  look(box: Box): Looked | null {
    const { x, y } = box;
    const [mx, my] = [middle(x), middle(y)];
    const slopes = this.slopes.map((row) => row.map((slope) => slope(x, y)));
    if (!slopes.flat().every(isWhole)) return null;
    const [[a, b], [c, d]] = slopes as [[Bounds, Bounds], [Bounds, Bounds]];
    const [am, bm, cm, dm] = [middle(a), middle(b), middle(c), middle(d)];
    const det = am * dm - bm * cm;
    if (det === 0 || !Number.isFinite(1 / det)) return null;
    const inverse: Inverse = [
      [dm / det, -bm / det],
      [-cm / det, am / det],
    ];
    const at = this.f.map((f) => f(point(mx), point(my)));
    if (!at.every(isWhole)) return null;
    const [fx, fy] = at as [Bounds, Bounds];
    const [dx, dy] = [iv.subtract(x, point(mx)), iv.subtract(y, point(my))];
    const next: Bounds[] = [];
    let rate = 0;
    for (const [k, [p, r]] of inverse.entries()) {
      const [own, other] = [
        iv.subtract(point(k === 0 ? 1 : 0), iv.add(iv.multiply(point(p), a), iv.multiply(point(r), c))),
        iv.subtract(point(k === 1 ? 1 : 0), iv.add(iv.multiply(point(p), b), iv.multiply(point(r), d))),
      ];
      rate = Math.max(rate, iv.magnitude(own).high + iv.magnitude(other).high);
      const step = iv.add(iv.multiply(point(p), fx), iv.multiply(point(r), fy));
      const rest = iv.add(iv.multiply(own, dx), iv.multiply(other, dy));
      next.push(iv.add(iv.subtract(point(k === 0 ? mx : my), step), rest));
    }
    const [kx, ky] = [itemAt(next, 0), itemAt(next, 1)];
    const [nx, ny] = [meet(kx, x), meet(ky, y)];
    if (nx === null || ny === null) return { kind: 'none' };
    const isOne = isInside(kx, x) && isInside(ky, y);
    return { kind: isOne ? 'one' : 'some', box: { x: nx, y: ny }, inverse, rate };
  }

  /** All boxes with one solution each, and those that stay open. */
  boxes(whole: Box): Readonly<{ sure: readonly Box[]; open: readonly Box[] }> {
    const open: Box[] = [whole];
    const [sure, left]: [Box[], Box[]] = [[], []];
    let count = 0;
    for (let box = open.pop(); box !== undefined; box = open.pop()) {
      count += 1;
      goOn(this.context.shouldContinue);
      if (count > MOST_BOXES) return { sure, open: [...left, box, ...open] };
      if (!this.canHold(box)) continue;
      const looked = this.look(box);
      if (looked?.kind === 'none') continue;
      if (looked?.kind === 'one') {
        sure.push(box);
        continue;
      }
      const smaller = looked?.box ?? box;
      const size = Math.max(Math.abs(middle(box.x)), Math.abs(middle(box.y)), 1);
      if (Math.max(width(smaller.x), width(smaller.y)) < SMALLEST * size) {
        left.push(smaller);
        continue;
      }
      const isMuch = width(smaller.x) + width(smaller.y) < 0.6 * (width(box.x) + width(box.y));
      open.push(...(isMuch ? [smaller] : halves(smaller)));
    }
    return { sure, open: left };
  }

  /** The value of an equation's difference at a point of rationals, near to so many places; null where there is none. */
  private at(tree: Tree, x: RealValue, y: RealValue): RealValue | null {
    const [nx, ny] = this.names;
    const value = evaluate(tree, withLetter(withLetter(this.context, nx, x), ny, y));
    return value.ok && isReal(value.value) ? value.value : null;
  }

  /** Whether a pair solves both equations exactly. */
  private solves(x: RealValue, y: RealValue): boolean {
    return this.trees.every((tree) => {
      const value = this.at(tree, x, y);
      return value !== null && signOf(value, this.context.shouldContinue) === 0;
    });
  }

  /** Exact numbers that may be meant by a pair that is known to many places. */
  exactNear(x: number, y: number, within = FINE): readonly [RealValue, RealValue] | null {
    const { shouldContinue } = this.context;
    const near = (v: number): readonly RealValue[] => [
      ...simpleValuesNear(v, within, shouldContinue),
      ...(within > FINE ? [] : surdSumsNear(v, shouldContinue).slice(0, MOST_SUMS)),
    ];
    for (const a of near(x)) for (const b of near(y)) if (this.solves(a, b)) return [a, b];
    return null;
  }

  /**
   * The one solution in a box, exact where a short number solves both equations, else to PLACES places: by Newton's steps
   * in fractions, with the distance left bounded by ‖Y·f(m)‖ / (1 − rate), since the rate holds all over the box.
   */
  solution(found: Box): readonly [Root, Root] | null {
    let box = found;
    let looked = this.look(box);
    // Steps from a box whose image lies inside it stay in it, so that its rate holds for all of them.
    for (let i = 0; i < MOST_STEPS && looked?.kind === 'one' && looked.rate > FAST; i += 1) {
      const next = this.look(looked.box);
      if (next?.kind !== 'one') break;
      box = looked.box;
      looked = next;
    }
    if (looked?.kind !== 'one' || looked.rate >= 0.5) return null;
    const near = (from: Rational, by: number): Rational => q.multiply(from, fromDouble(by));
    let [x, y] = [fromDouble(middle(box.x)), fromDouble(middle(box.y))];
    const [[p, r], [s, t]] = looked.inverse;
    const unit: Rational = { n: 1n, d: 10n ** BigInt(WORKED_PLACES) };
    const rounding = q.multiply(
      fromDouble(2 + 2 * Math.max(Math.abs(p) + Math.abs(r), Math.abs(s) + Math.abs(t))),
      unit,
    );
    const finest: Rational = { n: 1n, d: 10n ** BigInt(PLACES) };
    for (let i = 0; i < MOST_STEPS; i += 1) {
      const [u, v] = this.trees.map((tree) => this.rounded(this.at(tree, fromRational(x), fromRational(y))));
      if (u == null || v == null) return null;
      const [dx, dy] = [q.add(near(u, p), near(v, r)), q.add(near(u, s), near(v, t))];
      const [a, b] = [q.magnitude(dx), q.magnitude(dy)];
      // Twice the step covers a rate of a half.
      const off = q.add(q.multiply(q.compare(a, b) > 0 ? a : b, q.whole(2)), rounding);
      if (q.compare(off, finest) < 0) {
        const root = (m: Rational): Root => ({
          kind: 'near',
          low: q.subtract(m, off),
          high: q.add(m, off),
          isSure: true,
        });
        const exact = this.exactNear(doubleOf(x), doubleOf(y));
        return exact === null ? [root(x), root(y)] : [exactRoot(exact[0]), exactRoot(exact[1])];
      }
      [x, y] = [shortened(q.subtract(x, dx)), shortened(q.subtract(y, dy))];
    }
    return null;
  }

  private rounded(v: RealValue | null): Rational | null {
    if (v === null) return null;
    const result = roundToPlaces(v, WORKED_PLACES, this.context.shouldContinue);
    return typeof result === 'string' ? null : q.rational(result.unscaled, 10n ** BigInt(result.places));
  }
}

const doubleOf = ({ n, d }: Rational): number => Number((n * 10n ** 20n) / d) / 1e20;

const shortened = (v: Rational): Rational => {
  const ten = 10n ** BigInt(WORKED_PLACES);
  return q.rational((v.n * ten) / v.d, ten);
};

/** A box cut across its longer side; a little off the middle, where solutions like to lie. */
function halves({ x, y }: Box): readonly [Box, Box] {
  const cut = (b: Bounds): readonly [Bounds, Bounds] => {
    const at = b.low + (b.high - b.low) * 0.4912;
    return [iv.interval(b.low, at), iv.interval(at, b.high)];
  };
  if (width(x) >= width(y)) {
    const [left, right] = cut(x);
    return [
      { x: left, y },
      { x: right, y },
    ];
  }
  const [low, high] = cut(y);
  return [
    { x, y: low },
    { x, y: high },
  ];
}

/** The box and a little more on each side, so that a solution on its edge lies inside. */
const widened = ({ low, high }: Bounds): Bounds => {
  const room = (high - low) * EDGE;
  return iv.interval(low - room, high + room);
};

const isBetween = (root: Root, { low, high }: Bounds, shouldContinue: ShouldContinue): boolean => {
  const v = valueOfRoot(root);
  if (v === null) return false;
  return (
    compareWith(v, fromDouble(low), shouldContinue) !== -1 && compareWith(v, fromDouble(high), shouldContinue) !== 1
  );
};

/** Places that lie together, as one each. */
function gathered(places: readonly Double2[]): readonly Double2[] {
  const result: Double2[] = [];
  for (const [x, y] of places) {
    const isNear = ([u, v]: Double2): boolean =>
      Math.hypot(x - u, y - v) < NEIGHBOURS * Math.max(1, Math.abs(x), Math.abs(y));
    if (!result.some(isNear)) result.push([x, y]);
  }
  return result;
}

/**
 * The solutions of two equations, each given as what must be zero, in a box, by Krawczyk's interval Newton method (R. E.
 * Moore, R. B. Kearfott, M. J. Cloud, Introduction to Interval Analysis, ch. 8, from memory). Where nothing stays open
 * they are proved to be all. Null where an equation has no slopes that can be written down.
 */
export function nonlinearPair(
  trees: readonly [Tree, Tree],
  names: readonly [string, string],
  box: Box,
  context: Context,
): PairsFound | null {
  const slopes: (readonly [Tree, Tree])[] = [];
  for (const tree of trees) {
    const [dx, dy] = [differentiate(tree, names[0], context.angle), differentiate(tree, names[1], context.angle)];
    if (!dx.ok || !dy.ok) return null;
    slopes.push([dx.value, dy.value]);
  }
  const search = new PairSearch(trees, names, context, [itemAt(slopes, 0), itemAt(slopes, 1)]);
  const { sure, open } = search.boxes({ x: widened(box.x), y: widened(box.y) });
  const pairs: (readonly [Root, Root])[] = [];
  const left = [...open];
  for (const one of sure) {
    const pair = search.solution(one);
    if (pair === null) left.push(one);
    else pairs.push(pair);
  }
  // Where curves only touch, nothing is proved by intervals; an exact pair may still be found there.
  const places = gathered(left.map(({ x, y }) => [middle(x), middle(y)]));
  const stillOpen: Double2[] = [];
  for (const place of places) {
    const exact = search.exactNear(place[0], place[1], NEIGHBOURS);
    if (exact === null) stillOpen.push(place);
    else pairs.push([exactRoot(exact[0]), exactRoot(exact[1])]);
  }
  const { shouldContinue } = context;
  const inBox = pairs.filter(([x, y]) => isBetween(x, box.x, shouldContinue) && isBetween(y, box.y, shouldContinue));
  return { pairs: inBox, isComplete: left.length === 0, open: stillOpen };
}
