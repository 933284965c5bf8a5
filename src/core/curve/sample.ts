import { itemAt } from '../base/item';
import type { ShouldContinue } from '../base/should-continue';
import { goOn } from '../base/limits';
import { interval } from '../number/interval';
import type { Bounds } from '../number/interval';
import type { Curve } from './curve';
import type { Frame, Stroke } from './plane';
import { simplestBetween } from './simplest';

/** How far the drawn range of a pixel column may stay behind the true one, in pixels. */
const TOLERANCE = 0.5;
/** Halvings of a pixel column in search of its range. */
const MOST_HALVINGS = 26;
/** An interval narrower than this share of a pixel is not halved further while both its ends lie out of the view. */
const FINE = 2 ** -12;
/** Values on both sides of a spot that no bound settles: nearer than this share of a pixel, they are one curve. */
const JOINED = 2 ** -8;
/** Evaluations that one pixel column may take, and all of them together for each column. */
const MOST_A_COLUMN = 500;
const MOST_ON_AVERAGE = 60;

/** What is needed of a curve to draw it. */
type Sampled = Pick<Curve, 'f' | 'bounds' | 'slopes'>;

class Sampler {
  private readonly strokes: number[][] = [];
  private open: number[] | null = null;
  private readonly pixel: number;
  private readonly tolerance: number;
  private spent = 0;
  private limit = 0;

  constructor(
    private readonly curve: Sampled,
    private readonly frame: Frame,
    private readonly shouldContinue: ShouldContinue,
  ) {
    this.pixel = (frame.xTo - frame.xFrom) / frame.width;
    this.tolerance = (TOLERANCE * (frame.yTo - frame.yFrom)) / frame.height;
  }

  sampled(): readonly Stroke[] {
    const { xFrom, xTo, width } = this.frame;
    const columns = Math.max(1, Math.round(width));
    let x = xFrom;
    let y = this.curve.f(x);
    this.start(x, y);
    for (let i = 1; i <= columns; i += 1) {
      const next = i === columns ? xTo : xFrom + ((xTo - xFrom) * i) / columns;
      const to = this.curve.f(next);
      this.limit = Math.min(this.spent + MOST_A_COLUMN, MOST_ON_AVERAGE * columns + 20 * i);
      this.between(x, y, next, to, 0);
      [x, y] = [next, to];
    }
    return this.strokes;
  }

  private start(x: number, y: number): void {
    this.open = null;
    if (!Number.isFinite(y)) return;
    this.open = [x, y];
    this.strokes.push(this.open);
  }

  private lineTo(x: number, y: number): void {
    if (this.open === null) this.start(x, y);
    else this.open.push(x, y);
  }

  /** Whether two values lie beyond the same edge of the view. */
  private isBeyond(low: number, high: number): boolean {
    const { yFrom, yTo } = this.frame;
    return low > yTo || high < yFrom;
  }

  /** Draws on from (a, fa), where the stroke stands if there is one, to (b, fb). */
  private between(a: number, fa: number, b: number, fb: number, depth: number): void {
    goOn(this.shouldContinue);
    const x = interval(a, b);
    const { low, high, is } = this.curve.bounds(x);
    this.spent += 1;
    if (is === 'nowhere') {
      this.start(b, fb);
      return;
    }
    const isProved = is === 'continuous' && Number.isFinite(fa) && Number.isFinite(fb);
    if (isProved && (depth >= MOST_HALVINGS || this.isBeyond(low, high) || !this.mayStray(x, fa, fb, low, high))) {
      this.lineTo(b, fb);
      return;
    }
    if (!isProved && this.isBeyond(low, high)) {
      this.start(b, fb);
      return;
    }
    const middle = a + (b - a) / 2;
    const isOut = Number.isFinite(fa) && Number.isFinite(fb) && this.isOut(fa) && this.isOut(fb);
    const isFine = b - a < FINE * this.pixel;
    const isDone = middle <= a || middle >= b || b - a <= 4 * Number.EPSILON * this.pixel;
    if (this.spent >= this.limit || isDone || (isFine && isOut)) {
      if (isProved) this.lineTo(b, fb);
      else this.gap(a, fa, b, fb, isFine);
      return;
    }
    const fm = this.curve.f(middle);
    this.between(a, fa, middle, fm, depth + 1);
    this.between(middle, fm, b, fb, depth + 1);
  }

  private isOut(y: number): boolean {
    return y > this.frame.yTo || y < this.frame.yFrom;
  }

  /** Whether the curve may reach farther within the view than a stroke between the two values does. */
  private mayStray(x: Bounds, fa: number, fb: number, low: number, high: number): boolean {
    const { yFrom, yTo } = this.frame;
    const top = Math.min(high, yTo) - Math.max(fa, fb, yFrom);
    const bottom = Math.min(fa, fb, yTo) - Math.max(low, yFrom);
    if (top <= this.tolerance && bottom <= this.tolerance) return false;
    const slope = this.curve.slopes?.(x);
    if (slope === undefined || slope.is === 'partial' || slope.is === 'nowhere') return true;
    // A function that only rises, or only falls, does not leave the two values; one with small slopes not by much.
    if (slope.low >= 0 || slope.high <= 0) return false;
    return (Math.max(slope.high, -slope.low) * (x.high - x.low)) / 2 > this.tolerance;
  }

  /** A spot that stays unproved: an end of the domain, a jump, a pole, or nothing that can be seen. */
  private gap(a: number, fa: number, b: number, fb: number, isFine: boolean): void {
    const near = JOINED * (this.tolerance / TOLERANCE);
    const isSame = (p: number, r: number): boolean => Math.abs(p - r) <= near;
    const at = isFine ? simplestBetween(a, b) : null;
    const value = at === null ? NaN : this.curve.f(at);
    if (isFine && isSame(fa, fb) && isSame(value, fa)) {
      this.lineTo(b, fb);
      return;
    }
    if (at === null || !Number.isFinite(value)) {
      this.start(b, fb);
      return;
    }
    // The number that stands out between the two belongs to the side whose value it shares.
    const [left, right] = [Math.abs(value - fa), Math.abs(value - fb)];
    const isLeft = left <= this.tolerance && !(right < left);
    const isRight = right <= this.tolerance && !isLeft;
    if (isLeft && at > a) this.lineTo(at, value);
    else if (!isLeft && at > a && at < b) this.start(at, value);
    if (isRight && at < b) this.lineTo(b, fb);
    else if (at < b) this.start(b, fb);
    else if (!isLeft) this.start(b, fb);
  }
}

/** A stroke without what lies out of the view, but for the points just beyond. */
function trimmed(stroke: Stroke, { yFrom, yTo }: Frame): readonly Stroke[] {
  const result: number[][] = [];
  let open: number[] | null = null;
  const side = (i: number): number => (itemAt(stroke, i + 1) > yTo ? 1 : itemAt(stroke, i + 1) < yFrom ? -1 : 0);
  for (let i = 0; i < stroke.length; i += 2) {
    const here = side(i);
    const isFar = here !== 0 && (i === 0 || side(i - 2) === here) && (i + 2 >= stroke.length || side(i + 2) === here);
    if (isFar) {
      open = null;
      continue;
    }
    // Two neighbours beyond the same edge are not joined: nothing of the stroke between them can be seen.
    if (open === null || (here !== 0 && side(i - 2) === here)) result.push((open = []));
    open.push(itemAt(stroke, i), itemAt(stroke, i + 1));
  }
  return result;
}

/**
 * A function drawn into a frame: strokes in the units of the axes that never cross a pole, a jump or a gap. Between two
 * neighbouring points the function is proved continuous by interval bounds (after J. Tupper, Reliable Two-Dimensional
 * Graphing Methods, SIGGRAPH 2001), or the spot is too small for a gap in it to be seen; ends of the domain are met to
 * the last double, at the simplest number that lies there. The range of every pixel column is drawn to half a pixel,
 * unless it takes more than some hundred halvings. What lies out of the frame above and below is left out. Leaves by
 * `Stopped` (`base/limits`) when it may no longer continue.
 */
export const sample = (curve: Sampled, frame: Frame, shouldContinue: ShouldContinue = () => true): readonly Stroke[] =>
  new Sampler(curve, frame, shouldContinue).sampled().flatMap((stroke) => trimmed(stroke, frame));
