import type { ShouldContinue } from '../base/should-continue';
import { contextOf } from '../evaluate/context';
import { compileDoubles } from '../evaluate/doubles';
import type { Tree } from '../language/tree';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { fromRational } from '../number/value';
import type { Value } from '../number/value';

type Points = Readonly<{ x: readonly Rational[]; y: readonly Rational[] }>;

/** What each letter is tried at, before the best of all is taken. */
const TRIED: readonly Rational[] = [
  q.ONE,
  q.whole(-1),
  q.rational(1n, 10n),
  q.rational(-1n, 10n),
  q.whole(10),
  q.whole(-10),
  q.whole(100),
  q.rational(1n, 100n),
  q.rational(-1n, 100n),
];
const MOST_TRIALS = 7000;
/** Points that a trial looks at. */
const MOST_POINTS = 60;

/**
 * Values from which a search for the letters of a model may begin: of a few of each size, those that leave least. All ones
 * where nothing can be worked.
 */
export function proposedStart(
  tree: Tree,
  letters: readonly string[],
  { x, y }: Points,
  shouldContinue: ShouldContinue,
): readonly Rational[] {
  const every = Math.ceil(x.length / MOST_POINTS);
  const xs = x.filter((_, i) => i % every === 0).map(q.roughly);
  const ys = y.filter((_, i) => i % every === 0).map(q.roughly);
  let tried = TRIED.length;
  while (tried > 2 && tried ** letters.length > MOST_TRIALS) tried -= 1;
  const all = tried ** letters.length;
  let best: readonly Rational[] = letters.map(() => q.ONE);
  let least = Infinity;
  for (let index = 0; index < Math.min(all, MOST_TRIALS); index += 1) {
    let rest = index;
    const start = letters.map(() => {
      const at = rest % tried;
      rest = Math.floor(rest / tried);
      return TRIED[at] ?? q.ONE;
    });
    const held = new Map<string, Value>(letters.map((name, i) => [name, fromRational(start[i] ?? q.ONE)] as const));
    const f = compileDoubles(tree, 'x', contextOf({ shouldContinue, names: { letters: held } }));
    if (f === null) return best;
    const left = xs.reduce((sum, at, i) => sum + (f(at) - (ys[i] ?? 0)) ** 2, 0);
    if (left < least) [best, least] = [start, left];
  }
  return best;
}
