import { itemAt } from '../base/item';
import { goOn } from '../base/limits';
import type { ShouldContinue } from '../base/should-continue';
import { contextOf } from '../evaluate/context';
import type { Context } from '../evaluate/context';
import { compileDoubles } from '../evaluate/doubles';
import { openLetters } from '../evaluate/open-letters';
import type { Tree } from '../language/tree';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { fromRational } from '../number/value';
import type { Value } from '../number/value';
import { solveSmall } from './fits/small-system';

/** A model of one's own: y as an expression of x and of the letters that are sought. */
export type OwnModel = Readonly<{
  tree: Tree;
  variable: string;
  letters: readonly string[];
  start: readonly Rational[];
}>;

export type Points = Readonly<{ x: readonly Rational[]; y: readonly Rational[]; weights: readonly bigint[] | null }>;

/** As many steps as points in all; long valleys take thousands. */
const MOST_WORK = 300_000;
const [FEWEST_STEPS, MOST_STEPS] = [500, 20_000] as const;
/** How cautious the first step is. */
const DAMPINGS = [1e-3, 1e3, 1] as const;

/** The fraction that a double is; zero for what is no number. */
export const fromDouble = (v: number): Rational => {
  if (!Number.isFinite(v) || v === 0) return q.ZERO;
  const exponent = Math.floor(Math.log2(Math.abs(v))) - 52;
  const n = BigInt(Math.round(v / 2 ** exponent));
  return exponent >= 0 ? q.whole(n << BigInt(exponent)) : q.rational(n, 1n << BigInt(-exponent));
};

/** What the model's expressions are worked in: its letters hold values, and x too where it is given. */
export function contextAt(
  { letters: names, variable }: OwnModel,
  letters: readonly Rational[],
  x: Rational | null,
  shouldContinue: ShouldContinue,
): Context {
  const held = new Map<string, Value>(names.map((name, i) => [name, fromRational(itemAt(letters, i))] as const));
  if (x !== null) held.set(variable, fromRational(x));
  return contextOf({ shouldContinue, names: { letters: held } });
}

const isAlike = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-9 * Math.max(a, b);

/** Slopes by each letter with what is left, a row for each point, and the sum of what is left squared, at letters. */
type Residuals = Readonly<{ letters: readonly number[]; rows: readonly (readonly number[])[]; left: number }>;

/** How a search goes: its first damping, whether scales never fall, and whether linear letters follow the others. */
type Way = Readonly<{ damping: number; keepsScale: boolean; follows: boolean }>;

/** Which letters stand in a model only as factors of what is free of them all, so that the best of them are known at once. */
function linearOf(letters: readonly string[], slopes: readonly Tree[]): ReadonlySet<number> {
  const held = slopes.map((slope) => new Set(openLetters(slope)));
  const found = new Set<number>();
  letters.forEach((_, i) => {
    const all = [...found, i];
    if (all.every((j) => all.every((k) => !itemAt(held, j).has(itemAt(letters, k))))) found.add(i);
  });
  return found;
}

/** The rows with all columns freed of what points along some of them, by Gram and Schmidt's method, twice for the digits. */
function freed(rows: readonly (readonly number[])[], along: readonly number[]): readonly (readonly number[])[] {
  const columns = (rows[0] ?? []).map((_, j) => rows.map((row) => itemAt(row, j)));
  const without = (column: readonly number[], unit: readonly number[]): readonly number[] => {
    const share = column.reduce((sum, v, i) => sum + v * itemAt(unit, i), 0);
    return column.map((v, i) => v - share * itemAt(unit, i));
  };
  const units: (readonly number[])[] = [];
  const free = (column: readonly number[]): readonly number[] => [...units, ...units].reduce(without, column);
  for (const j of along) {
    const column = free(itemAt(columns, j));
    const length = Math.sqrt(column.reduce((sum, v) => sum + v * v, 0)) || 1;
    units.push(column.map((v) => v / length));
  }
  const result = columns.map(free);
  return rows.map((_, i) => result.map((column) => itemAt(column, i)));
}

/** Σ of products of two columns over all rows. */
const productOf = (rows: readonly (readonly number[])[], i: number, j: number): number =>
  rows.reduce((sum, row) => sum + itemAt(row, i) * itemAt(row, j), 0);

/** The search in doubles for the letters of a model, from its start. */
export class RoughSearch {
  private readonly linear: ReadonlySet<number>;

  constructor(
    private readonly model: OwnModel,
    private readonly points: Points,
    private readonly shouldContinue: ShouldContinue,
    private readonly slopes: readonly Tree[],
  ) {
    this.linear = linearOf(model.letters, slopes);
  }

  /** The expressions in doubles at letters; null where they cannot be compiled. */
  private compiled(letters: readonly number[]): readonly ((x: number) => number)[] | null {
    const context = contextAt(this.model, letters.map(fromDouble), null, this.shouldContinue);
    const fs = [this.model.tree, ...this.slopes].map((tree) => compileDoubles(tree, this.model.variable, context));
    return fs.some((f) => f === null) ? null : (fs as ((x: number) => number)[]);
  }

  private residuals(letters: readonly number[]): Residuals | null {
    const fs = this.compiled(letters);
    if (fs === null) return null;
    let left = 0;
    const rows = this.points.x.map((u, i) => {
      const x = q.roughly(u);
      const weight = Math.sqrt(Number(this.points.weights?.[i] ?? 1n));
      const off = (q.roughly(itemAt(this.points.y, i)) - itemAt(fs, 0)(x)) * weight;
      left += off * off;
      return [...fs.slice(1).map((f) => f(x) * weight), off];
    });
    return Number.isFinite(left) ? { letters, rows, left } : null;
  }

  /**
   * The same with the linear letters at their best for the others (G. H. Golub, V. Pereyra, SIAM J. Numer. Anal. 10
   * (1973)). Null where the model has no value, or the linear letters cannot be told apart.
   */
  private followed(letters: readonly number[]): Residuals | null {
    const at = this.residuals(letters);
    if (at === null) return null;
    const { linear } = this;
    const sought = [...linear];
    const scales = sought.map((i) => Math.sqrt(productOf(at.rows, i, i)) || 1);
    const moves = solveSmall(
      sought.map((i, k) =>
        [...sought, letters.length].map(
          (j, l) => productOf(at.rows, i, j) / (itemAt(scales, k) * (l < sought.length ? itemAt(scales, l) : 1)),
        ),
      ),
    );
    if (moves === null) return null;
    const moved = [...letters];
    sought.forEach((i, k) => {
      moved[i] = itemAt(letters, i) + itemAt(moves, k) / itemAt(scales, k);
    });
    const settled = this.residuals(moved);
    return settled && { ...settled, rows: freed(settled.rows, sought) };
  }

  /**
   * Levenberg and Marquardt's steps in doubles, each letter damped on its own scale, the damping led by how well the last
   * step was foretold (K. Madsen, H. B. Nielsen, O. Tingleff, Methods for Non-Linear Least Squares Problems, 3.2). Where
   * linear letters follow, only the others are sought.
   */
  private along({ damping: firstDamping, keepsScale, follows }: Way): Residuals | null {
    const at = (letters: readonly number[]): Residuals | null =>
      follows ? this.followed(letters) : this.residuals(letters);
    const first = at(this.model.start.map(q.roughly));
    if (first === null) return null;
    let now: Residuals = first;
    const sought = [...first.letters.keys()].filter((i) => !(follows && this.linear.has(i)));
    let [damping, growth] = [firstDamping, 2];
    let scales: readonly number[] = sought.map(() => 0);
    const most = Math.min(MOST_STEPS, Math.max(FEWEST_STEPS, MOST_WORK / this.points.x.length));
    for (let step = 0; step < most; step += 1) {
      goOn(this.shouldContinue);
      const { letters, rows, left }: Residuals = now;
      const size = sought.length;
      const gram = sought.map((i) => [...sought, letters.length].map((j) => productOf(rows, i, j)));
      // A scale that never falls keeps a letter to which nothing answers any more from running away (J. J. Moré, 1978); one
      // that falls gets through long valleys.
      scales = gram.map((row, i) => Math.max(keepsScale ? itemAt(scales, i) : 0, Math.sqrt(itemAt(row, i))) || 1);
      const damped = gram.map((row, i) =>
        row.map((v, j) => {
          const plain = j < size ? v / (itemAt(scales, i) * itemAt(scales, j)) : v / itemAt(scales, i);
          return i === j ? plain + damping : plain;
        }),
      );
      const move = solveSmall(damped)?.map((v, i) => v / itemAt(scales, i)) ?? null;
      const next = [...letters];
      move?.forEach((v, k) => {
        next[itemAt(sought, k)] = v + itemAt(letters, itemAt(sought, k));
      });
      const tried = move === null ? null : at(next);
      if (move !== null && tried !== null && tried.left <= left) {
        const isStill = move.every(
          (v, k) => Math.abs(v) <= 1e-12 * (Math.abs(itemAt(next, itemAt(sought, k))) + 1e-12),
        );
        const isFlat = left - tried.left <= 1e-15 * left;
        now = tried;
        damping = Math.max(damping / 5, 1e-14);
        growth = 2;
        if (isStill || (isFlat && damping < 1e-8)) break;
      } else {
        damping *= growth;
        growth *= 2;
        if (damping > 1e40) break;
      }
    }
    return now;
  }

  /**
   * The places to which the search leads with more and less caution, the best first. Where linear letters follow, two
   * ways that come to the same are enough: the others take long, and are gone only when none of these places will do.
   */
  *places(): Generator<readonly number[]> {
    const found: Residuals[] = [];
    const go = (keepsScale: boolean, follows: boolean, isEnough: () => boolean): void => {
      for (const damping of DAMPINGS) {
        const at = isEnough() ? null : this.along({ damping, keepsScale, follows });
        if (at !== null) found.push(at);
      }
    };
    const isAgreed = (): boolean => {
      const least = Math.min(...found.map(({ left }) => left));
      return found.filter(({ left }) => isAlike(left, least)).length > 1;
    };
    if (this.linear.size > 0) go(true, true, isAgreed);
    if (isAgreed()) yield* this.inOrder(found);
    for (const keepsScale of [true, false]) go(keepsScale, false, () => false);
    yield* this.inOrder(found);
  }

  /** What was found, the best first; of what is alike, what keeps the signs of the start. */
  private inOrder(found: readonly Residuals[]): readonly (readonly number[])[] {
    const best = Math.min(...found.map(({ left }) => left));
    const rank = (at: Residuals): number => (isAlike(at.left, best) ? this.turned(at) : Infinity);
    return [...found]
      .sort((a, b) => (rank(a) === rank(b) ? a.left - b.left : rank(a) - rank(b)))
      .map(({ letters }) => letters);
  }

  /** How many letters changed their sign on the way: a model may come to the same with two of them turned round. */
  private turned({ letters }: Residuals): number {
    return letters.filter((v, i) => v * q.roughly(itemAt(this.model.start, i)) < 0).length;
  }
}
