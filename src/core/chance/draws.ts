import { itemAt } from '../base/item';
import type { Algebra } from './algebra';
import { wholeOf } from './counts';
import { defineCounted } from './distribution';
import type { Parameters } from './distribution';
import { Refusal } from './refusal';

/** More of these are not added up. */
const MOST_SUMMED = 20_000;
/** Larger populations make binomials that cannot be worked in time. */
const LARGEST_SAMPLE = 20_000;

function hypergeometricAt<T>(w: Algebra<T>, p: Parameters<T>, k: T): T {
  const [population, marked, drawn] = [itemAt(p, 0), itemAt(p, 1), itemAt(p, 2)];
  const others = w.subtract(population, marked);
  return w.divide(w.multiply(w.choose(marked, k), w.choose(others, w.subtract(drawn, k))), w.choose(population, drawn));
}

/** Each probability from the one before: a sum of many needs the first alone worked by binomials. */
function hypergeometricSum<T>(w: Algebra<T>, p: Parameters<T>, from: number, to: number): T {
  const [population, marked, drawn] = [0, 1, 2].map((i) => wholeOf(w, itemAt(p, i))) as [number, number, number];
  if (Math.min(drawn, population - drawn) > LARGEST_SAMPLE || to - from > MOST_SUMMED)
    throw new Refusal({ code: 'too-large' });
  // Numerators over one denominator, so that no fraction is reduced on the way.
  let term = w.multiply(w.choose(w.of(marked), w.of(from)), w.choose(w.of(population - marked), w.of(drawn - from)));
  let sum = term;
  for (let k = from; k < to; k += 1) {
    const [up, down] = [(marked - k) * (drawn - k), (k + 1) * (population - marked - drawn + k + 1)];
    term = w.divide(w.multiply(term, w.of(up)), w.of(down));
    sum = w.add(sum, term);
  }
  return w.divide(sum, w.choose(w.of(population), w.of(drawn)));
}

const endsOfDraw = <T>(w: Algebra<T>, p: Parameters<T>): { low: T; high: T } => {
  const [population, marked, drawn] = [0, 1, 2].map((i) => wholeOf(w, itemAt(p, i))) as [number, number, number];
  return { low: w.of(Math.max(0, drawn + marked - population)), high: w.of(Math.min(drawn, marked)) };
};

/** How many marked ones are among those that are drawn without return. */
export const hypergeometric = defineCounted({
  id: 'hypergeometric',
  at: hypergeometricAt,
  below: (w, p, k) => hypergeometricSum(w, p, wholeOf(w, endsOfDraw(w, p).low), wholeOf(w, k)),
  above: (w, p, k) => hypergeometricSum(w, p, wholeOf(w, k) + 1, wholeOf(w, endsOfDraw(w, p).high)),
  mean: (w, p) => {
    const [population, marked, drawn] = [itemAt(p, 0), itemAt(p, 1), itemAt(p, 2)];
    return w.sign(population) === 0 ? w.of(0) : w.divide(w.multiply(drawn, marked), population);
  },
  variance: (w, p) => {
    const [population, marked, drawn] = [itemAt(p, 0), itemAt(p, 1), itemAt(p, 2)];
    const fewer = w.subtract(population, w.of(1));
    if (w.sign(fewer) <= 0) return w.of(0);
    const share = w.divide(marked, population);
    const left = w.divide(w.subtract(population, drawn), fewer);
    return w.multiply(w.multiply(w.multiply(drawn, share), w.subtract(w.of(1), share)), left);
  },
  modes: (w, p) => {
    const [population, marked, drawn] = [itemAt(p, 0), itemAt(p, 1), itemAt(p, 2)];
    const at = w.divide(w.multiply(w.add(drawn, w.of(1)), w.add(marked, w.of(1))), w.add(population, w.of(2)));
    const mode = w.floor(at);
    const { low, high } = endsOfDraw(w, p);
    const inside = [w.subtract(mode, w.of(1)), mode].filter(
      (k, i) =>
        w.sign(w.subtract(k, low)) >= 0 &&
        w.sign(w.subtract(high, k)) >= 0 &&
        (i === 1 || w.sign(w.subtract(mode, at)) === 0),
    );
    return inside.length === 0 ? [high] : inside;
  },
  ends: endsOfDraw,
});

/** How many whole numbers there are from the first to the last. */
const countOf = <T>(w: Algebra<T>, p: Parameters<T>): T => w.add(w.subtract(itemAt(p, 1), itemAt(p, 0)), w.of(1));

/** Each whole number from the first to the last as likely as the others. */
export const discreteUniform = defineCounted({
  id: 'discreteUniform',
  at: (w, p) => w.divide(w.of(1), countOf(w, p)),
  below: (w, p, k) => w.divide(w.add(w.subtract(k, itemAt(p, 0)), w.of(1)), countOf(w, p)),
  above: (w, p, k) => w.divide(w.subtract(itemAt(p, 1), k), countOf(w, p)),
  mean: (w, p) => w.divide(w.add(itemAt(p, 0), itemAt(p, 1)), w.of(2)),
  variance: (w, p) => {
    const n = countOf(w, p);
    return w.divide(w.subtract(w.multiply(n, n), w.of(1)), w.of(12));
  },
  modes: () => [],
  ends: (_w, p) => ({ low: itemAt(p, 0), high: itemAt(p, 1) }),
});
