import { itemAt } from '../base/item';
import type { Context } from '../evaluate/context';
import { compileDoubles } from '../evaluate/doubles';
import { ExactFunction } from './exact-function';
import type { Tree } from '../language/tree';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { toDouble } from '../number/to-double';
import { fromRational } from '../number/value';
import type { RealValue } from '../number/value';
import { fromDouble, simpleValuesNear } from './exact-near';
import { middle } from '../polynomial/rational-polynomial';
import { exactRoot, fineWidth } from './root';
import type { Root } from './root';

/** Where a function may change its sign within an interval. */
export type Found = Readonly<{ roots: readonly Root[]; breaks: readonly Root[] }>;

const SAMPLES = 4000;

class Searcher extends ExactFunction {
  constructor(
    tree: Tree,
    letter: string,
    context: Context,
    private readonly f: (x: number) => number,
  ) {
    super(tree, letter, context);
  }

  /** A zero in doubles: an exact value where one is near, else the double. */
  at(x: number): Root {
    // Where a function touches zero flatly, doubles are zero all around.
    const exact = this.exactNear(x) ?? this.exactNear(x, 1e-6);
    return exact === null ? { kind: 'near', low: fromDouble(x), high: fromDouble(x), isSure: false } : exactRoot(exact);
  }

  /** Exact values near a double that may be the root itself: simple fractions, their multiples of π, their square roots. */
  private exactNear(x: number, within = 1e-9): RealValue | null {
    return simpleValuesNear(x, within, this.context.shouldContinue).find((c) => this.signAt(c) === 0) ?? null;
  }

  /** A pole, a jump or an end of the domain: an exact value where the function breaks just there, else the double. */
  breakAt(x: number): Root {
    const isBroken = (c: RealValue): boolean => {
      const [at, before, after] = [
        this.signAt(c),
        this.f(toDouble(c, this.context.shouldContinue) - 1e-7),
        this.f(toDouble(c, this.context.shouldContinue) + 1e-7),
      ];
      return at === null || Number.isNaN(before) !== Number.isNaN(after);
    };
    const exact = simpleValuesNear(x, 1e-9, this.context.shouldContinue).find(isBroken);
    return exact === undefined
      ? { kind: 'near', low: fromDouble(x), high: fromDouble(x), isSure: false }
      : exactRoot(exact);
  }

  /** The root between two doubles of unlike sign: found in doubles, then proved and narrowed in exact signs. */
  between(a: number, b: number): Root | Readonly<{ kind: 'break'; at: number }> {
    const [fa, fb] = [this.f(a), this.f(b)];
    let [low, high] = [a, b];
    for (let i = 0; i < 200 && high - low > Math.abs(low) * 2e-16; i += 1) {
      const mid = (low + high) / 2;
      if (mid <= low || mid >= high) break;
      if (Math.sign(this.f(mid)) === Math.sign(fa)) low = mid;
      else high = mid;
    }
    const x = (low + high) / 2;
    const size = Math.max(Math.abs(this.f(low)), Math.abs(this.f(high)));
    // A pole changes sign by growing, a jump by not shrinking.
    if (!(size < Math.max(Math.abs(fa), Math.abs(fb)) / 4) && size > 1e-9) return { kind: 'break', at: x };
    const exact = this.exactNear(x);
    if (exact !== null) return exactRoot(exact);
    return this.proved(x) ?? { kind: 'near', low: fromDouble(low), high: fromDouble(high), isSure: false };
  }

  private proved(x: number): Root | null {
    const start = fromDouble(x);
    for (const power of [13n, 11n, 8n]) {
      const step = q.multiply(q.magnitude(start).n > start.d ? q.magnitude(start) : q.ONE, { n: 1n, d: 10n ** power });
      let [low, high] = [q.subtract(start, step), q.add(start, step)];
      const [s, t] = [this.signAt(fromRational(low)), this.signAt(fromRational(high))];
      if (s === null || t === null || s * t >= 0) continue;
      const width = fineWidth(start);
      while (q.compare(q.subtract(high, low), width) > 0) {
        const mid = middle(low, high);
        const m = this.signAt(fromRational(mid));
        if (m === null) return { kind: 'near', low, high, isSure: true };
        if (m === 0) return exactRoot(fromRational(mid));
        if (m === s) low = mid;
        else high = mid;
      }
      return { kind: 'near', low, high, isSure: true };
    }
    return null;
  }

  /** A place where the function comes down to zero without crossing it, if it is near enough to one to say so. */
  touching(a: number, b: number): Root | null {
    let [low, high] = [a, b];
    const size = (x: number): number => Math.abs(this.f(x));
    for (let i = 0; i < 100; i += 1) {
      const [u, v] = [low + (high - low) / 3, high - (high - low) / 3];
      if (size(u) < size(v)) high = v;
      else low = u;
    }
    const x = (low + high) / 2;
    const around = Math.max(size(a), size(b));
    if (!(size(x) < around * 1e-6)) return null;
    // A double tells the place of a flat minimum to half its digits only.
    const exact = this.exactNear(x, 1e-6);
    if (exact !== null) return exactRoot(exact);
    return size(x) < around * 1e-13 ? { kind: 'near', low: fromDouble(x), high: fromDouble(x), isSure: false } : null;
  }

  /** The end of where the function is defined, between a double where it is and one where it is not. */
  edge(inside: number, outside: number): number {
    let [x, y] = [inside, outside];
    for (let i = 0; i < 200; i += 1) {
      const mid = (x + y) / 2;
      if (mid === x || mid === y) break;
      if (Number.isFinite(this.f(mid))) x = mid;
      else y = mid;
    }
    return x;
  }
}

/**
 * Zeros of an expression in a letter between two numbers from < to, crossings and touches, found by sampling and
 * narrowed in balls: not proved to be all. Null when it has no form in doubles to be searched.
 */
export function search(tree: Tree, letter: string, from: Rational, to: Rational, context: Context): Found | null {
  const compiled = compileDoubles(tree, letter, context);
  if (compiled === null) return null;
  const searcher = new Searcher(tree, letter, context, compiled);
  const [start, end] = [Number(from.n) / Number(from.d), Number(to.n) / Number(to.d)];
  const roots: Root[] = [];
  const breaks: Root[] = [];
  const xs = Array.from({ length: SAMPLES + 1 }, (_, i) => start + ((end - start) * i) / SAMPLES);
  const ys = xs.map(compiled);
  xs.forEach((x, i) => {
    const [before, y, after] = [ys[i - 1], itemAt(ys, i), ys[i + 1]];
    if (!context.shouldContinue()) return;
    if (y === 0) roots.push(searcher.at(x));
    if (after === undefined) return;
    const next = itemAt(xs, i + 1);
    if (Number.isFinite(y) !== Number.isFinite(after)) {
      const edge = Number.isFinite(y) ? searcher.edge(x, next) : searcher.edge(next, x);
      // A root such as that of √x lies where the function begins.
      if (Math.abs(compiled(edge)) < 1e-6) roots.push(searcher.at(edge));
      breaks.push(searcher.breakAt(edge));
      return;
    }
    if (!Number.isFinite(y)) return;
    if (y * after < 0) {
      const result = searcher.between(x, next);
      if (result.kind === 'break') breaks.push(searcher.breakAt(result.at));
      else roots.push(result);
      return;
    }
    const dips =
      before !== undefined &&
      Math.abs(y) < Math.abs(before) &&
      Math.abs(y) <= Math.abs(after) &&
      y * before > 0 &&
      y * after > 0;
    const touch = dips ? searcher.touching(itemAt(xs, i - 1), next) : null;
    if (touch !== null) roots.push(touch);
  });
  return { roots, breaks };
}
