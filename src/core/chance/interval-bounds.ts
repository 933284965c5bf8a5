import type { ChanceQuestion, DistributionId } from '../function/chance/distributions';
import { ANYTHING, NOWHERE, interval } from '../number/interval';
import type { Bounds } from '../number/interval';
import { doubleAlgebra } from './double-algebra';
import { chanceDouble, distributionOf } from './index';
import { attempt } from './refusal';

/** Doubles of shares err by less than this part of themselves, and of one. */
const ERROR = 1e-9;
const around = (low: number, high: number, is: Bounds['is']): Bounds => ({
  low: low - Math.abs(low) * ERROR,
  high: high + Math.abs(high) * ERROR,
  is,
});

/**
 * All that a distribution of fixed parameters answers over an interval. Shares rise or fall, places rise with the share,
 * and a density has its largest value at its one mode; where it has none, nothing is known.
 */
export function chanceBounds(
  id: DistributionId,
  question: ChanceQuestion,
  x: Bounds,
  parameters: readonly number[],
): Bounds {
  const d = distributionOf(id);
  if (x.is === 'nowhere') return NOWHERE;
  const at = (value: number): number => chanceDouble(id, question, [value], parameters);
  switch (question) {
    case 'below':
    case 'above': {
      const ends = [at(x.low), at(x.high)] as const;
      if (ends.some(Number.isNaN)) return ANYTHING;
      const is = d.isOfCounts && Math.floor(x.low) !== Math.floor(x.high) ? 'defined' : 'continuous';
      return around(Math.min(...ends), Math.max(...ends), x.is === 'continuous' ? is : x.is);
    }
    case 'inverse': {
      if (x.low < 0 || x.high > 1) return x.high < 0 || x.low > 1 ? NOWHERE : ANYTHING;
      const ends = [at(x.low), at(x.high)] as const;
      if (ends.some(Number.isNaN)) return ANYTHING;
      return around(...ends, d.isOfCounts ? 'defined' : x.is);
    }
    case 'at': {
      if (d.isOfCounts) return ANYTHING;
      const known = attempt(() => ({
        ...d.ends(doubleAlgebra, parameters),
        modes: d.modes(doubleAlgebra, parameters),
      }));
      if (!known.ok || known.value.modes.length !== 1) return ANYTHING;
      const { low, high, modes } = known.value;
      const holds = (end: number | null): boolean => end !== null && x.low <= end && end <= x.high;
      if (holds(low) || holds(high)) return ANYTHING;
      const inside = modes.filter((mode) => x.low <= mode && mode <= x.high);
      const values = [at(x.low), at(x.high), ...inside.map(at)];
      if (values.some(Number.isNaN)) return ANYTHING;
      return around(Math.min(...values), Math.max(...values), x.is);
    }
    case 'between':
      return interval(0, 1);
  }
}
