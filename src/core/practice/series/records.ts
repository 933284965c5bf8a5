import type { Series } from '../exercise';
import { angles, exactTrig } from './angles';
import { averages, graph, linear, quadratic } from './equations';
import { conversions, fractions, order, percents, rounding } from './numbers';
import { cubes, logarithms, powers, powersOfTen, squares, surds } from './powers';

/** Every series, in the order in which they are listed. */
export const seriesRecords: readonly Series[] = [
  squares,
  cubes,
  powers,
  order,
  fractions,
  conversions,
  rounding,
  surds,
  powersOfTen,
  logarithms,
  angles,
  exactTrig,
  percents,
  linear,
  quadratic,
  graph,
  averages,
];
