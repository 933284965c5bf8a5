import { itemAt } from '../base/item';
import type { BoundsOf } from '../evaluate/bounds';
import type { Fn } from '../evaluate/double-expr';
import type { ShouldContinue } from '../base/should-continue';
import { interval } from '../number/interval';
import type { Bounds } from '../number/interval';

/**
 * Where a function may be zero, each place by itself. `crosses`: its sign changes there, once, and it is continuous.
 * `touches`: it turns there near zero, or nothing could be proved; what is there has to be looked at in exact numbers.
 */
export type Spot = Readonly<{ kind: 'crosses' | 'touches'; low: number; high: number }>;

type Searched = Readonly<{ f: Fn; bounds: BoundsOf; slopes: BoundsOf | null; bends: BoundsOf | null }>;

/** An interval this small, as a share of the whole, is not halved further. */
const FLOOR = 2 ** -46;
/** Parts of the whole that are searched one after another, so that one hard spot does not keep the others from being found. */
const PARTS = 64;
/** Off their even places, as zeros at round numbers would else lie on the ends of parts. */
const SHIFT = 0.0371;
/** Halvings that the search of one part may take. */
const MOST_WORK = 1500;
/** Off the middle, so that zeros at round numbers do not fall on an end again and again. */
const SHARE = 0.4871;

/** `open`: the parts in which more zeros may be than were found; `isCut`: the search was ended before it had seen all parts. */
export type Isolated = Readonly<{
  spots: readonly Spot[];
  open: readonly Readonly<{ low: number; high: number }>[];
  isCut: boolean;
}>;

/** Where a continuous function with one change of sign has it, to the last double. */
export function bisected(f: Fn, low: number, high: number): number {
  let [a, b] = [low, high];
  const sign = Math.sign(f(a));
  if (sign === 0) return a;
  for (;;) {
    const middle = a + (b - a) / 2;
    if (middle <= a || middle >= b) return Math.abs(f(a)) < Math.abs(f(b)) ? a : b;
    if (Math.sign(f(middle)) === sign) a = middle;
    else b = middle;
  }
}

const LOOKED_AT = 1024;

/** Where a function changes its sign between neighbouring places, or keeps so near to zero that doubles cannot tell it. */
function nearZero({ f, bounds }: Pick<Searched, 'f' | 'bounds'>, from: number, to: number): readonly Spot[] {
  const xs = Array.from({ length: LOOKED_AT + 1 }, (_, i) => from + ((to - from) * i) / LOOKED_AT);
  const ys = xs.map(f);
  const isOpen = xs.map((x) => {
    const { low, high, is } = bounds(interval(x, x));
    return is !== 'nowhere' && low <= 0 && high >= 0;
  });
  const spots: Spot[] = [];
  for (let i = 0; i < LOOKED_AT; i += 1) {
    if (isOpen[i] === true) {
      const first = i;
      while (isOpen[i + 1] === true) i += 1;
      spots.push({
        kind: 'touches',
        low: itemAt(xs, Math.max(0, first - 1)),
        high: itemAt(xs, Math.min(LOOKED_AT, i + 1)),
      });
    } else if (itemAt(ys, i) * itemAt(ys, i + 1) < 0 && isOpen[i + 1] !== true)
      spots.push({ kind: 'crosses', low: itemAt(xs, i), high: itemAt(xs, i + 1) });
  }
  return spots;
}

/** Zero at a few places that no rule of its own would choose is zero everywhere. */
export const isZeroThroughout = (f: Fn, low: number, high: number): boolean =>
  [0.0917, 0.2731, 0.4879, 0.6353, 0.8713].every((share) => f(low + (high - low) * share) === 0);

/**
 * All places between two numbers where a function may be zero, by bisection with interval bounds: a piece is dropped
 * when its bounds exclude zero, settled when the derivative's bounds exclude zero (at most one change of sign) or the
 * second derivative's do (at most one turn). Source: R. E. Moore, R. B. Kearfott, M. J. Cloud, Introduction to Interval
 * Analysis, ch. 8 (from memory).
 */
export function isolate(
  { f, bounds, slopes, bends }: Searched,
  from: number,
  to: number,
  most: number,
  shouldContinue: ShouldContinue,
): Isolated {
  const spots: Spot[] = [];
  const floor = (to - from) * FLOOR;
  let work = 0;
  const open: { low: number; high: number }[] = [];
  const add = (spot: Spot): void => {
    const last = spots.at(-1);
    // Neighbours that stay open are one spot.
    if (last !== undefined && spot.low - last.high <= 2 * floor && spot.kind === 'touches' && last.kind === 'touches')
      spots[spots.length - 1] = { kind: 'touches', low: last.low, high: spot.high };
    else spots.push(spot);
  };
  const crossing = (a: number, b: number): void => {
    const [p, r] = [f(a), f(b)];
    if (p === 0) add({ kind: 'touches', low: a, high: a });
    if (p * r < 0) add({ kind: 'crosses', low: a, high: b });
    if (r === 0) add({ kind: 'touches', low: b, high: b });
  };
  const visit = (a: number, b: number): void => {
    if (spots.length > most || work > MOST_WORK || (work % 64 === 63 && !shouldContinue())) {
      work = Infinity;
      return;
    }
    work += 1;
    const x = interval(a, b);
    const y = bounds(x);
    if (y.is === 'nowhere' || y.low > 0 || y.high < 0) return;
    // Zero all over a piece is no place by itself.
    if (y.low === 0 && y.high === 0 && b - a > floor) return;
    const isClosed = y.is === 'continuous' && Number.isFinite(f(a)) && Number.isFinite(f(b));
    const slope = isClosed && slopes !== null ? slopes(x) : null;
    if (slope !== null && slope.is !== 'partial' && slope.is !== 'nowhere' && (slope.low > 0 || slope.high < 0)) {
      crossing(a, b);
      return;
    }
    if (slope !== null && isBoundedAway(a, b, slope)) return;
    const bend = slope !== null && slope.is === 'continuous' && bends !== null ? bends(x) : null;
    if (bend !== null && bend.is !== 'partial' && bend.is !== 'nowhere' && (bend.low > 0 || bend.high < 0)) {
      turning(a, b, bend.low > 0 ? 1 : -1);
      return;
    }
    const middle = a + (b - a) * SHARE;
    if (b - a <= floor || middle <= a || middle >= b) {
      if (Number.isFinite(f(a)) || Number.isFinite(f(b))) add({ kind: 'touches', low: a, high: b });
      return;
    }
    visit(a, middle);
    visit(middle, b);
  };
  /** Whether the value in the middle is farther from zero than the slopes can reach (the mean value form). */
  const isBoundedAway = (a: number, b: number, slope: Bounds): boolean => {
    const middle = a + (b - a) / 2;
    const value = bounds(interval(middle, middle));
    const reach = Math.max(slope.high, -slope.low) * (b - a) * (0.5 + Number.EPSILON);
    return slope.is !== 'partial' && slope.is !== 'nowhere' && (value.low > reach || value.high < -reach);
  };
  /** A piece on which the function bends one way only: it comes nearest to zero in one place. */
  const turning = (a: number, b: number, way: 1 | -1): void => {
    const at = leastOf((x) => way * f(x), a, b);
    const value = way * f(at);
    const size = Math.max(Math.abs(f(a)), Math.abs(f(b)));
    // What doubles cannot tell from zero is looked at in exact numbers.
    if (Math.abs(value) <= size * 1e-12 + Number.MIN_VALUE) {
      add({ kind: 'touches', low: at, high: at });
      return;
    }
    if (value > 0) return;
    if (at > a) crossing(a, at);
    if (at < b) crossing(at, b);
  };
  const edge = (k: number): number => (k === 0 ? from : k === PARTS ? to : from + ((to - from) * (k + SHIFT)) / PARTS);
  for (let k = 0; k < PARTS; k += 1) {
    const [a, b, known] = [edge(k), edge(k + 1), spots.length];
    work = 0;
    if (!isZeroThroughout(f, a, b)) visit(a, b);
    if (Number.isFinite(work)) continue;
    open.push({ low: a, high: b });
    // Where it keeps too near to zero for bounds to tell, values do: one spot for each stretch.
    if (shouldContinue() && spots.length <= most) {
      spots.length = known;
      spots.push(...nearZero({ f, bounds }, a, b));
    }
  }
  return { spots, open, isCut: spots.length > most || !shouldContinue() };
}

/** Where a function that bends upwards all over an interval is least. */
export function leastOf(f: Fn, low: number, high: number): number {
  const share = (Math.sqrt(5) - 1) / 2;
  let [a, b] = [low, high];
  let [p, r] = [b - share * (b - a), a + share * (b - a)];
  let [fp, fr] = [f(p), f(r)];
  for (let i = 0; i < 120 && p < r; i += 1) {
    if (fp <= fr) {
      [b, r, fr] = [r, p, fp];
      p = b - share * (b - a);
      fp = f(p);
    } else {
      [a, p, fp] = [p, r, fr];
      r = a + share * (b - a);
      fr = f(r);
    }
  }
  return a + (b - a) / 2;
}
