import type { DistributionId } from '../function/chance/distributions';
import type { Algebra } from './algebra';

/** Parameters in the order in which they are told. */
export type Parameters<T> = readonly T[];

/** What every distribution tells of itself: null where it has none, or where it is not finite. */
type Described = Readonly<{
  mean: <T>(w: Algebra<T>, p: Parameters<T>) => T | null;
  variance: <T>(w: Algebra<T>, p: Parameters<T>) => T | null;
  /** The places where it is most dense or likely; none where there is no single one, or no two beside each other. */
  modes: <T>(w: Algebra<T>, p: Parameters<T>) => readonly T[];
  /** The ends of what can happen; null: no end. */
  ends: <T>(w: Algebra<T>, p: Parameters<T>) => Readonly<{ low: T | null; high: T | null }>;
}>;

/** A distribution of measurements. `density` to `above` are asked strictly between its ends, `inverse` for 0 < share < 1. */
export type Measured = Described &
  Readonly<{
    id: DistributionId;
    isOfCounts: false;
    /** At an end: the limit from inside; null where it grows without bound. */
    density: <T>(w: Algebra<T>, p: Parameters<T>, x: T) => T;
    atLow?: <T>(w: Algebra<T>, p: Parameters<T>) => T | null;
    atHigh?: <T>(w: Algebra<T>, p: Parameters<T>) => T | null;
    below: <T>(w: Algebra<T>, p: Parameters<T>, x: T) => T;
    above: <T>(w: Algebra<T>, p: Parameters<T>, x: T) => T;
    inverse: <T>(w: Algebra<T>, p: Parameters<T>, share: T, rest: T) => T;
  }>;

/** A distribution of counts. All are asked for whole numbers from its lowest to its highest; `below` counts k in, `above` does not. */
export type Counted = Described &
  Readonly<{
    id: DistributionId;
    isOfCounts: true;
    at: <T>(w: Algebra<T>, p: Parameters<T>, k: T) => T;
    below: <T>(w: Algebra<T>, p: Parameters<T>, k: T) => T;
    above: <T>(w: Algebra<T>, p: Parameters<T>, k: T) => T;
  }>;

export type Distribution = Measured | Counted;

export const defineMeasured = (of: Omit<Measured, 'isOfCounts'>): Measured => ({ ...of, isOfCounts: false });
export const defineCounted = (of: Omit<Counted, 'isOfCounts'>): Counted => ({ ...of, isOfCounts: true });
