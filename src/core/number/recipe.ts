import { present } from '../base/item';
import { WeakCache } from '../base/weak-cache';
import type { Real, RealValue } from './value';

/** A recipe with more parts than this is refused rather than walked. */
export const MOST_PARTS = 20_000;

/** Recipes whose operations stand deeper inside each other could not be walked without running out of stack. */
export const MOST_DEPTH = 1000;

const depths = new WeakCache<Real, number>();

/** How many operations stand inside each other in a recipe; 0 for an exact value. Worked once for each part, without recursion. */
export function recipeDepth(v: RealValue): number {
  if (v.kind !== 'real') return 0;
  depths.makeRoom();
  const open: Real[] = [v];
  for (let part = open.at(-1); part !== undefined; part = open.at(-1)) {
    let depth = 0;
    const before = open.length;
    for (const arg of part.args) {
      if (arg.kind !== 'real') continue;
      const known = depths.get(arg);
      if (known === undefined) open.push(arg);
      else depth = Math.max(depth, known);
    }
    if (open.length > before) continue;
    depths.set(part, depth + 1);
    open.pop();
  }
  return present(depths.get(v));
}

/** The number of parts of a recipe, counted up to the limit. */
export function partCount(v: RealValue): number {
  const seen = new Set<RealValue>();
  const open: RealValue[] = [v];
  for (let part = open.pop(); part !== undefined && seen.size <= MOST_PARTS; part = open.pop()) {
    if (seen.has(part)) continue;
    seen.add(part);
    if (part.kind === 'real') open.push(...part.args);
  }
  return seen.size;
}
